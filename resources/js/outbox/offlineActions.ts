import type { OFFLINE_ACTION, PICTURE_OF } from "../kinds";
import { plainTexts } from "../parts/plainText";
import type { OutingData } from "../types";

/** What can be done to an outing without a connection, as it is kept on the device; the server has the same names for it. */
export interface Entry {
	/** What the server calls it. */
	kind: string;
	came?: string | null;
	species?: string;
	length?: string;
	landed?: boolean;
	kept?: boolean;
	girth?: string;
	/** What the scale said; several readings, of which the middle counts. */
	scale?: string;
	tag?: string;
	tag_contact?: string;
	note?: string;
	hook?: string;
	/** Where in the fish. */
	held?: string;
	/** When it came, where that was before it was told. */
	at?: string;
	/** When a fish was landed or lost. */
	over?: string;
}

interface Told {
	/** Of what was done: sent twice it changes nothing. */
	id: string;
	outing: string;
	/** By the server's clock, as far as it is known here. */
	at: string;
	/** Put into an outing that is over by the angler's own word: it lasted until then. */
	extend?: boolean;
}

/** A time that somebody typed, as their own clock showed it: it is not put right with this device's. */
interface Typed {
	typed?: boolean;
}

export type Logged = Told & {
	do: "log";
	rod: string | null;
	setup: string | null;
	entry: Entry;
	/** What it is called, where it is told away from its outing. */
	words?: string;
} & Typed;
export type TakenBack = Told & { do: "undo" | "put_back"; event: string };
export type Amended = Told & { do: "amend"; event: string; changes: Record<string, unknown> };
export type TiedOn = Told & {
	do: "tie_on";
	rod: string | null;
	lure: number | null;
	hole: string | null;
	cadence: string | null;
	/** In words, until the server says it. */
	words: string;
	way: string;
};
export type TakenInHand = Told & { do: "take_in_hand"; rod: string };
export type Paused = Told & { do: "pause"; why: string; rod: string | null };
export type WentOn = Told & { do: "go_on" };
export type Ticked = Told & { do: "tick"; plan: string; number: number; made: boolean };
export type Ended = Told & { do: "end" };
/** With where a phone was as it was pressed, where that was known: degrees, and m within which it lay. */
export type Marked = Told & { do: "mark"; kind: string; word: string; lat?: number; lon?: number; accuracy?: number };
/** Some minutes of where the boat went, from its time on, as the server reads it (Core\Formats\FixText). */
export type Tracked = Told & { do: "track"; fixes: string };
/** A picture of a fish, with its outing; of a lure or a spot, of the day. What it holds is kept beside it (outbox/pictures). */
export type Pictured = Told & {
	do: "picture";
	of: keyof typeof PICTURE_OF;
	/** Uuid of the fish, number of the lure or the spot. */
	thing: string;
	/** Dots. */
	width: number;
	height: number;
};
export type Moved = Told & {
	do: "move";
	/** A spot that is known, by its number; null for a new one. */
	spot: number | null;
	name: string | null;
	/** Of a new spot; null for the one where the outing is. */
	water: string | null;
	/** What is on each rod from now on, by the rod. */
	setups: Record<string, string>;
	/** The place in words, and how deep it is, until the server says it. */
	words: string;
	depth: string;
};
export type Retied = Told & { do: "retie"; rod: string | null };
/** Where goes what is of the day itself, and of no outing. */
export const DAY = "day";

export type Read = Told & { do: "read"; name: string; text: string | null };
/** An outing that began here: its id is that of the action. */
export type Begun = Told & { do: "begin" };
/** Something that was measured, as it was typed, with the readings of the water it was made in. */
export type Measured = Told & {
	do: "measure";
	kind: string;
	pick: string;
	readings: Record<string, string>;
	/** In words, until the server says it. */
	words: string;
} & Partial<Record<"seconds" | "distance" | "angle" | "travel", string>>;
/** A lift from practice that became one's own. */
export type WorkedAnew = Told & { do: "own_cadence"; cadence: string; lift: string; seconds: string; pause: string };
export type OfTheDay = Read | Begun | Measured | WorkedAnew;

/** Those that change what the log says, and which rod says it: fish/withWaiting shows them. */
export type OfTheLog = Logged | TakenBack | Amended | TiedOn | TakenInHand | Moved;

/** Those that change what stands beside the log. */
export type BesideTheLog = Paused | WentOn | Ticked | Ended | Retied | Marked | Tracked | Pictured;

export type OfflineAction = OfTheLog | BesideTheLog | OfTheDay;

/** What is shown of each that stands beside the log, until the server has it. */
export const shownBeside: {
	[Do in BesideTheLog["do"]]: (outing: OutingData, action: Extract<BesideTheLog, { do: Do }>) => OutingData;
} = {
	pause: (outing, { why, at, rod }) => ({ ...outing, pause: { why, since: at, rod } }),
	go_on: (outing) => ({ ...outing, pause: null }),
	end: (outing, { at }) => ({ ...outing, endedAt: outing.endedAt ?? at, pause: null }),
	retie: (outing) => ({ ...outing, rig: outing.rig && { ...outing.rig, care: null } }),
	mark: (outing, { id, word, at, lat = null, lon = null }) =>
		outing.marks.some(({ uuid }) => uuid === id)
			? outing
			: { ...outing, marks: [{ uuid: id, word, at, lat, lon }, ...outing.marks] },
	// Of a plan, which is shown beside it.
	tick: (outing) => outing,
	// Of the chart.
	track: (outing) => outing,
	picture: (outing, { id, thing, width, height }) => ({
		...outing,
		events: outing.events.map((event) =>
			event.uuid !== thing || event.pictures.some(({ uuid }) => uuid === id)
				? event
				: { ...event, pictures: [...event.pictures, { uuid: id, width, height }] },
		),
	}),
};

/** Every action that the server takes is known here; one that is not is named by the compiler. */
export type Unknown = Exclude<keyof typeof OFFLINE_ACTION, OfflineAction["do"]>;
const unknown: Record<Unknown, never> = {};
void unknown;

/** As the server takes it: with the moment at which it was tapped, by which a clock that was wrong is seen. */
export function asSent(deed: OfflineAction): Record<string, unknown> {
	return plainTexts({ ...fieldsOf(deed), tapped: deed.at });
}

/** The same a while later: a clock was wrong by that much as it was done, ms. */
export function shifted<T extends OfflineAction>(deed: T, ms: number): T {
	if (ms === 0) return deed;
	const later = (at: string) => new Date(Date.parse(at) + ms).toISOString();
	const moved = { ...deed, at: later(deed.at) };
	if (moved.do !== "log" || moved.typed) return moved;
	const { at, over } = moved.entry;
	return { ...moved, entry: { ...moved.entry, ...(at && { at: later(at) }), ...(over && { over: later(over) }) } };
}

function fieldsOf({ id, outing: _, ...deed }: OfflineAction): Record<string, unknown> {
	switch (deed.do) {
		case "log": {
			const { entry, at, words: _words, typed: _typed, ...rest } = deed;
			return { uuid: id, at, ...rest, ...entry };
		}
		case "undo":
		case "put_back":
			return { uuid: id, do: deed.do, event: deed.event, said: deed.at };
		case "amend":
			return { uuid: id, do: deed.do, event: deed.event, said: deed.at, ...deed.changes };
		case "tie_on": {
			const { words: _words, way: _way, ...rest } = deed;
			return { uuid: id, ...rest };
		}
		case "move": {
			const { words: _words, depth: _depth, ...rest } = deed;
			return { uuid: id, ...rest };
		}
		case "mark": {
			const { word: _word, ...rest } = deed;
			return { uuid: id, ...rest };
		}
		case "picture": {
			const { width: _width, height: _height, ...rest } = deed;
			return { uuid: id, ...rest };
		}
		case "measure": {
			const { words: _words, ...rest } = deed;
			return { uuid: id, ...rest };
		}
		default:
			return { uuid: id, ...deed };
	}
}
