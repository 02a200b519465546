import type { LureDrawing } from "../types";

/** Heights of a lure's sides in its drawing, mm, down. */
export function topOf(lure: LureDrawing): number {
	const holes = lure.holes.map((hole) => hole.y + 2.4);
	return lure.family === "blade" ? -Math.max(lure.heightMm * 0.6, ...holes) : -lure.heightMm / 2;
}

export function bottomOf(lure: LureDrawing): number {
	return topOf(lure) + lure.heightMm;
}

export function middleOf(lure: LureDrawing): number {
	return topOf(lure) + lure.heightMm * 0.56;
}
