import { OFFLINE_ACTION, PICTURE_OF } from "../kinds";
import { upper } from "../parts/words";
import type { OfflineAction } from "./offlineActions";

/** What was done, in words that are clear away from its outing. */
export function nameOf(deed: OfflineAction): string {
	switch (deed.do) {
		case "log":
			return deed.words ?? upper(deed.entry.species ?? deed.entry.kind);
		case "read":
			return `${upper(deed.name.replaceAll("_", " "))}: ${deed.text ?? "taken away"}`;
		case "tie_on":
			return `Tied on: ${deed.words}`;
		case "move":
			return `Moved to ${deed.words}`;
		case "measure":
			return `Measured: ${deed.words}`;
		case "mark":
			return `Marked: ${deed.word}`;
		case "picture":
			return `Picture of a ${PICTURE_OF[deed.of].word}`;
		default:
			return OFFLINE_ACTION[deed.do].word;
	}
}
