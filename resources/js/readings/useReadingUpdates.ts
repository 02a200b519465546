import type { QueryKey } from "@tanstack/react-query";
import { type RefObject, useCallback, useEffect, useRef, useState } from "react";
import { now } from "../parts/clock";
import { queries, troubleOf } from "../parts/queries";
import { askHere, POOR, Refused, send } from "../parts/send";
import type { AnswerData } from "../types";
import type { SetTroubles } from "./useAnswer";
import { addressOf, keepHere, letGoHere, type Texts, useTypedHere } from "./useTypedHere";
import type { Looked } from "./useView";

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

const KEPT = "No signal: kept here, and sent when there is one.";

/**
 * The answer as this device works it out with what it holds; null where it cannot. Throws Refused.
 *
 * @param tried readings that may be none: they are looked at first
 */
async function onThisDevice({ pick, family }: Looked, tried: Texts): Promise<AnswerData | null> {
	return (await askHere<AnswerData>(addressOf(tried))) && askHere<AnswerData>(addressOf({ pick, family }));
}

/** Those that are not these, or were typed anew since. */
function without(texts: Texts, these: Texts): Texts {
	return Object.fromEntries(Object.entries(texts).filter(([name, text]) => these[name] !== text));
}

function isAnswer(told: unknown): told is AnswerData {
	return typeof told === "object" && told !== null && "readings" in told;
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
	useTypedHere({ key, view, show, setPending, setTroubles, said: KEPT });
	const running = useRef<AbortController | null>(null);
	const meanwhile = useRef(0);
	useEffect(() => () => window.clearTimeout(meanwhile.current), []);
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
			// On a poor line what follows from it is shown before the server says it.
			window.clearTimeout(meanwhile.current);
			meanwhile.current = window.setTimeout(() => void showMeanwhile(body.readings), POOR);
			const showMeanwhile = async (readings: Texts) => {
				const at = new Date(now()).toISOString();
				const reads = Object.entries(readings).map(([name, text]) => ({ do: "read", name, text, at }));
				const here = await askHere<AnswerData>(addressOf(view.current), reads).catch(() => null);
				if (here && !answered && !signal.aborted) show(here);
			};
			let answered = false;
			const told = await send<AnswerData>("PUT", "/readings", body, signal).catch((error: unknown) => ({ error }));
			answered = true;
			if (signal.aborted) return;
			window.clearTimeout(meanwhile.current);
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
				const sent = body.readings;
				const ids = told.error instanceof Refused ? null : await keepHere(sent);
				const isKept = ids !== null;
				// It is the device's to send from now on.
				if (isKept) unsaved.current = without(unsaved.current, sent);
				const here = isKept ? await onThisDevice(view.current, sent).catch((error: unknown) => error) : null;
				const fields = here instanceof Refused ? here.fields : {};
				// This device knows already that it cannot be sent.
				if (isKept && here instanceof Refused) await letGoHere(ids);
				if (signal.aborted) return;
				if (isAnswer(here)) show(here);
				if (here) setPending({});
				const words = troubleOf(
					told.error,
					isKept ? KEPT : "No connection: not kept yet. It is sent with your next change.",
				);
				const said = Object.fromEntries(Object.keys(texts).map((name) => [name, fields[name] ?? words]));
				setTroubles((all) => ({ ...all, ...said }));
			}
		},
		[key, view, setTroubles, show, callOff],
	);
	resend.current = () => (Object.keys(unsaved.current).length > 0 ? changeMany({}) : null);
	const change = useCallback((name: string, text: string | null) => void changeMany({ [name]: text }), [changeMany]);
	const letGo = useCallback(() => setPending({}), []);
	return { pending, change, changeMany, letGo };
}
