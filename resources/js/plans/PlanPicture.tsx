import { through } from "../parts/path";
import { useWide } from "../parts/useWide";
import type { PlanData, PlanMarkData } from "../types";

const edge = 26;

interface Size {
	wide: number;
	tall: number;
}

interface Point {
	x: number;
	y: number;
}

/** A plan from above, to scale, north up: made ones brass, the next one ember. */
export function PlanPicture({ plan }: { plan: PlanData }) {
	const size = useWide("lg") ? { wide: 480, tall: 300 } : { wide: 300, tall: 240 };
	const { wide, tall } = size;
	const { at, perMetre } = layOut(plan, size);
	const path = through(plan.line.map(at).map(({ x, y }) => [x, y]));
	const bar = barOf(perMetre * plan.unitM, wide);
	return (
		<svg
			viewBox={`0 0 ${wide} ${tall}`}
			role="img"
			aria-label={`${plan.name}: ${plan.sentence}`}
			className="block w-full rounded-md"
		>
			<rect width={wide} height={tall} fill="var(--water-mid)" />
			{path && (
				<path
					d={plan.closed ? `${path} Z` : path}
					fill={plan.closed ? "var(--water-deep)" : "none"}
					fillOpacity={0.5}
					stroke="#B8A77B"
					strokeWidth={plan.closed ? 2 : 7}
					strokeLinejoin="round"
					strokeLinecap="round"
				/>
			)}
			{plan.marks.map((mark) => (
				<Mark key={mark.n} mark={mark} next={mark.n === plan.next} at={at} drift={plan.kind === "drift"} />
			))}
			<g stroke="#FBFCFA" fill="#FBFCFA" fontSize={13}>
				<path d={`M${edge} ${tall - 14} h${bar * perMetre * plan.unitM}`} strokeWidth={3} />
				<text x={edge} y={tall - 20} stroke="none">
					{bar} {plan.unit}
				</text>
				<path d={`M${wide - 22} 40 V14 m-5 8 l5 -8 l5 8`} fill="none" strokeWidth={2} />
				<text x={wide - 26} y={54} stroke="none">
					N
				</text>
			</g>
		</svg>
	);
}

interface MarkProps {
	mark: PlanMarkData;
	next: boolean;
	at: (point: Point) => Point;
	drift: boolean;
}

function Mark({ mark, next, at, drift }: MarkProps) {
	const [from, to] = [at({ x: mark.fromX, y: mark.fromY }), at({ x: mark.toX, y: mark.toY })];
	const ink = next ? "var(--ember)" : mark.made ? "var(--brass)" : "#FBFCFA";
	return (
		<g stroke={ink} fill={ink}>
			<path d={`M${from.x} ${from.y} L${to.x} ${to.y}`} strokeWidth={next ? 3 : 1.2} strokeOpacity={next ? 1 : 0.75} />
			<circle
				cx={drift ? from.x : to.x}
				cy={drift ? from.y : to.y}
				r={next ? 6 : 3.4}
				stroke="#10222B"
				strokeWidth={0.8}
			/>
			{next && (
				<text x={to.x + 9} y={to.y - 7} fontSize={15} fontWeight={650} stroke="none" fill="#FBFCFA">
					{mark.n}
				</text>
			)}
		</g>
	);
}

/** Equal scale on both axes, everything within the picture. */
function layOut(plan: PlanData, { wide, tall }: Size): { at: (point: Point) => Point; perMetre: number } {
	const points = [
		...plan.line,
		...plan.marks.flatMap((mark) => [
			{ x: mark.fromX, y: mark.fromY },
			{ x: mark.toX, y: mark.toY },
		]),
	];
	const [xs, ys] = [points.map((point) => point.x), points.map((point) => point.y)];
	const [west, east, south, north] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
	const perMetre = Math.min(
		(wide - 2 * edge) / Math.max(1, east - west),
		(tall - 2 * edge) / Math.max(1, north - south),
	);
	const [left, top] = [(wide - (east - west) * perMetre) / 2, (tall - (north - south) * perMetre) / 2];
	const round = (value: number) => Math.round(10 * value) / 10;
	return {
		perMetre,
		at: ({ x, y }) => ({ x: round(left + (x - west) * perMetre), y: round(top + (north - y) * perMetre) }),
	};
}

/** A round length that is about a fifth of the picture, in the angler's unit. */
function barOf(perUnit: number, wide: number): number {
	const about = wide / 5 / perUnit;
	const power = 10 ** Math.floor(Math.log10(about));
	return [5, 2, 1].map((step) => step * power).find((step) => step <= about) ?? power;
}
