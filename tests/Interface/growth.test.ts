import { describe, expect, it } from "vitest";
import { paintOf } from "../../resources/js/drop/finish";
import { hooksOf, outlinePath } from "../../resources/js/drop/lureSides";
import { withWaiting } from "../../resources/js/fish/withWaiting";
import { EVENT_KIND, FAMILY, FINISH, OFFLINE_ACTION } from "../../resources/js/kinds";
import { nameOf } from "../../resources/js/outbox/names";
import type { OfflineAction } from "../../resources/js/outbox/offlineActions";
import { optionsOf } from "../../resources/js/parts/options";
import type { EventKind, Family, LureDrawing, OutingData } from "../../resources/js/types";

/** The interface's half of what grows: each one of it is there; bin/grow adds one more and asks again. */
const outing = {
	uuid: "o",
	events: [],
	takenBack: [],
	rods: [],
	marks: [],
	pads: [],
	pause: null,
	setup: "s",
	tally: { drops: 0, touches: 0, landed: 0, dropsBefore: 0, touchBefore: null, tiedAt: "2026-11-01T05:00:00.000Z" },
	drift: 0,
} as unknown as OutingData;

const log = (kind: string): OfflineAction => ({
	do: "log",
	id: kind,
	outing: "o",
	at: "2026-11-01T06:00:00.000Z",
	rod: null,
	setup: "s",
	entry: { kind, species: kind === "fish" ? "perch" : undefined },
});

describe("what grows", () => {
	it.each(Object.keys(EVENT_KIND) as EventKind[])("counts and tells %s before the server has it", (kind) => {
		const { bite, drop, drift, word } = EVENT_KIND[kind];
		const after = withWaiting(outing, [log(kind)]);
		expect([after.touches, after.drops, after.drift]).toEqual([Number(bite), Number(drop), Number(drift)]);
		expect(after.events[0]?.bite !== null).toBe(bite);
		expect(after.events[0]?.words).toBe(kind === "fish" ? "Perch" : word);
	});

	it("leaves alone what a newer version logged", () => {
		expect(withWaiting(outing, [log("unheard of")]).events).toEqual([]);
	});

	it.each(Object.keys(FAMILY) as Family[])("draws a %s with its hooks", (family) => {
		const lure = {
			family,
			lengthMm: 50,
			heightMm: 15,
			holes: [],
			accents: [],
			finish: "gold",
		} as unknown as LureDrawing;
		expect(outlinePath(lure)).toMatch(/^M .* Z/);
		expect(hooksOf(lure).length).toBeGreaterThan(0);
	});

	it.each(Object.keys(FINISH))("paints %s", (finish) => {
		expect(paintOf(finish).pattern).not.toBe("unknown");
	});

	it.each(optionsOf(OFFLINE_ACTION))("names %s where it waits", (action, word) => {
		const done = { do: action, words: "x", word: "x", name: "depth", text: "9 m", of: "lure", entry: { kind: "drop" } };
		expect(nameOf(done as unknown as OfflineAction)).not.toBe("");
		expect(word).not.toBe("");
	});
});
