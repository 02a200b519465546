import type { WorkData } from "../types";

/** What a repeat is made of, in seconds. */
export type Timing = Pick<WorkData, "liftS" | "fallS" | "pauseS">;

export type Phase = "lift" | "fall" | "rest";

export interface Beat {
	/** s since the repeat began */
	at: number;
	kind: "lift" | "top" | "bottom" | "count";
	/** What is said on it: the number counted, or the phase that begins. */
	says: string;
}

export function cycleOf({ liftS, fallS, pauseS }: Timing): number {
	return liftS + fallS + pauseS;
}

/** The beats of one repeat: where each part begins, and a count for every second within it. */
export function beatsOf({ liftS, fallS, pauseS }: Timing): Beat[] {
	const parts = [
		{ from: 0, long: liftS, kind: "lift", says: "up" },
		{ from: liftS, long: fallS, kind: "top", says: "down" },
		{ from: liftS + fallS, long: pauseS, kind: "bottom", says: "wait" },
	] as const;
	return parts
		.filter(({ long, kind }) => long > 0 || kind === "lift")
		.flatMap(({ from, long, kind, says }): Beat[] => {
			const counted = Math.ceil(long - 0.25) - 1;
			const counts = Array.from(
				{ length: Math.max(0, counted) },
				(_, i): Beat => ({ at: from + i + 1, kind: "count", says: `${i + 2}` }),
			);
			return [{ at: from, kind, says }, ...counts];
		});
}

/** Where one is in a repeat, and the count: "up", "down 1", "wait 2". */
export function placeAt(timing: Timing, seconds: number): { phase: Phase; count: number; into: number } {
	const { liftS, fallS } = timing;
	const at = Math.max(0, seconds) % cycleOf(timing);
	if (at < liftS) return { phase: "lift", count: Math.floor(at) + 1, into: at };
	if (at < liftS + fallS) return { phase: "fall", count: Math.floor(at - liftS) + 1, into: at - liftS };
	return { phase: "rest", count: Math.floor(at - liftS - fallS) + 1, into: at - liftS - fallS };
}

/** s into the repeat at which a phase is shown while it lasts: the top of the lift, half the fall, the start of the rest. */
export function heldStill(timing: Timing, seconds: number): number {
	const { liftS, fallS } = timing;
	return { lift: 0.99 * liftS, fall: liftS + fallS / 2, rest: liftS + fallS }[placeAt(timing, seconds).phase];
}

/** m above the bottom at so many seconds into a repeat. */
export function heightAt(ribbon: WorkData["ribbon"], seconds: number): number {
	const after = ribbon.findIndex((point) => point.t >= seconds);
	const b = ribbon[after];
	const a = ribbon[Math.max(0, after - 1)];
	if (!a || !b) return 0;
	return b.t > a.t ? a.h + ((b.h - a.h) * (seconds - a.t)) / (b.t - a.t) : b.h;
}
