import { scaleLinear } from "d3-scale";
import { useState } from "react";
import { BITE_PHASE } from "../kinds";
import { optionsOf } from "../parts/options";
import { WaterShade } from "../parts/WaterShade";
import { say, shortDayOf } from "../parts/words";
import type { BitesAtData, OutingBitesData } from "../types";

const phases: [string, string][] = [["", "all"], ...optionsOf(BITE_PHASE)];

interface Props {
	outings: OutingBitesData[];
	unit: string;
	perM: number;
}

const WIDE = 640;
const HIGH = 320;
/** Outings drawn side by side. */
const MOST = 40;

/** The water column filled with every bite of the season, an outing beside the other. */
export function DepthView({ outings, unit, perM }: Props) {
	const [phase, setPhase] = useState("");
	const with_ = outings.filter((outing) => outing.bites.length > 0).slice(-MOST);
	const shown = (bite: BitesAtData) => phase === "" || bite.came === phase;
	if (with_.length === 0) return <p className="text-slate">No bite with a depth is kept yet.</p>;
	const deepest = Math.max(...with_.flatMap((outing) => outing.bites.map((bite) => bite.depthM)));
	const depth = scaleLinear()
		.domain([0, deepest * perM])
		.nice(5)
		.range([0, HIGH]);
	const wide = WIDE / with_.length;
	return (
		<section aria-label="Depth and phase">
			<h2 className="text-[19px]">Where in the water they took it</h2>
			<div className="mt-1 mb-3 flex flex-wrap gap-2">
				{phases.map(([value, word]) => (
					<button
						key={value}
						type="button"
						aria-pressed={phase === value}
						onClick={() => setPhase(value)}
						className="min-h-11 rounded-md border border-slate bg-paper px-3 aria-pressed:border-[3px] aria-pressed:border-ember"
					>
						{word} {counted(with_, value)}
					</button>
				))}
			</div>
			<div className="grid grid-cols-[44px_minmax(0,1fr)]">
				<div aria-hidden="true" className="relative" style={{ height: HIGH }}>
					{depth.ticks(5).map((tick) => (
						<span
							key={tick}
							className="absolute right-2 -translate-y-1/2 text-[13px] text-slate"
							style={{ top: depth(tick) }}
						>
							{tick === 0 ? "" : `${tick} ${unit}`}
						</span>
					))}
				</div>
				<svg
					role="img"
					aria-label={`Bites of ${with_.length} outings by depth; the table below has them in figures`}
					viewBox={`0 0 ${WIDE} ${HIGH}`}
					preserveAspectRatio="none"
					className="w-full"
					style={{ height: HIGH }}
				>
					<WaterShade id="water-of-season" />
					{with_.map((outing, i) => (
						<g key={outing.uuid} transform={`translate(${i * wide} 0)`}>
							<rect x={1} y={0} width={wide - 2} height={HIGH} fill="url(#water-of-season)" />
							{outing.bites.filter(shown).map((bite) => (
								<Bite
									key={`${bite.depthM} ${bite.came} ${bite.landed}`}
									bite={bite}
									wide={wide}
									y={depth(bite.depthM * perM)}
								/>
							))}
						</g>
					))}
				</svg>
				<div aria-hidden="true" className="col-start-2 flex justify-between pt-1 text-[13px] text-slate">
					<span>{month(with_[0]?.at)}</span>
					<span>{month(with_.at(-1)?.at)}</span>
				</div>
			</div>
			<p className="mt-2 text-[14px] text-slate">Filled: landed. Open: missed, or lost. Each strip is an outing.</p>
			<Table outings={with_} unit={unit} perM={perM} shown={shown} />
		</section>
	);
}

/** A mark for each kind at a depth, as broad as many came there. */
export function Bite({ bite, wide, y }: { bite: BitesAtData; wide: number; y: number }) {
	const across = Math.min(wide / 2 - 2, 2.5 + 1.5 * Math.sqrt(bite.count));
	const places = ["first_fall", "fall", "rest", "lift", "swim", ""];
	const x = wide * (0.2 + (0.6 * Math.max(0, places.indexOf(bite.came))) / (places.length - 1));
	return (
		<path
			d={`M${x} ${y - 5} L${x + across} ${y} L${x} ${y + 5} L${x - across} ${y} Z`}
			className={bite.landed ? "fill-brass stroke-brass" : "fill-transparent stroke-brass"}
			strokeWidth={1.5}
			vectorEffect="non-scaling-stroke"
		/>
	);
}

function Table({ outings, unit, perM, shown }: Props & { shown: (bite: BitesAtData) => boolean }) {
	return (
		<details className="mt-2 text-[14px]">
			<summary className="cursor-pointer text-slate underline underline-offset-4">In figures</summary>
			<table className="mt-1 w-full text-left">
				<thead className="text-slate">
					<tr>
						<th className="font-normal">outing</th>
						<th className="font-normal">bites</th>
						<th className="font-normal">between</th>
					</tr>
				</thead>
				<tbody>
					{outings.map((outing) => {
						const bites = outing.bites.filter(shown);
						const depths = bites.map((bite) => bite.depthM * perM);
						return (
							<tr key={outing.uuid} className="border-t border-rule">
								<td className="py-0.5">
									{month(outing.at)} {outing.place}
								</td>
								<td>{bites.reduce((sum, bite) => sum + bite.count, 0)}</td>
								<td>
									{depths.length > 0 &&
										say("{least} and {most} {unit}", {
											least: Math.round(Math.min(...depths)),
											most: Math.round(Math.max(...depths)),
											unit,
										})}
								</td>
							</tr>
						);
					})}
				</tbody>
			</table>
		</details>
	);
}

function counted(outings: OutingBitesData[], phase: string): number {
	return outings
		.flatMap((outing) => outing.bites)
		.reduce((sum, bite) => sum + (phase === "" || bite.came === phase ? bite.count : 0), 0);
}

export function month(iso: string | undefined): string {
	return iso ? shortDayOf(iso) : "";
}
