import { through } from "../parts/path";
import { WaterShade } from "../parts/WaterShade";
import { say } from "../parts/words";
import type { SectionData } from "../types";

interface Props {
	section: SectionData;
	unit: string;
	unitM: number;
	wide: number;
	/** While the next one is on its way. */
	stale: boolean;
	/** It has the room of the column. */
	tall?: boolean;
}

const sky = 26;
const least = 92;

/** Pixels that the drawing has at most, and those that the deepest place should be below the surface. */
const rooms = { low: { tallest: 168, deep: 44 }, tall: { tallest: 420, deep: 200 } };

/** The bottom below the line, drawn like the column: one to one where it fits, else deeper by a whole number of times. */
export function SectionPicture({ section, unit, unitM, wide, stale, tall: inColumn = false }: Props) {
	const { tallest, deep } = rooms[inColumn ? "tall" : "low"];
	const known = runs(section).flat();
	const [from, to] = [known[0]?.along ?? 0, known.at(-1)?.along ?? section.lengthM];
	// Beyond what is known nothing is drawn, but for a little bare paper.
	const long = Math.max(2, (to - from) * 1.06);
	const across = wide / long;
	const room = tallest - sky - 14;
	const times =
		section.deepM * across >= deep
			? 1
			: Math.max(1, Math.min(10, Math.floor(deep / Math.max(1, section.deepM * across))));
	const down = Math.min(across * times, room / Math.max(0.5, section.deepM));
	const scale = Math.min(down, across);
	const drawn = times > 1 ? down : scale;
	const tall = Math.max(least, sky + section.deepM * drawn + 14);
	const left = (wide - (to - from) * scale) / 2;
	const x = (along: number) => left + (along - from) * scale;
	const y = (depth: number) => sky + depth * drawn;
	return (
		<figure className={`m-0 ${stale ? "opacity-60" : ""}`}>
			<svg
				viewBox={`0 0 ${wide} ${tall}`}
				width={wide}
				height={tall}
				role="img"
				aria-label={`${section.sentence}, ${section.words}`}
				className="block w-full rounded-md bg-[var(--sky)]"
			>
				<WaterShade id="section-water" />
				{runs(section).map((run) => (
					<Run key={run[0]?.along} run={run} x={x} y={y} tall={tall} />
				))}
				{section.walls.map((wall) => (
					<Steep key={wall[0]} section={section} wall={wall} x={x} y={y} />
				))}
				{section.walls.map(([from, to]) => (
					<path
						key={from}
						d={through(between(section, from ?? 0, to ?? 0).map((point) => [x(point.along), y(point.depth)]))}
						fill="none"
						stroke="var(--rock)"
						strokeWidth="6"
						strokeLinejoin="round"
					/>
				))}
				<Casts section={section} x={x} y={y} wide={wide} />
				<Depths section={section} y={y} unit={unit} unitM={unitM} left={x(runs(section)[0]?.[0]?.along ?? 0)} />
			</svg>
			<figcaption className="pt-1 text-[14px] text-slate">
				{times > 1 && drawn > scale * 1.2
					? say("Depth is drawn {times}× as tall.", { times: Math.round(drawn / scale) })
					: "Drawn one to one."}
			</figcaption>
		</figure>
	);
}

interface Known {
	along: number;
	depth: number;
}

/** Pieces of which all is known, in order. */
function runs(section: SectionData): Known[][] {
	const found: Known[][] = [];
	let open: Known[] = [];
	section.along.forEach((along, i) => {
		const depth = section.depths[i];
		if (depth === null || depth === undefined) {
			if (open.length > 1) found.push(open);
			open = [];
		} else open.push({ along, depth });
	});
	if (open.length > 1) found.push(open);
	return found;
}

function between(section: SectionData, from: number, to: number): Known[] {
	return runs(section)
		.flat()
		.filter(({ along }) => along >= from - 0.3 && along <= to + 0.3);
}

interface Places {
	x: (along: number) => number;
	y: (depth: number) => number;
}

function Run({ run, x, y, tall }: Places & { run: Known[]; tall: number }) {
	const [first, last] = [run[0], run.at(-1)];
	if (!first || !last) return null;
	const bottom = through(run.map((point) => [x(point.along), y(point.depth)]));
	return (
		<>
			<path d={`${bottom} L${x(last.along)} ${y(0)} L${x(first.along)} ${y(0)} Z`} fill="url(#section-water)" />
			<path d={`${bottom} L${x(last.along)} ${tall} L${x(first.along)} ${tall} Z`} fill="var(--sand)" />
			<path d={bottom} fill="none" stroke="#10222B" strokeOpacity="0.6" strokeWidth="1.2" />
		</>
	);
}

/** How steep a wall is on the whole, beside its middle, where there is room for the figure. */
function Steep({ section, wall, x, y }: Places & { section: SectionData; wall: number[] }) {
	const [from = 0, to = 0, degrees = 0] = wall;
	const on = between(section, from, to);
	const [top, foot] = [on[0], on.at(-1)];
	if (!top || !foot || Math.abs(y(foot.depth) - y(top.depth)) < 22) return null;
	const falls = foot.depth > top.depth;
	return (
		<text
			x={x((top.along + foot.along) / 2) + (falls ? -10 : 10)}
			y={(y(top.depth) + y(foot.depth)) / 2 + 14}
			textAnchor={falls ? "end" : "start"}
			fontSize="13"
			fill="#10222B"
		>
			{Math.round(degrees)}°
		</text>
	);
}

/** The stand over the deep end, and how a cast with the bail closed swings in onto each ledge. */
function Casts({ section, x, y, wide }: Places & { section: SectionData; wide: number }) {
	if (section.ledges.length === 0) return null;
	const stand = section.standM;
	const side = (section.ledges[0]?.alongM ?? 0) < stand ? -1 : 1;
	return (
		<>
			<path
				d={`M${x(stand) - side * 3} ${y(0)} h${side * -26} l${side * 5} 9 h${side * 15} Z`}
				fill="var(--hull)"
				transform={`translate(${side * 28} -1)`}
			/>
			{section.ledges.map((ledge, i) => {
				const line = Math.hypot(stand - ledge.alongM, ledge.depthM);
				const swing = through(
					Array.from({ length: 13 }, (_, n) => {
						const turn = (Math.asin(Math.min(1, ledge.depthM / Math.max(0.1, line))) * n) / 12;
						return [x(stand + side * line * Math.cos(turn)), y(line * Math.sin(turn))] as const;
					}),
				);
				return (
					<g key={ledge.alongM}>
						<path d={swing} fill="none" stroke="#FBFCFA" strokeWidth="1.6" strokeDasharray="6 4" />
						{i === 0 && (
							<text
								x={Math.min(wide - 72, Math.max(72, x(ledge.aimAlongM)))}
								y={16}
								textAnchor="middle"
								fontSize="13"
								fill="var(--ink)"
							>
								cast here, bail closed
							</text>
						)}
						<path d={`M${x(ledge.aimAlongM)} ${sky - 6} v6`} stroke="var(--ink)" strokeWidth="1.6" />
						<circle cx={x(ledge.alongM)} cy={y(ledge.depthM)} r="5" fill="#E9C66A" stroke="#10222B" />
						<text
							x={x(ledge.alongM) - side * -10}
							y={y(ledge.depthM) + (i % 2 === 0 ? -9 : 20)}
							textAnchor={side > 0 ? "end" : "start"}
							fontSize="13"
							fill="#FBFCFA"
							stroke="var(--water-deep)"
							strokeWidth="3"
							paintOrder="stroke"
						>
							{i === 0 ? ledge.text : ledge.text.replace("ledge, ", "")}
						</text>
					</g>
				);
			})}
		</>
	);
}

interface DepthsProps extends Pick<Places, "y"> {
	section: SectionData;
	unit: string;
	unitM: number;
	/** Where the water begins, pixels. */
	left: number;
}

/** A few depths at the left, as the column has them. */
function Depths({ section, y, unit, unitM, left }: DepthsProps) {
	const deepest = section.deepM / unitM;
	const step = [1, 2, 5, 10, 20, 50, 100].find((one) => deepest / one <= 4) ?? 200;
	const ticks = Array.from({ length: Math.floor(deepest / step) }, (_, i) => (i + 1) * step);
	return ticks.map((value) => (
		<g key={value}>
			<path d={`M${left} ${y(value * unitM)} h8`} stroke="#FBFCFA" />
			<text
				x={left + 12}
				y={y(value * unitM) + 4}
				fontSize="12"
				fill="#FBFCFA"
				stroke="var(--water-deep)"
				strokeWidth="3"
				paintOrder="stroke"
			>
				{value} {unit}
			</text>
		</g>
	));
}
