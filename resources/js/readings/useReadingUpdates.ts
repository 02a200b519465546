import type { QueryKey } from "@tanstack/react-query";
import { type RefObject, useCallback, useEffect, useRef, useState } from "react";
import { queries, troubleOf } from "../parts/queries";
import { askHere, Refused, send } from "../parts/send";
import { keepUnsent, letGoUnsent, type Texts, unsentReadings, unsentSince } from "../parts/unsent";
import type { AnswerData } from "../types";
import type { SetTroubles } from "./useAnswer";
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

const KEPT = "No signal: kept on this phone, and sent when there is one.";

/** The answer as this device works it out with what it holds; null where it cannot. Throws Refused. */
async function onThisDevice({ pick, family }: Looked): Promise<AnswerData | null> {
	const asked = new URLSearchParams(
		Object.entries({ pick, family }).filter((one): one is [string, string] => !!one[1]),
	);
	return askHere<AnswerData>(`/answer?${asked}`);
}

function isAnswer(told: unknown): told is AnswerData {
	return typeof told === "object" && told !== null && "readings" in told;
}

function without(texts: Texts, names: Record<string, unknown>): Texts {
	return Object.fromEntries(Object.entries(texts).filter(([name]) => !(name in names)));
}

/** What was typed here with no signal and read anew elsewhere after that, told by name. */
function overtaken({ readings }: AnswerData, since: Record<string, string>): Record<string, string> {
	return Object.fromEntries(
		Object.entries(since).flatMap(([name, typed]) => {
			const { readAt, shown } = readings[name] ?? {};
			return readAt && Date.parse(readAt) > Date.parse(typed) + 1000
				? [[name, `Read elsewhere since you typed it here: ${shown} stands.`]]
				: [];
		}),
	);
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
	const unsaved = useRef<Texts>(unsentReadings());
	/** What of it this device keeps; what is no longer there was sent by another tab. */
	const held = useRef<Texts>(unsaved.current);
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
			const since = unsentSince();
			const body = {
				readings: unsaved.current,
				...view.current,
				...(Object.keys(since).length > 0 && { typed: since }),
			};
			const told = await send<AnswerData>("PUT", "/readings", body, signal).catch((error: unknown) => ({ error }));
			if (signal.aborted) return;
			if (!("error" in told)) {
				unsaved.current = {};
				held.current = {};
				letGoUnsent(Object.keys(body.readings));
				setPending({});
				setTroubles((all) => ({
					...Object.fromEntries(Object.entries(all).filter(([, words]) => words !== KEPT)),
					...overtaken(told, since),
				}));
				show(told);
			} else if (told.error instanceof Refused && told.error.status === 422) {
				// What was refused is let go; what came with it is sent again without it.
				const { fields } = told.error;
				const left = Object.entries(unsaved.current).filter(([name]) => !(name in fields) && !(name in texts));
				unsaved.current = {};
				letGoUnsent([...Object.keys(fields), ...Object.keys(texts)]);
				setPending({});
				setTroubles((all) => ({ ...all, ...fields }));
				if (left.length > 0) void changeMany(Object.fromEntries(left));
			} else {
				const isKept = !(told.error instanceof Refused) && keepUnsent(unsaved.current);
				if (isKept) held.current = { ...held.current, ...unsaved.current };
				const here = isKept ? await onThisDevice(view.current).catch((error: unknown) => error) : null;
				if (signal.aborted) return;
				const fields = here instanceof Refused ? here.fields : {};
				if (Object.keys(fields).some((name) => name in texts)) {
					// This device knows already that it cannot be sent.
					unsaved.current = without(unsaved.current, fields);
					letGoUnsent(Object.keys(fields));
				}
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
	// What was typed with no signal is sent as soon as there is one.
	useEffect(() => {
		const again = () => {
			const left = unsentReadings();
			unsaved.current = without(unsaved.current, without(held.current, left));
			void resend.current();
		};
		again();
		window.addEventListener("online", again);
		return () => window.removeEventListener("online", again);
	}, [resend]);
	resend.current = () => (Object.keys(unsaved.current).length > 0 ? changeMany({}) : null);
	const change = useCallback((name: string, text: string | null) => void changeMany({ [name]: text }), [changeMany]);
	const letGo = useCallback(() => setPending({}), []);
	return { pending, change, changeMany, letGo };
}
