import type { QueryKey } from "@tanstack/react-query";
import { type RefObject, useEffect } from "react";
import type { Texts } from "../outbox/day";
import type { OfflineAction, Read } from "../outbox/offlineActions";
import { watchHere } from "../outbox/watchHere";
import { now } from "../parts/clock";
import { queries } from "../parts/queries";
import { ask, askHere } from "../parts/send";
import { say } from "../parts/words";
import type { AnswerData } from "../types";
import type { SetTroubles } from "./useAnswer";
import type { Looked } from "./useView";

export type { Texts };

interface Props {
	key: QueryKey;
	view: RefObject<Looked>;
	show: (next: AnswerData) => void;
	setPending: (texts: Texts) => void;
	setTroubles: SetTroubles;
	/** What is said of a reading while it waits. */
	said: string;
}

const texts = (typed: Read[] | null): Texts => Object.fromEntries((typed ?? []).map(({ name, text }) => [name, text]));

/** Of the answer, with what is given of these. */
export function addressOf(given: Looked | Texts): string {
	return `/answer?${new URLSearchParams(Object.entries(given).filter((one): one is [string, string] => !!one[1]))}`;
}

/** What was typed here with no signal and read anew elsewhere after that, told by name. */
function overtaken({ readings }: AnswerData, typed: Read[]): Record<string, string> {
	return Object.fromEntries(
		typed.flatMap(({ name, at }) => {
			const { readAt, shown } = readings[name] ?? {};
			return readAt && Date.parse(readAt) > Date.parse(at) + 1000
				? [[name, say("Changed elsewhere since you typed it: now {shown}.", { shown })]]
				: [];
		}),
	);
}

/** Keeps them here until they are sent; gives back under which ids they wait, null where they cannot be kept. */
export async function keepHere(texts: Texts): Promise<string[] | null> {
	return import("../outbox/day").then(({ keepTyped }) => keepTyped(texts)).catch(() => null);
}

export async function letGoHere(ids: string[]): Promise<void> {
	await import("../outbox/day").then(({ letGoTyped }) => letGoTyped(ids));
}

/** Readings that are kept on this device until there is a signal: shown as they were typed, and looked at anew once they were sent. */
export function useTypedHere({ key, view, show, setPending, setTroubles, said }: Props): void {
	useEffect(() => {
		const opened = now();
		let closed = false;
		let known: Read[] | null = null;
		// What waits beside readings: tied on, measured, retied.
		let others = 0;
		const arrived = async (typed: Read[]) => {
			const next = await ask<AnswerData>(addressOf(view.current)).catch(() => null);
			if (!next || closed) return;
			await queries.cancelQueries({ queryKey: key });
			setPending(texts(known));
			show(next);
			setTroubles((all) => ({
				...Object.fromEntries(Object.entries(all).filter(([, words]) => words !== said)),
				...overtaken(next, typed),
			}));
		};
		const lookHere = async () => {
			const next = await askHere<AnswerData>(addressOf(view.current)).catch(() => null);
			if (!next || closed) return;
			setPending({});
			show(next);
		};
		const hear = (waiting: OfflineAction[]) => {
			const typed = waiting.filter((one): one is Read => one.do === "read");
			const gone = known?.filter(({ name }) => !typed.some((one) => one.name === name)) ?? [];
			const isFirst = known === null;
			const more = waiting.length - typed.length - others;
			// What was typed before this page was opened is shown as it was typed.
			const before = isFirst ? typed.filter(({ at }) => Date.parse(at) < opened) : [];
			if (before.length > 0) setPending(texts(before));
			known = typed;
			others += more;
			// What the server says knows nothing of what was done here since.
			if (isFirst ? waiting.length > 0 : more > 0) void lookHere();
			else if (gone.length > 0 || more < 0) void arrived(gone);
		};
		const stop = watchHere(hear);
		return () => {
			closed = true;
			stop();
		};
	}, [key, view, show, setPending, setTroubles, said]);
}
