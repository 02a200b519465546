import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import * as clock from "../parts/clock";
import { keep, kept } from "../parts/kept";
import { troubleOf } from "../parts/queries";
import { newId, Refused, send } from "../parts/send";
import { useQueue, type Waiting } from "../parts/useQueue";
import { LAST, WAITING } from "../shell/offline";
import type { ColumnData, OutingData } from "../types";
import { withWaiting, words } from "./withWaiting";

export interface Entry {
	/** What the server calls it. */
	kind: string;
	came?: string | null;
	species?: string;
	length?: string;
	landed?: boolean;
	/** When it came, where that was before it was told. */
	at?: string;
}

export interface Answer {
	outing: OutingData;
	column: ColumnData;
}

export interface Logged extends Waiting {
	entry: Entry;
	at: string;
	/** What was on the rod then. */
	setup: string | null;
	/** Taken back while it was not known whether it had arrived. */
	undone?: boolean;
}

const lastOf = (outing: string) => `${LAST}${outing}`;

/** A page that is opened without a connection is as old as it was when it was last loaded; the last answer may be newer. */
function newer(page: Answer): Answer {
	const last = kept<Answer>(lastOf(page.outing.uuid));
	return last?.outing?.uuid === page.outing.uuid && last.outing.asOf > page.outing.asOf ? last : page;
}

/** Takes an event back; one that never arrived is as good as taken back. */
async function takeBack(uuid: string): Promise<Answer | null> {
	try {
		return await send<Answer>("DELETE", `/events/${uuid}`);
	} catch (error) {
		if (error instanceof Refused && error.status === 404) return null;
		throw error;
	}
}

export interface OutingLog {
	outing: OutingData;
	column: ColumnData;
	/** ms at which it was dropped here last; null before that */
	droppedAt: number | null;
	/** Logged here, not yet confirmed. */
	waiting: number;
	trouble: string | null;
	/** What the server did not take, in words, with its reason. */
	turned: { id: string; words: string; why: string }[];
	letGo: (id: string) => void;
	fields: Record<string, string>;
	log: (entry: Entry) => Promise<boolean>;
	undo: () => Promise<void>;
	/** Puts back what was taken back. */
	putBack: (uuid: string) => Promise<void>;
	/** Takes over what another part was answered. */
	settle: (answer: Answer) => void;
	again: () => void;
}

/** Logs on the water; tells other tabs; keeps what could not be sent and sends it again. */
export function useOuting(first: OutingData, firstColumn: ColumnData, onStale: () => void): OutingLog {
	const [state, setState] = useState<Answer>(() => newer({ outing: first, column: firstColumn }));
	useEffect(() => setState(newer({ outing: first, column: firstColumn })), [first, firstColumn]);
	const tellOthers = useOtherTabs(onStale);
	const settle = useCallback(
		(answer: Answer) => {
			setState(answer);
			keep(lastOf(answer.outing.uuid), answer);
			tellOthers();
		},
		[tellOthers],
	);
	const queue = useQueue<Logged, Answer>({
		name: `${WAITING}${first.uuid}`,
		sendOne: ({ id, entry, at, setup, undone }) =>
			undone ? takeBack(id) : send<Answer>("POST", `/outings/${first.uuid}/events`, { uuid: id, at, setup, ...entry }),
		onAnswer: settle,
		many: {
			fits: (one) => !one.undone,
			send: async (all) => {
				const taps = all.map(({ id, entry, at, setup }) => ({ uuid: id, at, setup, ...entry }));
				const { refused, ...answer } = await send<Answer & { refused: { id: string; why: string }[] }>(
					"POST",
					`/outings/${first.uuid}/taps`,
					{ taps },
				);
				return { answer, refused };
			},
		},
	});
	const { add, now, takeOut, change, settled, say, flush } = queue;
	const newest = useRef<string | undefined>(undefined);
	newest.current = state.outing.events[0]?.uuid;
	const { setup } = state.outing;
	const [droppedAt, setDroppedAt] = useState<number | null>(null);
	const log = useCallback(
		(entry: Entry) => {
			setDroppedAt(entry.kind === "drop" ? Date.now() : null);
			return add({ id: newId(), entry, at: entry.at ?? new Date(clock.now()).toISOString(), setup });
		},
		[add, setup],
	);

	/** Takes back the newest: one never sent is let go, one on its way is awaited first, so that nothing else goes with it. */
	const undo = useCallback(async () => {
		const last = now().at(-1);
		if (last) {
			if (takeOut(last.id)) return;
			await settled();
			if (now().some((one) => one.id === last.id)) {
				change({ ...last, undone: true });
				return;
			}
		}
		const uuid = last?.id ?? newest.current;
		if (!uuid) return;
		try {
			const answer = await takeBack(uuid);
			if (answer) settle(answer);
			say(null);
		} catch (error) {
			say(troubleOf(error, "No connection. Nothing was undone; try again."));
		}
	}, [change, now, say, settle, settled, takeOut]);

	const putBack = useCallback(
		async (uuid: string) => {
			try {
				settle(await send<Answer>("PUT", `/events/${uuid}/put-back`));
				say(null);
			} catch (error) {
				say(troubleOf(error, "No connection. Nothing was put back; try again."));
			}
		},
		[say, settle],
	);

	return {
		column: state.column,
		outing: useMemo(() => withWaiting(state.outing, queue.waiting), [state.outing, queue.waiting]),
		droppedAt,
		waiting: queue.waiting.length,
		trouble: queue.trouble,
		turned: queue.turned.map(({ item, why }) => ({ id: item.id, words: words(state.outing, item.entry), why })),
		letGo: queue.letGo,
		fields: queue.fields,
		log,
		undo,
		putBack,
		settle,
		again: () => void flush(),
	};
}

/** Looks again when another tab has logged, or when this one is seen again; gives back how to tell the others. */
function useOtherTabs(onStale: () => void): () => void {
	const channel = useRef<BroadcastChannel | null>(null);
	const stale = useRef(onStale);
	stale.current = onStale;
	useEffect(() => {
		const open = new BroadcastChannel("outing");
		channel.current = open;
		open.onmessage = () => stale.current();
		const back = () => document.visibilityState === "visible" && stale.current();
		document.addEventListener("visibilitychange", back);
		return () => {
			open.close();
			document.removeEventListener("visibilitychange", back);
		};
	}, []);
	return useCallback(() => channel.current?.postMessage("changed"), []);
}
