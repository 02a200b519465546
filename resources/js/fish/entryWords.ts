import { EVENT_KIND } from "../kinds";
import type { Entry } from "../outbox/offlineActions";
import type { LoggedBiteData, OutingData } from "../types";
import { isKind } from "./tally";

/** What was logged, as it stands among the events until the server says the rest. */
export function biteOf(entry: Entry): LoggedBiteData {
	return {
		came: entry.came ?? "",
		fish: isKind(entry.kind) && EVENT_KIND[entry.kind].fish,
		species: entry.species ?? "",
		length: entry.length ?? "",
		landed: entry.landed !== false,
		hook: entry.hook ?? "",
		held: entry.held ?? "",
		scale: entry.scale ?? "",
		bent: false,
		lostAt: "",
		kept: entry.kept === undefined ? "" : entry.kept ? "kept" : "released",
		girth: entry.girth ?? "",
		tag: entry.tag ?? "",
		tagContact: entry.tag_contact ?? "",
		card: "",
	};
}

/** As far as it can be told here; the server says the rest once it has it. */
export function words(outing: OutingData, entry: Entry): string {
	if (!isKind(entry.kind) || EVENT_KIND[entry.kind].fish) return fishWords(biteOf(entry));
	return outing.pads.find((one) => one.kind === entry.kind)?.label ?? EVENT_KIND[entry.kind].word;
}

export function fishWords(bite: LoggedBiteData): string {
	const species = bite.species.replace("_", " ") || "fish";
	const fish = species.charAt(0).toUpperCase() + species.slice(1);
	return [fish, bite.length, bite.landed ? null : "lost"].filter(Boolean).join(", ");
}
