import { OFFLINE_ACTION } from "../kinds";
import { upper } from "../parts/words";
import type { Deed } from "./deeds";

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
			return OFFLINE_ACTION[deed.do].word;
	}
}
