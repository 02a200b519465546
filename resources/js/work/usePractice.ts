import { useCallback, useRef, useState } from "react";
import { troubleOf } from "../parts/queries";
import { ask } from "../parts/send";
import type { LiftsData, WorkData } from "../types";

/** s and m of the rod tip. */
export type Sample = [number, number];

/** Lifts that are compared. */
const MOST = 10;

export interface Practice {
	told: LiftsData | null;
	/** The last lift, from its beginning. */
	last: Sample[] | null;
	count: number;
	trouble: string | null;
	add: (samples: Sample[]) => void;
	again: () => void;
}

/** Lifts made here, told in words; what is no lift is said and left out. */
export function usePractice(pick: string, work: WorkData): Practice {
	const lifts = useRef<Sample[][]>([]);
	const [told, setTold] = useState<LiftsData | null>(null);
	const [last, setLast] = useState<Sample[] | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	const [count, setCount] = useState(0);
	const again = useCallback(() => {
		lifts.current = [];
		setTold(null);
		setLast(null);
		setTrouble(null);
		setCount(0);
	}, []);
	// Another lift is wanted: what was made for the one before says nothing of it.
	const wanted = `${work.cadence} ${work.liftM} ${work.liftS}`;
	const seen = useRef(wanted);
	if (seen.current !== wanted) {
		seen.current = wanted;
		again();
	}
	const add = useCallback(
		async (samples: Sample[]) => {
			const tried = [...lifts.current, samples].slice(-MOST);
			try {
				const answer = await ask<LiftsData>("/work/lifts", undefined, { pick, lifts: tried });
				lifts.current = tried;
				setCount(tried.length);
				setTold(answer);
				setLast(fromZero(samples));
				setTrouble(null);
			} catch (error) {
				setTrouble(troubleOf(error, "No connection: this lift could not be told. Make it again."));
			}
		},
		[pick],
	);
	return { told, last, count, trouble, add: (samples) => void add(samples), again };
}

function fromZero(samples: Sample[]): Sample[] {
	const [t, h] = samples[0] ?? [0, 0];
	return samples.map(([at, height]) => [at - t, height - h]);
}
