import { say, shortDayOf } from "../parts/words";
import type { EdgeData, EdgeKind, LookPlaceData, MarkKind, PlacedMarkData, PlacedSpotData } from "../types";
import { type Leaning, numberSign, type Placed } from "./labels";
import { drawn, lined, onScreen, pairs, type Size, type View } from "./view";

interface Props {
	view: View;
	size: Size;
}

/** How each line is drawn: a wall by its teeth, weed by its blades, a shore by its rock. */
const edgeLooks: Record<EdgeKind, { ink: string; wide: number; dashes?: string }> = {
	wall: { ink: "#E9C66A", wide: 2.5 },
	weed: { ink: "#8FBF87", wide: 2.5, dashes: "1 6" },
	shore: { ink: "var(--sand)", wide: 5 },
};

/** Walls, weed edges and shores. */
export function Edges({ edges, view, size }: Props & { edges: EdgeData[] }) {
	return edges.map((edge) => {
		const points = pairs(edge.points).map(({ x, y }) => onScreen(view, size, x, y));
		const path = drawn(points);
		const look = edgeLooks[edge.kind];
		return (
			<g key={edge.uuid} fill="none" strokeLinejoin="round" strokeLinecap="round" opacity={edge.old ? 0.55 : 1}>
				<title>
					{[edge.name, edge.word, edge.old ? say("seen {seenOn}", { seenOn: edge.seenOn }) : ""]
						.filter(Boolean)
						.join(", ")}
				</title>
				<path d={path} stroke={look.ink} strokeWidth={look.wide} strokeDasharray={edge.old ? "1 11" : look.dashes} />
				{edge.kind === "wall" && <path d={teeth(points)} stroke={look.ink} strokeWidth={1.5} />}
				{edge.kind === "weed" && <path d={blades(points)} stroke={look.ink} strokeWidth={1.8} />}
				{edge.kind === "weed" && points[0] && (
					<text
						x={points[0].px - 4}
						y={points[0].py + 4}
						textAnchor="end"
						fontSize="12"
						fill="#FBFCFA"
						stroke="var(--water-mid)"
						strokeWidth="3"
						paintOrder="stroke"
					>
						{shortDayOf(edge.seenOn)}
					</text>
				)}
				{edge.lee.map((piece) => (
					<path key={piece.join(" ")} d={lined(piece, view, size)} stroke="var(--moss)" strokeWidth={3} />
				))}
			</g>
		);
	});
}

/** Short strokes to the right of a line, where it falls. */
function teeth(points: { px: number; py: number }[]): string {
	return every(points, 11, ({ px, py }, dx, dy) => `M${px} ${py} l${(-dy * 6).toFixed(1)} ${(dx * 6).toFixed(1)}`);
}

function blades(points: { px: number; py: number }[]): string {
	return every(points, 13, ({ px, py }) => `M${px} ${py} q-3 -4 0 -9 M${px} ${py} q4 -3 3 -6`);
}

function every(
	points: { px: number; py: number }[],
	step: number,
	draw: (at: { px: number; py: number }, dx: number, dy: number) => string,
): string {
	const drawn: string[] = [];
	for (let i = 1; i < points.length; i++) {
		const [from, to] = [points[i - 1], points[i]];
		if (!from || !to) continue;
		const long = Math.hypot(to.px - from.px, to.py - from.py);
		for (let at = step / 2; at < long; at += step) {
			const share = at / long;
			const here = {
				px: Math.round(10 * (from.px + share * (to.px - from.px))) / 10,
				py: Math.round(10 * (from.py + share * (to.py - from.py))) / 10,
			};
			drawn.push(draw(here, (to.px - from.px) / long, (to.py - from.py) / long));
		}
	}
	return drawn.join("");
}

/** Bottom kinds as the column draws them, seen from above: a patch where each was found. */
export function Bottoms({ spots, marks, view, size }: Props & { spots: PlacedSpotData[]; marks: PlacedMarkData[] }) {
	const found = [
		...marks.filter((mark) => mark.kind === "bottom").map(({ uuid, bottom, x, y }) => ({ key: uuid, bottom, x, y })),
		...spots.map(({ id, bottom, x, y }) => ({ key: `${id}`, bottom, x, y })),
	];
	return found.map(({ key, bottom, x, y }) => {
		const kind = bottom ? patches[bottom] : undefined;
		if (!kind || x === null || y === null) return null;
		const { px, py } = onScreen(view, size, x, y);
		return (
			<g key={key} transform={`translate(${px.toFixed(1)} ${py.toFixed(1)})`} opacity={0.9}>
				{patch[kind]}
			</g>
		);
	});
}

const patches: Record<string, "stones" | "sand" | "mud" | "weed"> = {
	rock: "stones",
	rock_to_sand: "stones",
	gravel_shell: "stones",
	sand: "sand",
	mud: "mud",
	mud_ridge: "mud",
	short_grass: "weed",
	weed_scattered: "weed",
	weed_thick: "weed",
};

const patch = {
	stones: (
		<path
			d="M-15 4 l3 -5 6 -1 4 5 -3 4 h-8Z M1 8 l4 -6 7 1 3 5 -4 3 h-8Z M0 -8 l4 -5 6 1 2 5 -4 2 h-6Z"
			fill="var(--rock)"
			stroke="#10222B"
			strokeOpacity="0.6"
		/>
	),
	sand: (
		<path
			d="M-14 -3 h.01 M-7 3 h.01 M0 -6 h.01 M6 2 h.01 M13 -3 h.01 M-3 9 h.01 M9 9 h.01 M-12 9 h.01 M4 -12 h.01"
			stroke="var(--sand)"
			strokeWidth="3"
			strokeLinecap="round"
		/>
	),
	mud: (
		<path
			d="M-16 -4 q8 -5 16 0 t16 0 M-16 3 q8 -5 16 0 t16 0 M-10 10 q6 -4 12 0 t8 0"
			stroke="var(--mud)"
			strokeWidth="2.4"
			fill="none"
		/>
	),
	weed: (
		<path
			d="M-10 8 q-4 -8 1 -16 M-10 8 q5 -5 4 -11 M2 9 q-4 -9 1 -18 M2 9 q5 -6 4 -12 M12 7 q-3 -7 1 -13"
			stroke="#8FBF87"
			strokeWidth="2"
			fill="none"
			strokeLinecap="round"
		/>
	),
} as const;

/** A sign for each kind of mark; the bottom is drawn as a patch. */
const signs: Record<MarkKind, React.ReactNode> = {
	fish: <path d="M0 -7 L7 0 L0 7 L-7 0 Z" fill="#E9C66A" stroke="#10222B" />,
	patch: (
		<path d="M-6 -6 l5 5 -5 5 -5 -5 Z M6 -6 l5 5 -5 5 -5 -5 Z M0 3 l5 5 -5 5 -5 -5 Z" fill="#E9C66A" stroke="#10222B" />
	),
	snag: <path d="M-6 -6 L6 6 M6 -6 L-6 6 M0 -8 V8" stroke="#F2B3B7" strokeWidth="2.6" strokeLinecap="round" />,
	edge: <path d="M-8 -4 h7 v8 h9" fill="none" stroke="#E9C66A" strokeWidth="2.6" />,
	rock: (
		<path
			d="M-8 5 l3 -9 7 -2 6 6 -2 6 h-12Z"
			fill="var(--rock)"
			stroke="#FBFCFA"
			strokeWidth="1.2"
			strokeLinejoin="round"
		/>
	),
	bottom: null,
	place: <circle r="6" fill="var(--water-deep)" stroke="#FBFCFA" strokeWidth="2" />,
};

interface MarksProps extends Props {
	marks: PlacedMarkData[];
	chosen: string | null;
}

/** What was caught, snagged or seen; the same marks stand as buttons in the list beside the chart. */
export function Marks({ marks, view, size, chosen }: MarksProps) {
	return marks.map((mark) => {
		const { px, py } = onScreen(view, size, mark.x, mark.y);
		return (
			<g key={mark.uuid} transform={`translate(${px.toFixed(1)} ${py.toFixed(1)})`} data-mark={mark.uuid}>
				<title>{[mark.word, mark.words].filter(Boolean).join(", ")}</title>
				{chosen === mark.uuid && <circle r="13" fill="none" stroke="var(--ember)" strokeWidth="3" />}
				{signs[mark.kind]}
			</g>
		);
	});
}

interface SpotsProps {
	spots: { spot: PlacedSpotData; px: number; py: number }[];
	/** Where the name of each lies. */
	names: Placed[];
}

/** Spots by their names; the one that is fished in ember. */
export function Spots({ spots, names }: SpotsProps) {
	return spots.map(({ spot, px, py }, i) => (
		<g key={spot.id}>
			<circle
				cx={px.toFixed(1)}
				cy={py.toFixed(1)}
				r="5"
				fill={spot.here ? "var(--ember)" : "#FBFCFA"}
				stroke="#10222B"
				strokeWidth="1.2"
			/>
			<text
				x={names[i]?.x.toFixed(1)}
				y={names[i]?.y.toFixed(1)}
				textAnchor={names[i]?.anchor}
				fontSize="13"
				fontWeight={spot.here ? 700 : 500}
				fill="#FBFCFA"
				stroke="var(--water-deep)"
				strokeWidth="3.5"
				paintOrder="stroke"
			>
				{spot.name}
			</text>
		</g>
	));
}

interface LooksProps extends Props {
	looks: LookPlaceData[];
	shown: number | null;
	/** How each leans, so that none stands over another. */
	leans: Leaning[];
}

/** Numbers of the list of where to look. */
export function Looks({ looks, view, size, shown, leans }: LooksProps) {
	return looks.map((look, i) => {
		const { px, py } = onScreen(view, size, look.x, look.y);
		const lean = leans[i]?.lean ?? 0;
		return (
			<g
				key={`${look.kind} ${look.x} ${look.y}`}
				transform={`translate(${px.toFixed(1)} ${py.toFixed(1)}) rotate(${lean})`}
			>
				<title>{`${look.title}, ${look.where}`}</title>
				<path d={`M0 0 V${numberSign.radius - numberSign.off}`} stroke="#FBFCFA" strokeWidth="1.6" />
				<g transform={`translate(0 ${-numberSign.off}) rotate(${-lean})`}>
					<circle
						r={numberSign.radius}
						fill={shown === i ? "var(--ember)" : "var(--water-deep)"}
						fillOpacity={shown === i ? 1 : 0.85}
						stroke="#FBFCFA"
						strokeWidth="1.2"
					/>
					<text
						y="4.2"
						textAnchor="middle"
						fontSize="12"
						fontWeight="700"
						fill={shown === i ? "var(--on-ember)" : "#FBFCFA"}
					>
						{i + 1}
					</text>
				</g>
			</g>
		);
	});
}
