import { EVENT_KIND } from "../kinds";
import {
	type Amended,
	type BesideTheLog,
	DAY,
	type Logged,
	type OfflineAction,
	type Read,
	shownBeside,
	type TakenBack,
} from "../outbox/offlineActions";
import type { EventData, LoggedBiteData, OutingData, RodOnBoardData } from "../types";
import { biteOf, fishWords, words } from "./entryWords";
import { inHand, moved, takenOff, tiedOn } from "./rodActions";
import { type Counted, counting, isBite, isKind, withGlance } from "./tally";

/** The outing as it will be once all that waits has arrived: the server's last word, and what was done since. */
export function withWaiting(outing: OutingData, waiting: OfflineAction[]): Counted {
	return withGlance(
		waiting.filter((deed) => deed.outing === outing.uuid || deed.outing === DAY).reduce(withOne, outing),
	);
}

function withOne(outing: OutingData, deed: OfflineAction): OutingData {
	switch (deed.do) {
		case "log":
			return logged(outing, deed);
		case "undo":
			return takenBack(outing, deed);
		case "put_back":
			return putBack(outing, deed);
		case "amend":
			return amended(outing, deed);
		case "tie_on":
			return tiedOn(outing, deed);
		case "take_in_hand":
			return inHand(outing, deed.rod);
		case "move":
			return moved(outing, deed);
		case "read":
			return { ...outing, water: reread(outing.water, deed) };
		case "begin":
		case "measure":
		case "own_cadence":
			return outing;
		default:
			return beside(outing, deed);
	}
}

/** Depth and temperature, as they stand beside each other. */
function reread(water: string, { name, text }: Read): string {
	const [depth = "", temp = ""] = water.split(" · ");
	const told = { depth, temp };
	const next = { ...told, [name]: text ?? "" };
	return name in told ? [next.depth, next.temp].filter(Boolean).join(" · ") : water;
}

function beside<Do extends BesideTheLog["do"]>(
	outing: OutingData,
	action: Extract<BesideTheLog, { do: Do }>,
): OutingData {
	return shownBeside[action.do as Do](outing, action);
}

function logged(outing: OutingData, { id, entry, at, rod, setup }: Logged): OutingData {
	// Arrived meanwhile.
	if ([...outing.events, ...outing.takenBack].some((event) => event.uuid === id)) return outing;
	const on = outing.rods.find((one) => (setup ? one.setup === setup : one.uuid === rod));
	const { kind } = entry;
	if (!isKind(kind)) return outing;
	const event: EventData = {
		uuid: id,
		kind,
		words: words(outing, entry),
		at: entry.at ?? at,
		depthText: "",
		computed: false,
		bite: EVENT_KIND[kind].bite ? biteOf(entry) : null,
		lureLost: EVENT_KIND[kind].losesLure ? false : null,
		rod: on?.uuid ?? null,
		rodName: outing.rods.length > 1 ? (on?.name ?? "") : "",
		note: entry.note ?? "",
		flew: EVENT_KIND[kind].flies ? "" : null,
		over: entry.over ?? null,
		became: null,
		pictures: [],
	};
	// A tap on a rod: what it paused for is over.
	const pause = outing.pause && (outing.pause.rod ?? event.rod) === event.rod ? null : outing.pause;
	return oneBite(counted({ ...outing, pause, events: inTime([event, ...outing.events]) }, event, 1), event);
}

/** ms from a touch to the fish that it can have been; as the server has it. */
const SAME_BITE = 60_000;

/** A fish hooked soon after a touch on the same rod, with no drop between, is the same bite: the touch becomes the fish. */
function oneBite(outing: OutingData, fish: EventData): OutingData {
	if (!EVENT_KIND[fish.kind].fish) return outing;
	const before = outing.events.slice(outing.events.indexOf(fish) + 1).filter(({ rod }) => rod === fish.rod);
	const touch = before.find(({ kind }) => kind === "touch" || kind === "drop");
	if (touch?.kind !== "touch" || Date.parse(fish.at) - Date.parse(touch.at) > SAME_BITE) return outing;
	return counted(
		{
			...outing,
			events: outing.events.filter((one) => one !== touch),
			takenBack: [{ ...touch, became: fish.uuid }, ...outing.takenBack],
		},
		touch,
		-1,
	);
}

function takenBack(outing: OutingData, { event: uuid }: TakenBack): OutingData {
	const event = outing.events.find((one) => one.uuid === uuid);
	if (!event) return outing;
	const after = counted(
		{
			...outing,
			events: outing.events.filter((one) => one !== event),
			takenBack: [event, ...outing.takenBack],
		},
		event,
		-1,
	);
	// What was part of it was felt all the same.
	const touch = after.takenBack.find(({ became }) => became === uuid);
	return touch ? standing(after, touch) : after;
}

function putBack(outing: OutingData, { event: uuid }: TakenBack): OutingData {
	const event = outing.takenBack.find((one) => one.uuid === uuid);
	if (!event) return outing;
	const after = standing(outing, event);
	const back = after.events.find((one) => one.uuid === uuid);
	return back ? oneBite(after, back) : after;
}

/** What was taken back, or had become a fish, as an event of its own again. */
function standing(outing: OutingData, event: EventData): OutingData {
	return counted(
		{
			...outing,
			events: inTime([{ ...event, became: null }, ...outing.events]),
			takenBack: outing.takenBack.filter((one) => one !== event),
		},
		event,
		1,
	);
}

function amended(outing: OutingData, { event: uuid, changes }: Amended): OutingData {
	const event = outing.events.find((one) => one.uuid === uuid);
	if (!event) return outing;
	const changed: EventData = {
		...event,
		lureLost: typeof changes.lure_lost === "boolean" ? changes.lure_lost : event.lureLost,
		at: typeof changes.at === "string" ? changes.at : event.at,
		note: typeof changes.note === "string" ? changes.note : event.note,
		depthText: typeof changes.depth === "string" ? changes.depth : event.depthText,
		flew: typeof changes.flew === "string" ? changes.flew : event.flew,
		bite: event.bite && { ...event.bite, ...biteChanges(changes) },
	};
	const told = { ...changed, words: event.bite?.fish && changed.bite ? fishWords(changed.bite) : event.words };
	const events = inTime(outing.events.map((one) => (one === event ? told : one)));
	const after = counted(counted({ ...outing, events }, event, -1), told, 1);
	return changes.lure_lost === true && event.lureLost === false ? takenOff(after, event) : after;
}

/** As the fields of a bite are called here. */
function biteChanges(changes: Record<string, unknown>): Partial<LoggedBiteData> {
	const text = (name: string) => (typeof changes[name] === "string" ? { [name]: changes[name] } : {});
	return {
		...text("species"),
		...text("length"),
		...text("girth"),
		...text("scale"),
		...text("tag"),
		...text("hook"),
		...text("held"),
		...(typeof changes.came === "string" ? { came: changes.came } : {}),
		...(typeof changes.landed === "boolean" ? { landed: changes.landed } : {}),
		...(typeof changes.kept === "boolean" ? { kept: changes.kept ? "kept" : "released" } : {}),
	};
}

/** Counts an event of the rod it came on. */
function counted(outing: OutingData, event: EventData, more: 1 | -1): OutingData {
	const mine = event.rod === (outing.rods.find((one) => one.inHand)?.uuid ?? null);
	const on = (rod: RodOnBoardData): RodOnBoardData => ({
		...rod,
		tally: rod.tally && counting(rod.tally, event, more),
		quietSince: more === 1 && isBite(event) && rod.setup ? later(rod.quietSince, event.at) : rod.quietSince,
	});
	return {
		...outing,
		drift: outing.drift + (EVENT_KIND[event.kind].drift ? more : 0),
		tally: mine ? counting(outing.tally, event, more) : outing.tally,
		rods: outing.rods.map((rod) => (rod.uuid === event.rod ? on(rod) : rod)),
	};
}

const later = (one: string | null, other: string) => (one && Date.parse(one) > Date.parse(other) ? one : other);

/** Newest first; what came at once stays in its order. */
function inTime(events: EventData[]): EventData[] {
	return events
		.map((event, place) => ({ event, place, at: Date.parse(event.at) }))
		.sort((a, b) => b.at - a.at || a.place - b.place)
		.map(({ event }) => event);
}
