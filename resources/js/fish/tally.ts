import { EVENT_KIND } from "../kinds";
import type { EventData, EventKind, OutingData, TallyData } from "../types";

/** What a rod did, as it is told at a glance. */
export interface Glance {
	drops: number;
	touches: number;
	landed: number;
	dropsSinceTouch: number;
	sinceTouch: string | null;
	touched: boolean;
}

/** An outing, and what the rod in hand did in it. */
export type Counted = OutingData & Glance;

/** Whether it is a kind of event that this version knows. */
export const isKind = (kind: string): kind is EventKind => kind in EVENT_KIND;

export const isBite = (event: Pick<EventData, "kind">): boolean => EVENT_KIND[event.kind].bite;

/** Whether what is on goes out on casts: then a drop is called one. */
export const isCast = ({ pick }: Pick<OutingData, "pick">): boolean => Boolean(pick?.drop.cast);

const isLanded = (event: EventData): boolean => EVENT_KIND[event.kind].fish && event.bite?.landed !== false;

/** A tally with an event more, or with one less. */
export function counting(tally: TallyData, event: EventData, more: 1 | -1): TallyData {
	return {
		...tally,
		drops: tally.drops + (EVENT_KIND[event.kind].drop ? more : 0),
		touches: tally.touches + (isBite(event) ? more : 0),
		landed: tally.landed + (isLanded(event) ? more : 0),
	};
}

/** What is told of a rod: its totals, and what the events that are listed say of the time since the last bite. */
function glance(tally: TallyData, events: EventData[]): Glance {
	const touch = events.find(isBite);
	const drops = events.filter(({ kind }) => EVENT_KIND[kind].drop);
	const lastTouch = touch?.at ?? tally.touchBefore;
	const touched = tally.tiedAt !== null && lastTouch !== null && Date.parse(lastTouch) > Date.parse(tally.tiedAt);
	return {
		drops: tally.drops,
		touches: tally.touches,
		landed: tally.landed,
		dropsSinceTouch: touch
			? drops.filter((drop) => Date.parse(drop.at) > Date.parse(touch.at)).length
			: tally.dropsBefore + drops.length,
		sinceTouch: tally.tiedAt === null ? null : touched ? lastTouch : tally.tiedAt,
		touched,
	};
}

/** The outing with what is told of the rod in hand. */
export function withGlance(outing: OutingData): Counted {
	return { ...outing, ...glance(outing.tally, ofRodInHand(outing)) };
}

/** The events of the rod in hand, newest first; of all, where there are no rods. */
export function ofRodInHand(outing: OutingData): EventData[] {
	const rod = outing.rods.find((one) => one.inHand)?.uuid ?? null;
	return outing.events.filter((event) => event.rod === rod);
}
