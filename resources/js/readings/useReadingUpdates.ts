import type { QueryKey } from "@tanstack/react-query";
import { type RefObject, useCallback, useRef, useState } from "react";
import { queries, troubleOf } from "../parts/queries";
import { Refused, send } from "../parts/send";
import type { AnswerData } from "../types";
import type { SetTroubles } from "./useAnswer";
import type { Looked } from "./useView";

type Texts = Record<string, string | null>;

export interface Changes {
	/** What was changed and is not answered yet, by name; null takes a reading away. */
	pending: Texts;
	change: (name: string, text: string | null) => void;
	changeMany: (texts: Texts) => void;
}

interface Props {
	key: QueryKey;
	view: RefObject<Looked>;
	setTroubles: SetTroubles;
	show: (next: AnswerData) => void;
	/** Calls off a look that is on its way: it knows nothing of a change. */
	callOff: () => void;
	resend: RefObject<() => Promise<void> | null>;
}

/** Readings changed: each change is sent at once with everything not yet answered, and calls off the one before it. */
export function useReadingUpdates({
	key,
	view,
	setTroubles,
	show,
	callOff,
	resend,
}: Props): Changes & { letGo: () => void } {
	const [pending, setPending] = useState<Texts>({});
	const unsaved = useRef<Texts>({});
	const running = useRef<AbortController | null>(null);
	const changeMany = useCallback(
		async (texts: Texts) => {
			const shown = queries.getQueryData<AnswerData>(key);
			const linked = Object.values(shown?.readings ?? {}).filter((reading) => reading.source === "link");
			const adopted = Object.fromEntries(linked.map((reading) => [reading.name, reading.text]));
			unsaved.current = { ...adopted, ...unsaved.current, ...texts };
			setPending(unsaved.current);
			setTroubles((all) => Object.fromEntries(Object.entries(all).filter(([name]) => !(name in texts))));
			running.current?.abort();
			running.current = new AbortController();
			const { signal } = running.current;
			callOff();
			void queries.cancelQueries({ queryKey: key });
			const body = { readings: unsaved.current, ...view.current };
			const told = await send<AnswerData>("PUT", "/readings", body, signal).catch((error: unknown) => ({ error }));
			if (signal.aborted) return;
			if (!("error" in told)) {
				unsaved.current = {};
				setPending({});
				show(told);
			} else if (told.error instanceof Refused && told.error.status === 422) {
				// What was refused is let go; what came with it is sent again without it.
				const { fields } = told.error;
				const left = Object.entries(unsaved.current).filter(([name]) => !(name in fields) && !(name in texts));
				unsaved.current = {};
				setPending({});
				setTroubles((all) => ({ ...all, ...fields }));
				if (left.length > 0) void changeMany(Object.fromEntries(left));
			} else {
				const words = troubleOf(told.error, "No connection: not kept yet. It is sent with your next change.");
				setTroubles((all) => ({ ...all, ...Object.fromEntries(Object.keys(texts).map((name) => [name, words])) }));
			}
		},
		[key, view, setTroubles, show, callOff],
	);
	resend.current = () => (Object.keys(unsaved.current).length > 0 ? changeMany({}) : null);
	const change = useCallback((name: string, text: string | null) => void changeMany({ [name]: text }), [changeMany]);
	const letGo = useCallback(() => setPending({}), []);
	return { pending, change, changeMany, letGo };
}
