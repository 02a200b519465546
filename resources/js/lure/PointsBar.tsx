import { say } from "../parts/words";

const WIDTH = 84;

/** Points against to the left of the line, points for to the right, one block a point, with the sum in figures. */
export function PointsBar({ pro, con, most }: { pro: number; con: number; most: number }) {
	const [low, high] = [-4, Math.max(14, most)];
	const x = (points: number) => (WIDTH * (Math.min(high, Math.max(low, points)) - low)) / (high - low);
	const blocks = (from: number, to: number) => Array.from({ length: Math.ceil(to - from) }, (_, index) => index + from);
	return (
		<svg width={WIDTH} height="18" role="img" aria-label={say("{pro} points for, {con} against", { pro, con })}>
			{blocks(0, pro).map((at) => (
				<rect
					key={at}
					x={x(at) + 1.5}
					y="1"
					height="16"
					width={Math.max(0, x(Math.min(at + 1, pro)) - x(at) - 1)}
					fill="var(--moss)"
				/>
			))}
			{blocks(0, con).map((at) => (
				<rect
					key={at}
					x={x(-Math.min(at + 1, con))}
					y="4"
					height="10"
					width={Math.max(0, x(at + 1) - x(at) - 1)}
					fill="none"
					stroke="var(--rowan)"
					strokeWidth="1.4"
				/>
			))}
			<path d={`M ${x(0)} 0 V 18`} stroke="var(--ink)" strokeWidth="2" />
		</svg>
	);
}
