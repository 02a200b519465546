import { useCallback, useEffect, useRef, useState } from "react";
import { newId, Refused, send } from "../parts/send";
import type { ColumnData, OutingData } from "../types";

export interface Entry {
	kind: "drop" | "touch" | "fish" | "foul" | "snag";
	came?: string | null;
	species?: string;
	length?: string;
	landed?: boolean;
}

interface Answer {
	outing: OutingData;
	column: ColumnData;
}

/** Everything sent carries its own id, so that a repeat after a lost answer changes nothing. */
interface Waiting {
	id: string;
	entry: Entry;
	at: string;
}

export interface OutingLog {
	outing: OutingData;
	column: ColumnData;
	/** Logged here, not yet confirmed. */
	waiting: number;
	trouble: string | null;
	fields: Record<string, string>;
	log: (entry: Entry) => Promise<boolean>;
	undo: () => Promise<void>;
	again: () => void;
}

/** Logs on the water; tells other tabs; keeps what could not be sent and sends it again. */
export function useOuting(first: OutingData, firstColumn: ColumnData, onStale: () => void): OutingLog {
	const key = `not sent ${first.uuid}`;
	const [state, setState] = useState<Answer>({ outing: first, column: firstColumn });
	const [waiting, setWaiting] = useState<Waiting[]>(() => JSON.parse(localStorage.getItem(key) ?? "[]"));
	const [trouble, setTrouble] = useState<string | null>(null);
	const [fields, setFields] = useState<Record<string, string>>({});
	const queue = useRef(waiting);
	const sending = useRef<Promise<boolean>>(Promise.resolve(true));
	const channel = useRef<BroadcastChannel | null>(null);
	const stale = useRef(onStale);
	stale.current = onStale;

	useEffect(() => setState({ outing: first, column: firstColumn }), [first, firstColumn]);

	const keep = useCallback(
		(next: Waiting[]) => {
			queue.current = next;
			setWaiting(next);
			localStorage.setItem(key, JSON.stringify(next));
		},
		[key],
	);

	const settle = useCallback((answer: Answer) => {
		setState(answer);
		channel.current?.postMessage("changed");
	}, []);

	const flush = useCallback((): Promise<boolean> => {
		sending.current = sending.current.then(async () => {
			while (queue.current[0]) {
				const { id, entry, at } = queue.current[0];
				try {
					const answer = await send<Answer>("POST", `/outings/${first.uuid}/events`, { uuid: id, at, ...entry });
					keep(queue.current.slice(1));
					setTrouble(null);
					setFields({});
					settle(answer);
				} catch (error) {
					if (error instanceof Refused && error.status === 422) {
						keep(queue.current.slice(1));
						setFields(error.fields);
						setTrouble(error.message);
						return false;
					}
					setTrouble(
						error instanceof Refused ? error.message : "No connection. It is kept on this phone and sent again.",
					);
					return false;
				}
			}
			return true;
		});
		return sending.current;
	}, [first.uuid, keep, settle]);

	useEffect(() => {
		const open = new BroadcastChannel("outing");
		channel.current = open;
		open.onmessage = () => stale.current();
		const back = () => document.visibilityState === "visible" && stale.current();
		const online = () => void flush();
		document.addEventListener("visibilitychange", back);
		window.addEventListener("online", online);
		const timer = window.setInterval(() => queue.current.length > 0 && void flush(), 15_000);
		if (queue.current.length > 0) void flush();
		return () => {
			open.close();
			document.removeEventListener("visibilitychange", back);
			window.removeEventListener("online", online);
			window.clearInterval(timer);
		};
	}, [flush]);

	const log = useCallback(
		(entry: Entry) => {
			keep([...queue.current, { id: newId(), entry, at: new Date().toISOString() }]);
			return flush();
		},
		[flush, keep],
	);

	const undo = useCallback(async () => {
		const last = queue.current.at(-1);
		if (last) {
			keep(queue.current.slice(0, -1));
			return;
		}
		const event = state.outing.events[0];
		if (!event) return;
		try {
			settle(await send<Answer>("DELETE", `/events/${event.uuid}`));
			setTrouble(null);
		} catch (error) {
			setTrouble(error instanceof Refused ? error.message : "No connection. Nothing was undone; try again.");
		}
	}, [keep, settle, state.outing.events]);

	return { ...state, waiting: waiting.length, trouble, fields, log, undo, again: () => void flush() };
}
