// Written by `php artisan types` from core/Tackle/Outline.php. Change it there.

import type { Family } from "../types";

/** A letter of an SVG path with its points: x in lengths of the lure, y in its heights from the middle. */
export type Command = readonly [string, readonly number[]];

export const OUTLINES: Record<Family, { middle: number; path: readonly Command[] }> = {
	blade: {
		middle: 0.56,
		path: [
			["M", [0, 0]],
			["C", [0.03, -0.3, 0.22, -0.56, 0.44, -0.56]],
			["C", [0.66, -0.56, 0.78, -0.2, 0.86, -0.13]],
			["Q", [0.93, -0.22, 1, -0.42]],
			["Q", [0.95, 0, 0.98, 0.3]],
			["Q", [0.91, 0.16, 0.85, 0.08]],
			["C", [0.72, 0.2, 0.5, 0.44, 0.3, 0.44]],
			["C", [0.13, 0.44, 0.03, 0.28, 0, 0]],
			["Z", []],
		],
	},
	spoon: {
		middle: 0.5,
		path: [
			["M", [0, 0]],
			["C", [0.05, -0.18, 0.16, -0.4, 0.34, -0.48]],
			["C", [0.55, -0.56, 0.84, -0.36, 1, -0.12]],
			["Q", [1.015, 0, 1, 0.12]],
			["C", [0.84, 0.36, 0.55, 0.56, 0.34, 0.48]],
			["C", [0.16, 0.4, 0.05, 0.18, 0, 0]],
			["Z", []],
		],
	},
	bladed_spoon: {
		middle: 0.5,
		path: [
			["M", [0, 0]],
			["C", [0.05, -0.18, 0.16, -0.4, 0.34, -0.48]],
			["C", [0.55, -0.56, 0.84, -0.36, 1, -0.12]],
			["Q", [1.015, 0, 1, 0.12]],
			["C", [0.84, 0.36, 0.55, 0.56, 0.34, 0.48]],
			["C", [0.16, 0.4, 0.05, 0.18, 0, 0]],
			["Z", []],
		],
	},
	tail_spinner: {
		middle: 0.5,
		path: [
			["M", [0, 0]],
			["C", [0, -0.42, 0.2, -0.5, 0.42, -0.48]],
			["C", [0.7, -0.42, 0.9, -0.14, 1, 0]],
			["C", [0.9, 0.2, 0.66, 0.5, 0.36, 0.5]],
			["C", [0.12, 0.5, 0, 0.3, 0, 0]],
			["Z", []],
		],
	},
};

export const BLADE_BACK = 0.6;

export const CLEAR_MM = 2.4;
