/** A straight line from point to point, as SVG draws it, to a tenth of a pixel; "" for none. */
export function through(points: readonly (readonly [x: number, y: number])[]): string {
	return points.map(([x, y], i) => `${i === 0 ? "M" : "L"}${x.toFixed(1)} ${y.toFixed(1)}`).join("");
}
