import { usePage } from "@inertiajs/react";
import { startTransition, useCallback, useMemo, useState } from "react";
import { EVENT_KIND } from "../kinds";
import type { Entry, Moved, OfflineAction, Ticked } from "../outbox/offlineActions";
import { useOutbox } from "../outbox/useOutbox";
import type { Arrived, Why } from "../outbox/wire";
import * as clock from "../parts/clock";
import { plainTexts } from "../parts/plainText";
import { newId } from "../parts/send";
import { fixToMarkWith } from "../phone/position";
import type { ColumnData, OutingData, SharedProps, TyingData } from "../types";
import { words } from "./entryWords";
import { type Counted, isKind } from "./tally";
import { useAsDone } from "./useAsDone";
import { useNextWord } from "./useNextWord";
import { usePicks } from "./usePicks";
import { takenSince, useServerState } from "./useServerState";
import { withWaiting } from "./withWaiting";

export interface Tying extends TyingData {
	words: string;
	way: string;
}

/** Where one moves to: a spot that is known, or a new one by its name. */
export type Destination = Pick<Moved, "spot" | "name" | "water" | "words" | "depth">;

export interface OutingLog {
	outing: Counted;
	column: ColumnData;
	/** ms at which it was dropped here last; null before that */
	droppedAt: number | null;
	/** Done here, not yet confirmed; null until the device has said. */
	waiting: number | null;
	/** Why nothing arrives. */
	trouble: Why | null;
	/** How much of it this device had no room for. */
	unkept: number;
	/** Gives back the uuid of what is logged by it. */
	log: (entry: Entry) => string;
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
	/** It was not fished from one moment to another, both past. */
	restBetween: (why: string, from: number, until: number) => void;
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
}

/** Logs on the water: all of it is kept on the device first, and what is shown is the server's last word with that applied. */
export function useOuting(first: OutingData, firstColumn: ColumnData, onStale: () => void): OutingLog {
	const angler = usePage<{ props: SharedProps } & Record<string, unknown>>().props.anglerId as number;
	const { state, settle, taken } = useServerState(angler, first, firstColumn, onStale);
	const uuid = first.uuid;
	const askNext = useNextWord(uuid, settle, onStale);
	const onArrived = useCallback(
		({ of, into, asOf, actions }: Arrived) => {
			if (of !== uuid) return;
			// It was joined to another meanwhile: that is the one to show.
			if (into !== uuid) return onStale();
			taken(actions, asOf);
			askNext();
		},
		[taken, askNext, uuid, onStale],
	);
	const { add, waiting, trouble, unkept } = useOutbox(angler, onArrived);
	const pending = useMemo(() => {
		const since = takenSince(state);
		const known = new Set(since.map(({ id }) => id));
		return [...since, ...(waiting ?? []).filter(({ id }) => !known.has(id))];
	}, [state, waiting]);
	const shown = useMemo(() => withWaiting(state.outing, pending), [state.outing, pending]);
	const picks = usePicks(angler, state, shown, pending);
	const [droppedAt, setDroppedAt] = useState<number | null>(null);
	const asDone = useAsDone(shown, pending);

	const done = useCallback(
		(deed: Made, then = clock.now()) => {
			const at = new Date(then).toISOString();
			const made = plainTexts({ id: newId(), outing: uuid, at, ...deed } as OfflineAction);
			asDone.add(made);
			void add(made);
			return made.id;
		},
		[add, uuid, asDone],
	);
	const log = useCallback(
		(entry: Entry) => {
			const { setup, rods } = asDone.now();
			const rod = rods.find((one) => one.inHand)?.uuid ?? null;
			const logged = done({ do: "log", rod, setup, entry, words: words(asDone.now(), entry) });
			// Drawn in slices: that it is kept comes before that it is shown.
			startTransition(() => setDroppedAt(isKind(entry.kind) && EVENT_KIND[entry.kind].drop ? Date.now() : null));
			return logged;
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
		restBetween: useCallback(
			(why: string, from: number, until: number) => {
				done({ do: "pause", why, rod: null }, from);
				done({ do: "go_on" }, until);
			},
			[done],
		),
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
		mark: useCallback((kind: string, word: string) => done({ do: "mark", kind, word, ...fixToMarkWith() }), [done]),
	};
}

type WithoutHead<T> = T extends OfflineAction ? Omit<T, "id" | "outing" | "at"> : never;
type Made = WithoutHead<OfflineAction>;
