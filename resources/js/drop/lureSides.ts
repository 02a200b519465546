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

/** Where a drawing of it alone begins, and how large it is, mm. */
export function frameOf(lure: LureDrawing): { left: number; top: number; width: number; height: number } {
	const extra = lure.family === "bladed_spoon" || lure.family === "tail_spinner" ? lure.heightMm * 1.6 : 6;
	const top = topOf(lure) - 3;
	return { left: -5, top, width: lure.lengthMm + extra + 8, height: bottomOf(lure) + 12 - top };
}

export interface DrawnHook {
	name: "front" | "rear";
	x: number;
	y: number;
	size: number;
}

/** Where its hooks hang, mm. */
export function hooksOf(lure: LureDrawing): DrawnHook[] {
	const l = lure.lengthMm;
	switch (lure.family) {
		case "blade":
			return [
				{ name: "front", x: l * 0.34, y: bottomOf(lure) - 0.6, size: l * 0.15 },
				{ name: "rear", x: l * 0.985, y: middleOf(lure) + lure.heightMm * 0.12, size: l * 0.17 },
			];
		case "tail_spinner":
			return [{ name: "front", x: l * 0.5, y: lure.heightMm * 0.46, size: l * 0.26 }];
		default:
			return [{ name: "rear", x: l, y: 0.6, size: l * 0.17 }];
	}
}
