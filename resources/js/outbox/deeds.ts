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
	tag?: string;
	tag_contact?: string;
	note?: string;
	/** When it came, where that was before it was told. */
	at?: string;
}

interface Told {
	/** Of what was done: sent twice it changes nothing. */
	id: string;
	outing: string;
	/** By the server's clock, as far as it is known here. */
	at: string;
}

export type Logged = Told & { do: "log"; rod: string | null; setup: string | null; entry: Entry };
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
export type Marked = Told & { do: "mark"; kind: string; word: string };
export type Retied = Told & { do: "retie"; rod: string | null };
export type Deed =
	| Logged
	| TakenBack
	| Amended
	| TiedOn
	| TakenInHand
	| Paused
	| WentOn
	| Ticked
	| Ended
	| Retied
	| Marked;

/** As the server takes it. */
export function asSent({ id, outing: _, ...deed }: Deed): Record<string, unknown> {
	switch (deed.do) {
		case "log": {
			const { entry, at, ...rest } = deed;
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
		case "mark": {
			const { word: _word, ...rest } = deed;
			return { uuid: id, ...rest };
		}
		default:
			return { uuid: id, ...deed };
	}
}
