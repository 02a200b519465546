// Written by `php artisan types` from where each of these is defined. Change it there.

/** A letter of an SVG path with its points: x in lengths of the lure, y in its heights from the middle. */
export type Command = readonly [string, readonly number[]];

export const BLADE_BACK = 0.6;

export const CLEAR_MM = 2.4;

/** m within which a phone must know where it is for anything to rest on it. */
export const SURE_M = 30;

/** m/s above which a boat is under way, and not fished from. */
export const UNDER_WAY_MS = 2;

/** Largest edge of a picture that is kept, dots, and its largest file, bytes. */
export const PICTURE_EDGE = 1600;
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

export const FAMILY = {
	blade: {
		word: "blade",
		named: "blade, vibe",
		small: "vibe",
		holes: 3,
		flutters: false,
		flat: true,
		tail: "",
		tie: [0.48, -0.52],
		eye: 0.12,
		middle: 0.56,
		hooks: [["front", 0.34, 0.41, 0.15], ["rear", 0.985, 0.12, 0.17]],
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
		word: "spoon",
		named: "spoon",
		small: null,
		holes: 0,
		flutters: true,
		flat: false,
		tail: "",
		tie: null,
		eye: 0.14,
		middle: 0.5,
		hooks: [["rear", 1, 0.04, 0.17]],
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
		word: "bladed spoon",
		named: "bladed spoon",
		small: null,
		holes: 0,
		flutters: true,
		flat: false,
		tail: "blade",
		tie: null,
		eye: 0.14,
		middle: 0.5,
		hooks: [["rear", 1, 0.04, 0.17]],
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
		word: "tail spinner",
		named: "tail spinner",
		small: null,
		holes: 0,
		flutters: false,
		flat: false,
		tail: "wire",
		tie: [0.36, -0.62],
		eye: 0.18,
		middle: 0.5,
		hooks: [["front", 0.5, 0.46, 0.26]],
		path: [
			["M", [0, 0]],
			["C", [0, -0.42, 0.2, -0.5, 0.42, -0.48]],
			["C", [0.7, -0.42, 0.9, -0.14, 1, 0]],
			["C", [0.9, 0.2, 0.66, 0.5, 0.36, 0.5]],
			["C", [0.12, 0.5, 0, 0.3, 0, 0]],
			["Z", []],
		],
	},
} as const;

export const FINISH = {
	silver: { word: "silver" },
	gold: { word: "gold" },
	white: { word: "white" },
	chartreuse: { word: "chartreuse" },
	perch: { word: "perch pattern" },
	natural: { word: "natural" },
	black: { word: "black" },
	black_white: { word: "black and white" },
	pink: { word: "pink" },
	red: { word: "red" },
} as const;

export const ACCENT = {
	gold: { word: "a little gold" },
	red: { word: "red" },
	red_near_hooks: { word: "red near the hooks" },
	tape: { word: "tape" },
	scent: { word: "scent" },
	soft_tail: { word: "a soft tail" },
	feather: { word: "a feather" },
} as const;

export const EVENT_KIND = {
	drop: {
		word: "Drop",
		bite: false,
		fish: false,
		drop: true,
		drift: false,
		flies: false,
		losesLure: false,
		pad: false,
	},
	touch: {
		word: "Bite",
		bite: true,
		fish: false,
		drop: false,
		drift: false,
		flies: false,
		losesLure: false,
		pad: false,
	},
	fish: {
		word: "Fish",
		bite: true,
		fish: true,
		drop: false,
		drift: false,
		flies: false,
		losesLure: true,
		pad: false,
	},
	foul: {
		word: "Fouled",
		bite: false,
		fish: false,
		drop: false,
		drift: false,
		flies: true,
		losesLure: false,
		pad: true,
	},
	snag: {
		word: "Snagged",
		bite: false,
		fish: false,
		drop: false,
		drift: false,
		flies: false,
		losesLure: true,
		pad: true,
	},
	rock: {
		word: "Line on rock",
		bite: false,
		fish: false,
		drop: false,
		drift: false,
		flies: false,
		losesLure: false,
		pad: true,
	},
	drift: {
		word: "New drift",
		bite: false,
		fish: false,
		drop: false,
		drift: true,
		flies: false,
		losesLure: false,
		pad: true,
	},
	followed: {
		word: "Followed",
		bite: false,
		fish: false,
		drop: false,
		drift: false,
		flies: false,
		losesLure: false,
		pad: true,
	},
	refused: {
		word: "Turned away",
		bite: false,
		fish: false,
		drop: false,
		drift: false,
		flies: false,
		losesLure: false,
		pad: true,
	},
} as const;

export const OFFLINE_ACTION = {
	read: { word: "A reading" },
	measure: { word: "A measurement" },
	own_cadence: { word: "Your own lift" },
	begin: { word: "Beginning an outing" },
	log: { word: "An entry" },
	undo: { word: "Taking an entry back" },
	put_back: { word: "Putting an entry back" },
	amend: { word: "Mending an entry" },
	tie_on: { word: "Tying on" },
	take_in_hand: { word: "Taking a rod in hand" },
	pause: { word: "A pause" },
	go_on: { word: "Going on" },
	tick: { word: "Ticking off" },
	end: { word: "Ending the outing" },
	retie: { word: "A retied leader" },
	mark: { word: "A mark" },
	move: { word: "A move" },
	track: { word: "Where the boat went" },
	picture: { word: "A picture" },
} as const;

export const BITE_PHASE = {
	first_fall: { word: "first fall", within: "on the first fall" },
	fall: { word: "fall", within: "on the fall" },
	rest: { word: "at rest", within: "at rest" },
	lift: { word: "lift", within: "as it lifted" },
	swim: { word: "swim", within: "while it swam" },
} as const;

export const HOOK_HELD = {
	front: { word: "front", within: "front hook" },
	rear: { word: "rear", within: "rear hook" },
	stinger: { word: "stinger", within: "stinger" },
} as const;

export const HELD_IN = {
	lip: { word: "lip", within: "in the lip" },
	inside: { word: "deep", within: "hooked deep" },
	outside: { word: "outside", within: "foul-hooked" },
} as const;

export const FLEW = {
	straight: { word: "straight", within: "flew straight" },
	spinning: { word: "turning over", within: "turned over in flight" },
} as const;

export const LOST_AT = {
	boat: { word: "at boat or bank" },
	jump: { word: "on a jump" },
	line: { word: "the line broke" },
	hook: { word: "the hook came out" },
} as const;

export const PAUSE_WHY = {
	moving: { word: "moving" },
	eating: { word: "eating" },
	unhooking: { word: "unhooking" },
	other: { word: "something else" },
} as const;

export const PICTURE_OF = {
	event: { word: "fish" },
	lure: { word: "lure" },
	spot: { word: "spot" },
} as const;
