import type { LureDrawing } from "../types";
import { BLADE_BACK, CLEAR_MM, OUTLINES } from "./outlines";

/** Heights of a lure's sides in its drawing, mm, down. */
export function topOf(lure: LureDrawing): number {
	const holes = lure.holes.map((hole) => hole.y + CLEAR_MM);
	return lure.family === "blade"
		? -Math.max(lure.heightMm * BLADE_BACK, ...holes)
		: -lure.heightMm * OUTLINES[lure.family].middle;
}

export function bottomOf(lure: LureDrawing): number {
	return topOf(lure) + lure.heightMm;
}

export function middleOf(lure: LureDrawing): number {
	return topOf(lure) + lure.heightMm * OUTLINES[lure.family].middle;
}

/** The side view as an SVG path, mm. */
export function outlinePath(lure: LureDrawing): string {
	const middle = middleOf(lure);
	const at = (share: number, index: number) =>
		(index % 2 === 0 ? share * lure.lengthMm : middle + share * lure.heightMm).toFixed(2);
	return OUTLINES[lure.family].path.map(([letter, shares]) => [letter, ...shares.map(at)].join(" ")).join(" ");
}
