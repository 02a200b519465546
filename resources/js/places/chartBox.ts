import type { Charted } from "./Chart";
import { around, type Box, pairs } from "./view";

/** Around everything that is known of a water; a hundred metres where nothing is. */
export function boxOf(page: Pick<Charted, "ground" | "spots" | "edges" | "marks">): Box {
	const known = (page.ground?.known ?? []).flatMap(pairs);
	const placed = page.spots.flatMap(({ x, y }) => (x === null || y === null ? [] : [{ x, y }]));
	const drawn = page.edges.flatMap((edge) => pairs(edge.points));
	const found = [...known, ...placed, ...drawn, ...(known.length > 0 ? [] : page.marks)];
	const box = around(found);
	if (box && box.east - box.west + box.north - box.south > 20) return box;
	const middle = found[0] ?? { x: 0, y: 0 };
	return { west: middle.x - 100, east: middle.x + 100, south: middle.y - 65, north: middle.y + 65 };
}
