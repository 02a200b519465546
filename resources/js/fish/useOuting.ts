import { useCallback, useEffect, useRef, useState } from "react";
import { keep as keepHere, kept } from "../parts/kept";
import { newId, Refused, send } from "../parts/send";
import type { ColumnData, OutingData } from "../types";

export interface Entry {
	/** What the server calls it. */
	kind: string;
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
	/** Taken back while it was not known whether it had arrived. */
	undone?: boolean;
}

/** What an earlier page could not send; nothing when that cannot be read. */
function left(key: string): Waiting[] {
	const waiting = kept<Waiting[]>(key);
	return Array.isArray(waiting) ? waiting : [];
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
	const [waiting, setWaiting] = useState<Waiting[]>(() => left(key));
	const [trouble, setTrouble] = useState<string | null>(null);
	const [fields, setFields] = useState<Record<string, string>>({});
	const queue = useRef(waiting);
	const sending = useRef<Promise<boolean>>(Promise.resolve(true));
	const onItsWay = useRef<string | null>(null);
	const latest = useRef<string | undefined>(undefined);
	latest.current = state.outing.events[0]?.uuid;
	const channel = useRef<BroadcastChannel | null>(null);
	const stale = useRef(onStale);
	stale.current = onStale;

	useEffect(() => setState({ outing: first, column: firstColumn }), [first, firstColumn]);

	const keep = useCallback(
		(next: Waiting[]) => {
			queue.current = next;
			setWaiting(next);
			if (!keepHere(key, next)) setTrouble("This phone has no room left: keep this page open until all is sent.");
		},
		[key],
	);

	const settle = useCallback((answer: Answer) => {
		setState(answer);
		channel.current?.postMessage("changed");
	}, []);

	/** Takes one out by its id: what stands first may be another by the time an answer comes. */
	const drop = useCallback((id: string) => keep(queue.current.filter((one) => one.id !== id)), [keep]);

	const flush = useCallback((): Promise<boolean> => {
		sending.current = sending.current.then(async () => {
			while (queue.current[0]) {
				const { id, entry, at, undone } = queue.current[0];
				onItsWay.current = id;
				try {
					const answer = undone
						? await takeBack(id)
						: await send<Answer>("POST", `/outings/${first.uuid}/events`, { uuid: id, at, ...entry });
					drop(id);
					setTrouble(null);
					setFields({});
					if (answer) settle(answer);
				} catch (error) {
					if (error instanceof Refused && error.status === 422) {
						drop(id);
						setFields(error.fields);
						setTrouble(error.message);
						return false;
					}
					setTrouble(
						error instanceof Refused ? error.message : "No connection. It is kept on this phone and sent again.",
					);
					return false;
				} finally {
					onItsWay.current = null;
				}
			}
			return true;
		});
		return sending.current;
	}, [first.uuid, drop, settle]);

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

	/** Takes back the newest: one never sent is let go, one on its way is awaited first, so that nothing else goes with it. */
	const undo = useCallback(async () => {
		let uuid = latest.current;
		const last = queue.current.at(-1);
		if (last && last.id !== onItsWay.current) {
			drop(last.id);
			return;
		}
		if (last) {
			await sending.current;
			if (queue.current.some((one) => one.id === last.id)) {
				keep(queue.current.map((one) => (one.id === last.id ? { ...one, undone: true } : one)));
				return;
			}
			uuid = last.id;
		}
		if (!uuid) return;
		try {
			const answer = await takeBack(uuid);
			if (answer) settle(answer);
			setTrouble(null);
		} catch (error) {
			setTrouble(error instanceof Refused ? error.message : "No connection. Nothing was undone; try again.");
		}
	}, [drop, keep, settle]);

	return { ...state, waiting: waiting.length, trouble, fields, log, undo, again: () => void flush() };
}
