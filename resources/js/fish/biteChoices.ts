/** Where a bite came, as it is chosen. */
export const came = [
	["first_fall", "first fall"],
	["fall", "fall"],
	["rest", "at rest"],
	["lift", "lift"],
	["swim", "swim"],
] as const;

export const hooks = [
	["front", "front"],
	["rear", "rear"],
	["stinger", "stinger"],
] as const;

/** Where in the fish, and what to mind then. */
export const heldIn = [
	["lip", "lip"],
	["inside", "deep"],
	["outside", "outside"],
] as const;

/** How a lure flew that fouled: two opinions of what does it. */
export const flew = [
	["straight", "straight"],
	["spinning", "turning over"],
] as const;

export const lostAt = [
	["boat", "at boat or bank"],
	["jump", "on a jump"],
	["line", "line broke"],
	["hook", "hook came out"],
] as const;
