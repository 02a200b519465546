import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { SURE_M } from "../figures";
import { queries } from "../parts/queries";
import { send } from "../parts/send";
import type { BoatData, TodaysTrackData } from "../types";
import type { Point } from "./view";

/** m by which the boat has moved before its way is drawn on. */
const STEP = 5;

/** ms between two looks at what came in line meanwhile. */
const AGAIN = 60_000;

/** Where the boat has gone today, drawn on while the page stands open. */
export function useTrail(water: number | null, outing: string | null, boat: BoatData | null): TodaysTrackData {
	const [trail, setTrail] = useState<Point[]>([]);
	const { data } = useQuery(
		{
			queryKey: ["track", water, outing],
			queryFn: ({ signal }) => send<TodaysTrackData>("GET", `/places/${water}/track`, undefined, signal),
			enabled: water !== null && outing !== null,
			refetchInterval: AGAIN,
		},
		queries,
	);
	const [x, y] = boat && (boat.withinM ?? 0) <= SURE_M ? [boat.x, boat.y] : [null, null];
	useEffect(() => {
		if (outing === null || x === null || y === null) return;
		setTrail((before) => {
			const last = before.at(-1);
			return last && Math.hypot(x - last.x, y - last.y) < STEP ? before : [...before, { x, y }];
		});
	}, [outing, x, y]);
	return useMemo(() => {
		const { track = null, covered = [] } = data ?? {};
		if (trail.length < 2) return { track, covered };
		const { drifts, runs, signs } = track ?? { drifts: [], runs: [], signs: [] };
		return { track: { drifts: [...drifts, trail.flatMap((at) => [at.x, at.y])], runs, signs }, covered };
	}, [data, trail]);
}
