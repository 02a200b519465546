import { useCallback, useEffect, useRef, useState } from "react";
import { say } from "../parts/words";
import type { WorkData } from "../types";
import { type Bite, biteOf, isMissed, type Score, strikeOn } from "./drill";
import { cycleOf } from "./repeat";

export interface Drill {
	running: boolean;
	toggle: () => void;
	strike: () => void;
	/** s since it began, and the bite that shows; for what draws it */
	look: () => { seconds: number; bite: Bite | null };
	/** By what showed. */
	scores: Record<string, Score>;
	falseStrikes: number;
	/** What came of the last strike or bite. */
	said: string;
}

/** Bites among repeats, and the strikes at them. */
export function useDrill(work: WorkData): Drill {
	const [running, setRunning] = useState(false);
	const [scores, setScores] = useState<Record<string, Score>>({});
	const [falseStrikes, setFalseStrikes] = useState(0);
	const [said, setSaid] = useState("");
	const start = useRef(0);
	const bite = useRef<Bite | null>(null);
	const repeat = useRef(-1);
	const seconds = useCallback(() => (performance.now() - start.current) / 1000, []);
	const count = useCallback((one: Bite, add: Partial<Score>) => {
		setScores((before) => {
			const was = before[one.shows] ?? { hits: 0, misses: 0, late: 0 };
			const now = {
				hits: was.hits + (add.hits ?? 0),
				misses: was.misses + (add.misses ?? 0),
				late: was.late + (add.late ?? 0),
			};
			return { ...before, [one.shows]: now };
		});
	}, []);
	useEffect(() => {
		if (!running) return;
		const cycle = cycleOf(work);
		const timer = window.setInterval(() => {
			const at = seconds();
			if (bite.current && isMissed(bite.current, at)) {
				count(bite.current, { misses: 1 });
				setSaid(`Missed: ${bite.current.shows}.`);
				bite.current = null;
			}
			const now = Math.floor(at / cycle);
			if (now !== repeat.current && !bite.current) {
				repeat.current = now;
				bite.current = biteOf(work, work.bites, now, Math.random);
			}
		}, 30);
		return () => window.clearInterval(timer);
	}, [running, work, seconds, count]);
	const toggle = useCallback(() => {
		start.current = performance.now();
		bite.current = null;
		repeat.current = -1;
		setSaid("");
		if (!running) {
			setScores({});
			setFalseStrikes(0);
		}
		setRunning(!running);
	}, [running]);
	const strike = useCallback(() => {
		if (!running) return;
		const [one, at] = [bite.current, seconds()];
		if (one && strikeOn(one, at) === "hit") {
			count(one, { hits: 1, late: at - one.at });
			setSaid(say("Hit after {seconds} s: {shows}.", { seconds: (at - one.at).toFixed(1), shows: one.shows }));
			bite.current = null;
		} else {
			setFalseStrikes((before) => before + 1);
			setSaid("Nothing was there. It costs nothing on the water either.");
		}
	}, [running, seconds, count]);
	const look = useCallback(() => {
		const at = seconds();
		return { seconds: at, bite: bite.current && at >= bite.current.at ? bite.current : null };
	}, [seconds]);
	return { running, toggle, strike, look, scores, falseStrikes, said };
}
