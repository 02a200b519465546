import { usePage } from "@inertiajs/react";
import { startTransition, useCallback, useEffect, useMemo, useRef, useState } from "react";
import { EVENT_KIND } from "../kinds";
import { keepSaid, said } from "../outbox/device";
import type { Entry, Moved, OfflineAction, Ticked } from "../outbox/offlineActions";
import { useOutbox } from "../outbox/useOutbox";
import type { Answered, Why } from "../outbox/wire";
import * as clock from "../parts/clock";
import { plainTexts } from "../parts/plainText";
import { newId } from "../parts/send";
import type { ColumnData, OutingData, SharedProps, TyingData } from "../types";
import { isKind } from "./tally";
import { usePicks } from "./usePicks";
import { withWaiting, words } from "./withWaiting";

export interface Answer {
	outing: OutingData;
	column: ColumnData;
}

export interface Tying extends TyingData {
	words: string;
	way: string;
}

/** Where one moves to: a spot that is known, or a new one by its name. */
export type Destination = Pick<Moved, "spot" | "name" | "water" | "words" | "depth">;

export interface OutingLog {
	outing: OutingData;
	column: ColumnData;
	/** ms at which it was dropped here last; null before that */
	droppedAt: number | null;
	/** Done here, not yet confirmed; null until the device has said. */
	waiting: number | null;
	/** Why nothing arrives. */
	trouble: Why | null;
	/** How much of it this device had no room for. */
	unkept: number;
	log: (entry: Entry) => void;
	/** Something of before, on a rod: with what was on it then. */
	addAt: (entry: Entry & { at: string }, rod: string | null) => void;
	/** Takes back the newest. */
	undo: () => void;
	takeBack: (event: string) => void;
	putBack: (event: string) => void;
	amend: (event: string, changes: Record<string, unknown>) => void;
	/** On the rod in hand, or on another. */
	tieOn: (tying: Tying, rod?: string) => void;
	/** Puts a still rod out with other bait. */
	putOut: (rod: string) => void;
	takeInHand: (rod: string) => void;
	rest: (why: string, rod?: string | null) => void;
	goOn: () => void;
	/** Ticks a cast or drift of a plan off, or not. */
	tick: (plan: string, number: number, made: boolean) => void;
	/** What was ticked here and has not arrived, in order. */
	ticks: Ticked[];
	end: () => void;
	/** Goes on at another spot, with what is on the rods. */
	move: (to: Destination) => void;
	/** The leader of the rod in hand was tied anew. */
	retie: () => void;
	/** Marks the place where the boat is. */
	mark: (kind: string, word: string) => void;
	/** Takes over what another part was answered. */
	settle: (answer: Answer) => void;
}

/** Logs on the water: all of it is kept on the device first, and what is shown is the server's last word with that applied. */
export function useOuting(first: OutingData, firstColumn: ColumnData, onStale: () => void): OutingLog {
	const angler = usePage<{ props: SharedProps } & Record<string, unknown>>().props.anglerId as number;
	const { state, settle } = useServerState(angler, first, firstColumn, onStale);
	const uuid = first.uuid;
	const onAnswer = useCallback(
		(of: string, { outing, column }: Answered) => {
			if (of !== uuid || !outing || !column) return;
			if (outing.uuid === uuid) settle({ outing, column });
			// It was joined to another meanwhile: that is the one to show.
			else onStale();
		},
		[settle, uuid, onStale],
	);
	const { add, waiting, trouble, unkept } = useOutbox(angler, onAnswer);
	const shown = useMemo(() => withWaiting(state.outing, waiting ?? []), [state.outing, waiting]);
	const picks = usePicks(angler, state, shown);
	const [droppedAt, setDroppedAt] = useState<number | null>(null);
	const asDone = useAsDone(shown, waiting);

	const done = useCallback(
		(deed: Made) => {
			const at = new Date(clock.now()).toISOString();
			const made = plainTexts({ id: newId(), outing: uuid, at, ...deed } as OfflineAction);
			asDone.add(made);
			void add(made);
		},
		[add, uuid, asDone],
	);
	const log = useCallback(
		(entry: Entry) => {
			const { setup, rods } = asDone.now();
			const rod = rods.find((one) => one.inHand)?.uuid ?? null;
			done({ do: "log", rod, setup, entry, words: words(asDone.now(), entry) });
			// Drawn in slices: that it is kept comes before that it is shown.
			startTransition(() => setDroppedAt(isKind(entry.kind) && EVENT_KIND[entry.kind].drop ? Date.now() : null));
		},
		[done, asDone],
	);
	const takeBack = useCallback((event: string) => done({ do: "undo", event }), [done]);
	const undo = useCallback(() => {
		const newest = asDone.now().events[0];
		if (newest) takeBack(newest.uuid);
	}, [takeBack, asDone]);
	const tie = useCallback(
		({ words: named, way, lure, hole, cadence }: Omit<Tying, "lure"> & { lure: number | null }, rod?: string) =>
			done({ do: "tie_on", rod: rod ?? null, lure, hole, cadence, words: named, way }),
		[done],
	);

	return {
		column: picks?.column ?? state.column,
		outing: picks ? { ...shown, ...picks.shown } : shown,
		droppedAt,
		waiting: waiting?.length ?? null,
		trouble,
		unkept,
		log,
		addAt: useCallback(
			(entry, rod) => done({ do: "log", rod, setup: null, entry, words: words(asDone.now(), entry), typed: true }),
			[done, asDone],
		),
		undo,
		takeBack,
		putBack: useCallback((event: string) => done({ do: "put_back", event }), [done]),
		amend: useCallback((event, changes) => done({ do: "amend", event, changes }), [done]),
		tieOn: tie,
		putOut: useCallback(
			(rod: string) => tie({ words: "Other bait", way: "", lure: null, hole: null, cadence: null }, rod),
			[tie],
		),
		takeInHand: useCallback((rod: string) => done({ do: "take_in_hand", rod }), [done]),
		rest: useCallback((why: string, rod?: string | null) => done({ do: "pause", why, rod: rod ?? null }), [done]),
		goOn: useCallback(() => done({ do: "go_on" }), [done]),
		tick: useCallback((plan, number, made) => done({ do: "tick", plan, number, made }), [done]),
		ticks: useMemo(() => (waiting ?? []).filter((deed): deed is Ticked => deed.do === "tick"), [waiting]),
		move: useCallback(
			(to: Destination) => {
				const on = asDone.now().rods.filter((one) => one.setup !== null);
				done({ do: "move", ...to, setups: Object.fromEntries(on.map((one) => [one.uuid, newId()])) });
			},
			[done, asDone],
		),
		end: useCallback(() => done({ do: "end" }), [done]),
		retie: useCallback(
			() => done({ do: "retie", rod: asDone.now().rods.find((one) => one.inHand)?.uuid ?? null }),
			[done, asDone],
		),
		mark: useCallback((kind: string, word: string) => done({ do: "mark", kind, word }), [done]),
		settle,
	};
}

/** ms after which what was done is with the device, or never will be. */
const WITH_DEVICE = 5_000;

/** The outing with what was done this moment: the next tap goes to what was just tied on, before the device has kept that. */
class AsDone {
	private done: { deed: OfflineAction; at: number }[] = [];
	private outing: OutingData;

	constructor(private shown: OutingData) {
		this.outing = shown;
	}

	now(): OutingData {
		return this.outing;
	}

	add(deed: OfflineAction): void {
		this.done.push({ deed, at: Date.now() });
		this.outing = withWaiting(this.outing, [deed]);
	}

	show(shown: OutingData, waiting: OfflineAction[] | null): void {
		const kept = new Set(waiting?.map(({ id }) => id));
		this.done = this.done.filter(({ deed, at }) => !kept.has(deed.id) && Date.now() - at < WITH_DEVICE);
		if (shown === this.shown && this.done.length > 0) return;
		this.shown = shown;
		this.outing = withWaiting(
			shown,
			this.done.map(({ deed }) => deed),
		);
	}
}

function useAsDone(shown: OutingData, waiting: OfflineAction[] | null): AsDone {
	const asDone = useRef<AsDone | null>(null);
	asDone.current ??= new AsDone(shown);
	asDone.current.show(shown, waiting);
	return asDone.current;
}

type WithoutHead<T> = T extends OfflineAction ? Omit<T, "id" | "outing" | "at"> : never;
type Made = WithoutHead<OfflineAction>;

/** The server's last word: of the page, of an answer since, or of an earlier page that was there longer. */
function useServerState(angler: number, first: OutingData, column: ColumnData, onStale: () => void) {
	const [state, setState] = useState<Answer>({ outing: first, column });
	const take = useCallback(
		(answer: Answer) =>
			setState((before) =>
				before.outing.uuid === answer.outing.uuid && before.outing.asOf > answer.outing.asOf ? before : answer,
			),
		[],
	);
	const tellOthers = useOtherTabs(angler, first.uuid, take, onStale);
	useEffect(() => {
		take({ outing: first, column });
		// A page that is opened without a connection is as old as it was when it was last loaded.
		void said<Answer>(angler, `outing ${first.uuid}`).then((last) => last && take(last.answer));
	}, [angler, first, column, take]);
	const settle = useCallback(
		(answer: Answer) => {
			take(answer);
			void keepSaid(angler, `outing ${answer.outing.uuid}`, answer.outing.asOf, answer);
			tellOthers(answer);
		},
		[angler, take, tellOthers],
	);
	return { state, settle };
}

/** What tabs of one browser tell each other. */
interface ToldHere {
	angler: number;
	answer: Answer;
}

/** Takes over what another tab was answered, and looks again when this one is seen again; gives back how to tell the others. */
function useOtherTabs(
	angler: number,
	outing: string,
	take: (answer: Answer) => void,
	onStale: () => void,
): (answer: Answer) => void {
	const channel = useRef<BroadcastChannel | null>(null);
	const stale = useRef(onStale);
	stale.current = onStale;
	useEffect(() => {
		const open = new BroadcastChannel("outing");
		channel.current = open;
		open.onmessage = ({ data }: MessageEvent<ToldHere>) => {
			if (data.angler === angler && data.answer.outing.uuid === outing) take(data.answer);
		};
		const back = () => document.visibilityState === "visible" && stale.current();
		document.addEventListener("visibilitychange", back);
		return () => {
			open.close();
			document.removeEventListener("visibilitychange", back);
		};
	}, [angler, outing, take]);
	return useCallback((answer: Answer) => channel.current?.postMessage({ angler, answer } satisfies ToldHere), [angler]);
}
