import type { BiteData } from "../types";
import { cycleOf, type Timing } from "./repeat";

/** A bite in the drill: s since the drill began. */
export interface Bite {
	at: number;
	sign: string;
	shows: string;
	phase: string;
}

export interface Score {
	hits: number;
	misses: number;
	/** s from the bite to the strike, summed */
	late: number;
}

/** s after a bite in which a strike is one. */
export const STRIKE_S = 1.2;

/** Share of repeats with a bite. */
const OFTEN = 0.45;

/** Where in its part of a repeat a bite comes, shares of it. */
const WITHIN = [0.25, 0.75] as const;

/** The bite of a repeat, by its number; null for most. `dice` gives numbers from 0 up to 1. */
export function biteOf(timing: Timing, bites: BiteData[], repeat: number, dice: () => number): Bite | null {
	// The first shows how it goes without.
	if (repeat === 0 || dice() > OFTEN) return null;
	const parts = {
		lift: [0, timing.liftS],
		fall: [timing.liftS, timing.fallS],
		rest: [timing.liftS + timing.fallS, timing.pauseS],
	} as const;
	const fitting = bites.filter(({ phase }) => parts[phase as keyof typeof parts][1] > 0);
	const bite = fitting[Math.floor(dice() * fitting.length)];
	if (!bite) return null;
	const [from, long] = parts[bite.phase as keyof typeof parts];
	const share = WITHIN[0] + (WITHIN[1] - WITHIN[0]) * dice();
	return { ...bite, at: repeat * cycleOf(timing) + from + share * long };
}

/** What a strike is: on a bite, or on none. */
export function strikeOn(bite: Bite | null, at: number): "hit" | "false" {
	return bite !== null && at >= bite.at && at - bite.at <= STRIKE_S ? "hit" : "false";
}

export function isMissed(bite: Bite, at: number): boolean {
	return at - bite.at > STRIKE_S;
}
