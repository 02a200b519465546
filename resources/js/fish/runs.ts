import { EVENT_KIND } from "../kinds";
import { say } from "../parts/words";
import type { EventData } from "../types";

/** A line of the list: an event, or drops in a row on one rod under the newest of them. */
export interface Run {
	event: EventData;
	words: string;
}

/** Drops in a row on one rod are told as one line. */
export function inRuns(events: EventData[]): Run[] {
	const runs: { event: EventData; times: number }[] = [];
	for (const event of events) {
		const last = runs.at(-1);
		if (EVENT_KIND[event.kind].drop && last?.event.kind === event.kind && last.event.rod === event.rod) last.times++;
		else runs.push({ event, times: 1 });
	}
	return runs.map(({ event, times }) => ({
		event,
		words: [times > 1 ? say("{times} drops", { times }) : event.words, event.rodName].filter(Boolean).join(", "),
	}));
}
