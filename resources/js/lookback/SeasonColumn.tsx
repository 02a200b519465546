import { scaleLinear } from "d3-scale";
import { useRef } from "react";
import { useElementSize } from "../parts/useElementSize";
import { WaterShade } from "../parts/WaterShade";
import { say } from "../parts/words";
import type { OutingBitesData } from "../types";
import { Bite, month } from "./DepthView";

interface Props {
	outings: OutingBitesData[];
	unit: string;
	perM: number;
}

const usual = () => ({ wide: 304, tall: window.innerHeight });

/** Above the water, pixels. */
const SKY = 92;

/** Below it. */
const FOOT = 64;

/** Beside the strips: the depths at the left, a margin at the right. */
const [LEFT, RIGHT] = [58, 14];

/** Outings that are told apart in so narrow a room. */
const MOST = 30;

/** The season in the room of the water column: every bite at its depth, an outing beside the other. */
export function SeasonColumn({ outings, unit, perM }: Props) {
	const box = useRef<HTMLDivElement>(null);
	const { wide, tall } = useElementSize(box, usual);
	const fished = outings.filter((outing) => outing.bites.length > 0).slice(-MOST);
	const deepest = Math.max(1, ...fished.flatMap((outing) => outing.bites.map((bite) => bite.depthM)));
	const depth = scaleLinear()
		.domain([0, deepest * perM])
		.nice(5)
		.range([SKY, tall - FOOT]);
	const across = (wide - LEFT - RIGHT) / Math.max(1, fished.length);
	const bites = fished.flatMap((outing) => outing.bites).reduce((sum, bite) => sum + bite.count, 0);
	return (
		<div ref={box} className="relative h-full w-full overflow-hidden bg-[var(--sky)]">
			<p className="absolute inset-x-0 top-0 px-4 pt-5 text-[var(--ink)]">
				<span className="figure block text-[17px]">Where they bit</span>
				<span className="block text-[14px]">
					{bites === 0
						? "No bite with a depth is kept yet."
						: say("{bites} bites of {outings}, by depth", { bites, outings: counted(fished.length) })}
				</span>
			</p>
			<svg
				width={wide}
				height={tall}
				viewBox={`0 0 ${wide} ${tall}`}
				role="img"
				aria-label={`${bites} bites of ${counted(fished.length)} by depth; Depth and phase has them in figures`}
			>
				<WaterShade id="season-water" />
				<rect x={0} y={SKY} width={wide} height={tall - SKY} fill="url(#season-water)" />
				{depth.ticks(6).map((tick, i) => (
					<g key={tick}>
						{tick > 0 && <path d={`M0 ${depth(tick)} H${wide}`} stroke="#FBFCFA" strokeOpacity="0.16" />}
						{tick > 0 && (
							<text x={12} y={depth(tick) + 4} fontSize="13" fill="#FBFCFA">
								{tick}
								{i === 1 ? ` ${unit}` : ""}
							</text>
						)}
					</g>
				))}
				{fished.map((outing, i) => (
					<g key={outing.uuid} transform={`translate(${LEFT + i * across} 0)`}>
						{outing.bites.map((bite) => (
							<Bite
								key={`${bite.depthM} ${bite.came} ${bite.landed}`}
								bite={bite}
								wide={across}
								y={depth(bite.depthM * perM)}
							/>
						))}
					</g>
				))}
				{fished.length > 1 && (
					<g fontSize="13" fill="#FBFCFA">
						<text x={LEFT} y={tall - 22}>
							{month(fished[0]?.at)}
						</text>
						<text x={wide - RIGHT} y={tall - 22} textAnchor="end">
							{month(fished.at(-1)?.at)}
						</text>
					</g>
				)}
			</svg>
		</div>
	);
}

const counted = (outings: number) => (outings === 1 ? "one outing" : say("{outings} outings", { outings }));
