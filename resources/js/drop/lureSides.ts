import { BLADE_BACK, CLEAR_MM, type Command } from "../figures";
import { FAMILY } from "../kinds";
import type { LureDrawing } from "../types";

/** Heights of a lure's sides in its drawing, mm, down. */
export function topOf(lure: LureDrawing): number {
	const holes = lure.holes.map((hole) => hole.y + CLEAR_MM);
	return FAMILY[lure.family].flat
		? -Math.max(lure.heightMm * BLADE_BACK, ...holes)
		: -lure.heightMm * FAMILY[lure.family].middle;
}

export function bottomOf(lure: LureDrawing): number {
	return topOf(lure) + lure.heightMm;
}

export function middleOf(lure: LureDrawing): number {
	return topOf(lure) + lure.heightMm * FAMILY[lure.family].middle;
}

/** The side view as an SVG path, mm. */
export function outlinePath(lure: LureDrawing): string {
	const middle = middleOf(lure);
	const at = (share: number, index: number) =>
		(index % 2 === 0 ? share * lure.lengthMm : middle + share * lure.heightMm).toFixed(2);
	const path: readonly Command[] = FAMILY[lure.family].path;
	return path.map(([letter, shares]) => [letter, ...shares.map(at)].join(" ")).join(" ");
}

/** Where a drawing of it alone begins, and how large it is, mm. */
export function frameOf(lure: LureDrawing): { left: number; top: number; width: number; height: number } {
	const extra = FAMILY[lure.family].tail ? lure.heightMm * 1.6 : 6;
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
	return FAMILY[lure.family].hooks.map(([name, along, below, size]) => ({
		name,
		x: lure.lengthMm * along,
		y: middleOf(lure) + lure.heightMm * below,
		size: lure.lengthMm * size,
	}));
}
