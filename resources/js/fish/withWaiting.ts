import type { EventData, EventKind, OutingData } from "../types";
import type { Logged } from "./useOuting";

const bites: readonly string[] = ["touch", "fish"];

/** Rows that are listed, as the server lists them. */
const LISTED = 12;

/** The outing as it will be once all that waits has arrived: the server's last word, and what was tapped since. */
export function withWaiting(outing: OutingData, waiting: Logged[]): OutingData {
	return waiting.reduce(withOne, outing);
}

function withOne(outing: OutingData, { id, entry, at, undone }: Logged): OutingData {
	// Arrived meanwhile, or taken back before it did.
	if (undone || outing.events.some((event) => event.uuid === id)) return outing;
	const { kind } = entry;
	const bite = bites.includes(kind);
	const drop = kind === "drop";
	const event: EventData = {
		uuid: id,
		kind: kind as EventKind,
		words: words(outing, entry),
		at,
		depthText: "",
		computed: false,
		bite: null,
		lureLost: null,
	};
	return {
		...outing,
		drops: outing.drops + (drop ? 1 : 0),
		dropsSinceTouch: bite ? 0 : outing.dropsSinceTouch + (drop ? 1 : 0),
		touches: outing.touches + (bite ? 1 : 0),
		landed: outing.landed + (kind === "fish" && entry.landed !== false ? 1 : 0),
		sinceTouch: bite ? at : outing.sinceTouch,
		touched: outing.touched || bite,
		events: [event, ...outing.events].slice(0, LISTED),
	};
}

/** As far as it can be told here; the server says the rest once it has it. */
export function words(outing: OutingData, entry: Logged["entry"]): string {
	if (entry.kind === "drop") return "Drop";
	if (entry.kind === "touch") return "Touch";
	const pad = outing.pads.find((one) => one.kind === entry.kind);
	if (pad) return pad.label;
	const species = entry.species?.replace("_", " ") ?? "fish";
	const fish = species.charAt(0).toUpperCase() + species.slice(1);
	return [fish, entry.length, entry.landed === false ? "lost" : null].filter(Boolean).join(", ");
}
