import { describe, expect, it } from "vitest";
import type { Entry, Logged } from "../../resources/js/fish/useOuting";
import { withWaiting } from "../../resources/js/fish/withWaiting";
import type { OutingData } from "../../resources/js/types";
import taps from "./data/taps.json";

const outing = {
	drops: 0,
	dropsSinceTouch: 0,
	touches: 0,
	landed: 0,
	touched: false,
	sinceTouch: "2026-11-25T06:00:00Z",
	events: [],
	pads: [{ kind: "foul", label: "Foul", key: "o" }],
} as unknown as OutingData;

const tap = (entry: Entry, i: number): Logged => ({ id: `t${i}`, entry, at: `2026-11-25T07:00:0${i}Z`, setup: "s1" });

describe("the outing with what waits to be sent", () => {
	// The same taps are sent to the server by tests/Feature/TapsTest.php.
	it.each(taps)("$name", ({ taps: entries, after }) => {
		expect(withWaiting(outing, (entries as Entry[]).map(tap))).toMatchObject(after);
	});

	it("lists what waits above what is there, and not what was taken back or has arrived", () => {
		const there = withWaiting(outing, [tap({ kind: "drop" }, 1)]);
		const shown = withWaiting(there, [
			tap({ kind: "drop" }, 1),
			{ ...tap({ kind: "touch" }, 2), undone: true },
			tap({ kind: "fish", species: "white_bass", length: "12 in", landed: false }, 3),
			tap({ kind: "foul" }, 4),
		]);
		expect(shown.events.map((event) => event.words)).toEqual(["Foul", "White bass, 12 in, lost", "Drop"]);
		expect([shown.drops, shown.touches]).toEqual([1, 1]);
		expect(shown.sinceTouch).toBe("2026-11-25T07:00:03Z");
	});
});
