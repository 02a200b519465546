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
	/** Sends several at once, where each can be. */
	many?: {
		fits: (item: Item) => boolean;
		send: (items: Item[]) => Promise<{ answer: Answer; refused: { id: string; why: string }[] }>;
	};
}

/** What was refused after it had waited: kept until it is let go. */
export interface Turned<Item extends Waiting> {
	item: Item;
	why: string;
}

export interface Queue<Item extends Waiting> {
	waiting: Item[];
	trouble: string | null;
	/** What the server did not take after it had waited, with its reason; it never holds up the rest. */
	turned: Turned<Item>[];
	letGo: (id: string) => void;
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

/** Sent at once. */
const MANY = 100;

/** ms between two tries to send what waits. */
const AGAIN = 15_000;

/** What must not be lost: kept in this browser first, sent from there in order, and tried again until it has arrived or is refused. */
export function useQueue<Item extends Waiting, Answer>({
	name,
	sendOne,
	onAnswer,
	many,
}: Options<Item, Answer>): Queue<Item> {
	const [waiting, setWaiting] = useState<Item[]>(() => left<Item>(name));
	const [trouble, setTrouble] = useState<string | null>(null);
	const [fields, setFields] = useState<Record<string, string>>({});
	const queue = useRef(waiting);
	const sending = useRef<Promise<boolean>>(Promise.resolve(true));
	const onItsWay = useRef<ReadonlySet<string>>(new Set());
	/** Added just now, by somebody who looks at what becomes of it. */
	const fresh = useRef<string | null>(null);
	const latest = useRef({ sendOne, onAnswer, many });
	latest.current = { sendOne, onAnswer, many };
	const { turned, turn, letGo } = useTurned<Item>(name);
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
			onItsWay.current = new Set([item.id]);
			try {
				const answer = await latest.current.sendOne(item);
				drop(item.id);
				setTrouble(null);
				setFields({});
				if (answer) latest.current.onAnswer(answer);
				return true;
			} catch (error) {
				const known = error instanceof Refused && [404, 422].includes(error.status);
				if (known) drop(item.id);
				if (known && item.id !== fresh.current) {
					turn([{ item, why: error.message }]);
					return true;
				}
				if (error instanceof Refused && error.status === 422) setFields(error.fields);
				setTrouble(troubleOf(error, "No connection. It is kept on this phone and sent again."));
				return false;
			} finally {
				onItsWay.current = new Set();
			}
		},
		[drop, turn],
	);
	const sendMany = useCallback(
		async (items: Item[]): Promise<boolean> => {
			onItsWay.current = new Set(items.map((one) => one.id));
			try {
				const told = await latest.current.many?.send(items);
				const refused = new Map(told?.refused.map((one) => [one.id, one.why]));
				set(queue.current.filter((one) => !onItsWay.current.has(one.id)));
				turn(items.filter((one) => refused.has(one.id)).map((item) => ({ item, why: refused.get(item.id) ?? "" })));
				setTrouble(null);
				if (told) latest.current.onAnswer(told.answer);
				return true;
			} catch (error) {
				setTrouble(troubleOf(error, "No connection. It is kept on this phone and sent again."));
				return false;
			} finally {
				onItsWay.current = new Set();
			}
		},
		[set, turn],
	);
	const flush = useCallback((): Promise<boolean> => {
		sending.current = sending.current.then(async () => {
			for (let first = queue.current[0]; first; first = queue.current[0]) {
				const { many: several } = latest.current;
				// What is just being looked at goes by itself, so that its refusal is told where it was made.
				const together = atOnce(queue.current, several && ((one) => one.id !== fresh.current && several.fits(one)));
				if (!(await (together.length > 1 ? sendMany(together) : sendFirst(first)))) return false;
			}
			return true;
		});
		return sending.current;
	}, [sendFirst, sendMany]);
	useTries(queue, flush);
	const add = useCallback(
		(item: Item) => {
			fresh.current = item.id;
			set([...queue.current, item]);
			return flush();
		},
		[flush, set],
	);
	const takeOut = useCallback(
		(id: string) => {
			if (onItsWay.current.has(id) || !queue.current.some((one) => one.id === id)) return false;
			drop(id);
			return true;
		},
		[drop],
	);
	const change = useCallback((item: Item) => set(queue.current.map((one) => (one.id === item.id ? item : one))), [set]);
	const settled = useCallback(() => sending.current, []);
	const now = useCallback(() => queue.current, []);
	return { waiting, trouble, turned, letGo, fields, add, now, takeOut, change, settled, flush, say: setTrouble };
}

/** Those at the head of the queue that go together. */
function atOnce<Item>(waiting: Item[], fits: ((item: Item) => boolean) | undefined): Item[] {
	if (!fits) return [];
	const other = waiting.findIndex((one) => !fits(one));
	return waiting.slice(0, other === -1 ? MANY : Math.min(other, MANY));
}

/** What was not taken, kept in this browser until it is let go. */
function useTurned<Item extends Waiting>(name: string) {
	const key = `not taken ${name}`;
	const [turned, setTurned] = useState<Turned<Item>[]>(() => left<Turned<Item>>(key));
	const all = useRef(turned);
	const put = useCallback(
		(next: Turned<Item>[]) => {
			all.current = next;
			setTurned(next);
			keepHere(key, next);
		},
		[key],
	);
	const turn = useCallback((more: Turned<Item>[]) => more.length > 0 && put([...all.current, ...more]), [put]);
	const letGo = useCallback((id: string) => put(all.current.filter(({ item }) => item.id !== id)), [put]);
	return { turned, turn, letGo };
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
