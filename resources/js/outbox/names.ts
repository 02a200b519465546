import { OFFLINE_ACTION, PICTURE_OF } from "../kinds";
import { say, upper } from "../parts/words";
import type { OfflineAction } from "./offlineActions";

/** What was done, in words that are clear away from its outing. */
export function nameOf(deed: OfflineAction): string {
	switch (deed.do) {
		case "log":
			return deed.words ?? upper(deed.entry.species ?? deed.entry.kind);
		case "read":
			return `${upper(deed.name.replaceAll("_", " "))}: ${deed.text ?? "taken away"}`;
		case "tie_on":
			return say("Tied on: {words}", { words: deed.words });
		case "move":
			return say("Moved to {words}", { words: deed.words });
		case "measure":
			return `Measured: ${deed.words}`;
		case "mark":
			return `Marked: ${deed.word}`;
		case "picture":
			return say("Picture of a {word}", { word: PICTURE_OF[deed.of].word });
		default:
			return OFFLINE_ACTION[deed.do].word;
	}
}
