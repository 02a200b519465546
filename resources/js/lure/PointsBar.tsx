import { scaleLinear } from "d3-scale";

/** Points against to the left of the line, points for to the right, one block a point, with the sum in figures. */
export function PointsBar({ pro, con, most }: { pro: number; con: number; most: number }) {
	const x = scaleLinear([-4, Math.max(14, most)], [0, 84]).clamp(true);
	const blocks = (from: number, to: number) => Array.from({ length: Math.ceil(to - from) }, (_, index) => index + from);
	return (
		<svg width="84" height="18" role="img" aria-label={`${pro} points for, ${con} against`}>
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
