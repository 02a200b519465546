import { useMemo, useRef } from "react";
import { EVENT_KIND } from "../kinds";
import { Chart } from "../places/Chart";
import { shoresRound } from "../places/ChartLayers";
import { Sign } from "../places/Track";
import { around, type Point, pairs } from "../places/view";
import type { EventKind, OutingChartData } from "../types";

/** What is drawn along it. */
const LOGGED = (Object.keys(EVENT_KIND) as EventKind[]).filter(
	(kind) => EVENT_KIND[kind].drop || EVENT_KIND[kind].bite,
);

/** An outing from above: where the boat went, what bit where, and how much of each line was fished. */
export function OutingChart({ chart }: { chart: OutingChartData }) {
	const centre = useRef<((at: Point) => void) | null>(null);
	const box = useMemo(() => around([...chart.track.drifts, ...chart.track.runs].flatMap(pairs)), [chart]);
	const shown = useMemo(() => ({ ...chart, looks: [], wind: null, shores: shoresRound(chart.edges) }), [chart]);
	return (
		<section aria-label="Where the boat went" className="mt-5">
			<h2 className="text-[19px]">Where the boat went</h2>
			<p className="pb-2 text-slate">{chart.words}</p>
			<Chart
				page={shown}
				name={chart.name}
				box={box}
				part
				boat={null}
				line={[]}
				drawing={false}
				chosen={null}
				look={null}
				onPoint={() => {}}
				onMark={() => {}}
				onEnd={() => {}}
				centre={centre}
			/>
			<p className="flex flex-wrap gap-x-5 pt-1 text-[14px] text-slate">
				{LOGGED.map((kind) => (
					<span key={kind} className="flex items-center gap-1.5">
						<svg width="18" height="18" viewBox="-9 -9 18 18" aria-hidden="true" className="rounded-sm bg-water-mid">
							<Sign kind={kind} />
						</svg>
						{EVENT_KIND[kind].word.toLowerCase()}
					</span>
				))}
			</p>
			<ul className="pt-1 text-[15px]">
				{chart.covered.map((words) => (
					<li key={words}>{words}</li>
				))}
			</ul>
		</section>
	);
}
