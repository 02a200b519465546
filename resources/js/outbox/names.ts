import { upper } from "../parts/words";
import type { Deed } from "./deeds";

const names: Record<Deed["do"], string> = {
	log: "An entry",
	undo: "Taking an entry back",
	put_back: "Putting an entry back",
	amend: "Mending an entry",
	tie_on: "Tying on",
	take_in_hand: "Taking a rod in hand",
	pause: "A pause",
	go_on: "Going on",
	tick: "Ticking off",
	end: "Ending the outing",
	retie: "Tying the leader anew",
	mark: "A mark",
	move: "A move",
};

/** What was done, in words that are clear away from its outing. */
export function nameOf(deed: Deed): string {
	switch (deed.do) {
		case "log":
			return deed.words ?? upper(deed.entry.species ?? deed.entry.kind);
		case "tie_on":
			return `Tied on: ${deed.words}`;
		case "move":
			return `Moved to ${deed.words}`;
		case "mark":
			return `Marked: ${deed.word}`;
		default:
			return names[deed.do];
	}
}
