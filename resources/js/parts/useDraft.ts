import { usePage } from "@inertiajs/react";
import { useCallback, useEffect, useState } from "react";
import { keep, kept } from "./kept";

const PREFIX = "draft ";

/** ms for which what was half typed is of use. */
const OF_USE = 86_400_000;

interface Draft<T> {
	at: number;
	value: T;
}

/** Under which this browser keeps what an angler has half typed. */
const keyOf = (angler: unknown, name: string) => `${PREFIX}${String(angler)} ${name}`;

function found<T>(key: string): T | null {
	const draft = kept<Draft<T>>(key);
	return draft && typeof draft.at === "number" && Date.now() - draft.at < OF_USE ? draft.value : null;
}

/**
 * What is being filled in: kept by this browser as it is typed, so that it is there again after the page was loaded anew,
 * the phone slept, or one had to sign in. Only the angler who typed it finds it.
 *
 * @param name of the form and what it is about
 * @returns the fields, how to change some, and how to let go of them once they are kept elsewhere
 */
export function useDraft<T extends object>(name: string, fresh: T): [T, (changes: Partial<T>) => void, () => void] {
	const key = keyOf(usePage().props.anglerId, name);
	const [value, setValue] = useState<T>(() => ({ ...fresh, ...found<T>(key) }));
	const change = useCallback(
		(changes: Partial<T>) =>
			setValue((before) => {
				const after = { ...before, ...changes };
				keep(key, { at: Date.now(), value: after } satisfies Draft<T>);
				return after;
			}),
		[key],
	);
	const letGo = useCallback(() => localStorage.removeItem(key), [key]);
	return [value, change, letGo];
}

/** Whether something is half typed under a name; looked at once. */
export function useHasDraft(name: string): boolean {
	const key = keyOf(usePage().props.anglerId, name);
	const [has, setHas] = useState(false);
	useEffect(() => setHas(found(key) !== null), [key]);
	return has;
}
