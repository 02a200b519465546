interface Props {
	left: number;
	top: number;
	width: number;
	height: number;
	/** mm up to which it is numbered. */
	to: number;
}

/** Whole millimetres in a span. */
function within(from: number, to: number): number[] {
	return Array.from({ length: Math.floor(to) - Math.ceil(from) + 1 }, (_, index) => Math.ceil(from) + index);
}

const weight = (mm: number) => (mm % 10 === 0 ? 0.3 : mm % 5 === 0 ? 0.16 : 0.08);

/** Millimetres, the fives and tens heavier, the tens numbered from the nose. */
export function MillimetreGrid({ left, top, width, height, to }: Props) {
	const bottom = top + height;
	return (
		<>
			<g stroke="var(--rule)">
				{within(left, left + width).map((x) => (
					<path key={`x${x}`} d={`M ${x} ${top} V ${bottom}`} strokeWidth={weight(x)} />
				))}
				{within(top, bottom).map((y) => (
					<path key={`y${y}`} d={`M ${left} ${y} H ${left + width}`} strokeWidth={weight(y)} />
				))}
			</g>
			<g fontSize="2.4" fill="var(--slate)">
				{within(0, to)
					.filter((x) => x % 10 === 0)
					.map((x) => (
						<text key={x} x={x} y={bottom - 1} textAnchor="middle">
							{x}
						</text>
					))}
			</g>
		</>
	);
}
