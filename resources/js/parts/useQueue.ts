import { useCallback, useEffect, useRef, useState } from "react";
import { keep as keepHere, kept } from "./kept";
import { troubleOf } from "./queries";
import { Refused } from "./send";

/** What waits to be sent: it carries its own id, so that a repeat after a lost answer changes nothing. */
export interface Waiting {
	id: string;
}

interface Options<Item extends Waiting, Answer> {
	/** Under which it is kept in this browser. */
	name: string;
	/** Sends one; null when it is as good as arrived and there is nothing to tell. */
	sendOne: (item: Item) => Promise<Answer | null>;
	onAnswer: (answer: Answer) => void;
}

export interface Queue<Item extends Waiting> {
	waiting: Item[];
	trouble: string | null;
	/** What the server refused of the last, by field. */
	fields: Record<string, string>;
	/** Keeps one and sends all; false when the last was refused or could not be sent. */
	add: (item: Item) => Promise<boolean>;
	/** All that wait at this moment, also before it is drawn. */
	now: () => Item[];
	/** Takes one out that is not on its way; false when it is, or has arrived. */
	takeOut: (id: string) => boolean;
	change: (item: Item) => void;
	/** Once nothing is on its way. */
	settled: () => Promise<unknown>;
	flush: () => Promise<boolean>;
	say: (trouble: string | null) => void;
}

/** ms between two tries to send what waits. */
const AGAIN = 15_000;

/** What must not be lost: kept in this browser first, sent from there in order, and tried again until it has arrived or is refused. */
export function useQueue<Item extends Waiting, Answer>({
	name,
	sendOne,
	onAnswer,
}: Options<Item, Answer>): Queue<Item> {
	const [waiting, setWaiting] = useState<Item[]>(() => left<Item>(name));
	const [trouble, setTrouble] = useState<string | null>(null);
	const [fields, setFields] = useState<Record<string, string>>({});
	const queue = useRef(waiting);
	const sending = useRef<Promise<boolean>>(Promise.resolve(true));
	const onItsWay = useRef<string | null>(null);
	const latest = useRef({ sendOne, onAnswer });
	latest.current = { sendOne, onAnswer };
	const set = useCallback(
		(next: Item[]) => {
			queue.current = next;
			setWaiting(next);
			if (!keepHere(name, next)) setTrouble("This phone has no room left: keep this page open until all is sent.");
		},
		[name],
	);
	/** By its id: what stands first may be another by the time an answer comes. */
	const drop = useCallback((id: string) => set(queue.current.filter((one) => one.id !== id)), [set]);
	const sendFirst = useCallback(
		async (item: Item): Promise<boolean> => {
			onItsWay.current = item.id;
			try {
				const answer = await latest.current.sendOne(item);
				drop(item.id);
				setTrouble(null);
				setFields({});
				if (answer) latest.current.onAnswer(answer);
				return true;
			} catch (error) {
				if (error instanceof Refused && error.status === 422) {
					drop(item.id);
					setFields(error.fields);
				}
				setTrouble(troubleOf(error, "No connection. It is kept on this phone and sent again."));
				return false;
			} finally {
				onItsWay.current = null;
			}
		},
		[drop],
	);
	const flush = useCallback((): Promise<boolean> => {
		sending.current = sending.current.then(async () => {
			while (queue.current[0]) if (!(await sendFirst(queue.current[0]))) return false;
			return true;
		});
		return sending.current;
	}, [sendFirst]);
	useTries(queue, flush);
	const add = useCallback(
		(item: Item) => {
			set([...queue.current, item]);
			return flush();
		},
		[flush, set],
	);
	const takeOut = useCallback(
		(id: string) => {
			if (onItsWay.current === id || !queue.current.some((one) => one.id === id)) return false;
			drop(id);
			return true;
		},
		[drop],
	);
	const change = useCallback((item: Item) => set(queue.current.map((one) => (one.id === item.id ? item : one))), [set]);
	const settled = useCallback(() => sending.current, []);
	const now = useCallback(() => queue.current, []);
	return { waiting, trouble, fields, add, now, takeOut, change, settled, flush, say: setTrouble };
}

/** Sends what waits at once, when a connection comes back, and now and then. */
function useTries(queue: { current: Waiting[] }, flush: () => Promise<boolean>): void {
	useEffect(() => {
		const online = () => void flush();
		window.addEventListener("online", online);
		const timer = window.setInterval(() => queue.current.length > 0 && void flush(), AGAIN);
		if (queue.current.length > 0) void flush();
		return () => {
			window.removeEventListener("online", online);
			window.clearInterval(timer);
		};
	}, [queue, flush]);
}

/** What an earlier page could not send; nothing when that cannot be read. */
function left<Item>(name: string): Item[] {
	const waiting = kept<Item[]>(name);
	return Array.isArray(waiting) ? waiting : [];
}
