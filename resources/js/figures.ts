// Written by `php artisan types` from where each of these is defined. Change it there.

/** A letter of an SVG path with its points: x in lengths of the lure, y in its heights from the middle. */
export type Command = readonly [string, readonly number[]];

/** Share of the height of a blade that its back stands above the nose. */
export const BLADE_BACK = 0.6;

/** mm of metal above the highest hole of a blade. */
export const CLEAR_MM = 2.4;

/** m within which a phone must know where it is for anything to rest on it. */
export const SURE_M = 30;

/** m/s above which a boat is under way, and not fished from. */
export const UNDER_WAY_MS = 2;

/** Largest edge of a picture that is kept, dots. */
export const PICTURE_EDGE = 1600;

/** Largest file of a picture that is kept, bytes. */
export const PICTURE_BYTES = 350000;

/** What this device can answer by itself, each by its address. */
export const QUESTIONS: readonly string[] = [
	"/answer",
	"/way",
	"/second-look",
	"/compare",
	"/on-top",
	"/chart",
	"/cast",
	"/angle-fix",
	"/ghost",
	"/work/timing",
	"/rig/checks",
	"/work/lifts",
	"/measured",
	"/drift-by-phone",
	"/nearest-spot",
	"/angle-by-tilt",
	"/heading-by-compass",
	"/way-back",
];
