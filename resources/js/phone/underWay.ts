import { SURE_M, UNDER_WAY_MS } from "../figures";
import { type PhoneFix, watchPosition } from "./position";

/** A run from one place to another: ms, by the server's clock as far as it is known here. */
export interface Run {
	from: number;
	until: number;
}

/** ms over which a speed is told: one fix alone strays. */
const OVER = 12_000;

/** ms of that at least. */
const ENOUGH = 8_000;

/** ms of a slower boat after which a run is over. */
const OVER_AFTER = 60_000;

/** ms from which on a run is time that takes nothing from a lure. */
const WORTH = 120_000;

/** m for a degree of latitude. */
const DEGREE_M = 111_320;

/** Tells each run between two places once it is over, while this phone says where it is; gives back how to stop. */
export function watchRuns(tell: (run: Run) => void): () => void {
	const next = runs();
	return watchPosition(({ fix }) => {
		const run = fix && next(fix);
		if (run) tell(run);
	});
}

/** Takes fixes one after the other, and gives the run that has come to its end with one. */
export function runs(): (fix: PhoneFix) => Run | null {
	let lately: PhoneFix[] = [];
	let run: Run | null = null;
	return (fix) => {
		const last = lately.at(-1);
		if (fix.accuracy > SURE_M || (last && fix.at <= last.at)) return null;
		lately = [...lately.filter(({ at }) => fix.at - at <= OVER), fix];
		const [first] = lately;
		if (first && fix.at - first.at >= ENOUGH && speed(first, fix) > UNDER_WAY_MS)
			run = { from: run?.from ?? first.at, until: fix.at };
		if (!run || fix.at - run.until < OVER_AFTER) return null;
		const over = run;
		run = null;
		return over.until - over.from >= WORTH ? over : null;
	};
}

/** m/s */
function speed(from: PhoneFix, to: PhoneFix): number {
	const north = DEGREE_M * (to.lat - from.lat);
	const east = DEGREE_M * Math.cos((from.lat * Math.PI) / 180) * (to.lon - from.lon);
	return Math.hypot(north, east) / ((to.at - from.at) / 1000);
}
