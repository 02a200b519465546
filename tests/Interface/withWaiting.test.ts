import { describe, expect, it } from "vitest";
import { inRuns } from "../../resources/js/fish/runs";
import { withWaiting } from "../../resources/js/fish/withWaiting";
import { asSent, type OfflineAction } from "../../resources/js/outbox/offlineActions";
import { withTicks } from "../../resources/js/plans/withTicks";
import type { PlanData } from "../../resources/js/types";
import taps from "./data/taps.json";
import { event, outing, tally } from "./outing";

interface Told {
	do?: OfflineAction["do"];
	of?: number;
	rod?: string;
	changes?: Record<string, unknown>;
	why?: string;
	kind?: string;
}

const second = (i: number) => `2026-11-25T07:00:${String(i).padStart(2, "0")}.000Z`;

/** As the phone makes them of what was tapped. */
function deeds(all: Told[]): OfflineAction[] {
	let rod = "this";
	const setups: Record<string, string> = { this: "s1", other: "s2" };
	return all.map(({ do: what = "log", of, rod: taken, changes, why, ...entry }, i) => {
		const head = { id: `t${i}`, outing: "o1", at: second(i) };
		if (what === "take_in_hand") rod = taken ?? rod;
		const setup = setups[rod] ?? null;
		if (what === "tie_on") setups[rod] = head.id;
		if (what === "move") Object.assign(setups, { this: `${head.id}a`, other: `${head.id}b` });
		const made: Partial<Record<OfflineAction["do"], object>> = {
			log: { rod, setup, entry },
			undo: { event: `t${of}` },
			put_back: { event: `t${of}` },
			amend: { event: `t${of}`, changes },
			take_in_hand: { rod },
			tie_on: { rod, lure: 3, hole: "back", cadence: "short_pop", words: "½ oz blade, silver", way: "back hole" },
			pause: { why, rod: null },
			go_on: {},
			end: {},
			retie: { rod },
			tick: {},
			mark: { kind: entry.kind, word: entry.kind },
			move: {
				spot: null,
				name: "South hump",
				water: null,
				setups: { this: `${head.id}a`, other: `${head.id}b` },
				words: "South hump · Slate Lake",
				depth: "",
			},
		};
		return { ...head, do: what, ...made[what] } as OfflineAction;
	});
}

describe("the outing with what waits to be sent", () => {
	// The same is sent to the server by tests/Feature/TapsTest.php.
	it.each(taps)("$name", ({ deeds: told, after }) => {
		expect(withWaiting(outing(), deeds(told as Told[]))).toMatchObject(after);
	});

	it("shows a mark before it has arrived, and once after", () => {
		const mark = deeds([{ do: "mark", kind: "patch" } as Told]);
		const shown = withWaiting(outing(), mark);
		expect(shown.marks).toEqual([{ uuid: "t0", word: "patch", at: mark[0]?.at, lat: null, lon: null }]);
		expect(withWaiting(shown, mark).marks).toHaveLength(1);
		expect(asSent(mark[0] as OfflineAction)).toEqual({
			uuid: "t0",
			do: "mark",
			kind: "patch",
			at: mark[0]?.at,
			tapped: mark[0]?.at,
		});
	});

	it("counts on from what the server no longer lists", () => {
		const before = outing({
			events: [event()],
			tally: tally({ drops: 60, touches: 2, dropsBefore: 24, touchBefore: "2026-11-25T06:05:00.000Z" }),
		});
		const drop = withWaiting(before, deeds([{ kind: "drop" }]));
		expect([drop.drops, drop.dropsSinceTouch, drop.touched]).toEqual([61, 26, true]);
		expect(drop.sinceTouch).toBe("2026-11-25T06:05:00.000Z");
	});

	it("lists what waits above what is there, not what has arrived, and nothing of another outing", () => {
		const there = withWaiting(outing(), deeds([{ kind: "drop" }]));
		const other = deeds([{ kind: "touch" }]).map((deed) => ({ ...deed, outing: "o2" }));
		const shown = withWaiting(there, [
			...deeds([{ kind: "drop" }]),
			...deeds([{ kind: "foul" }, { kind: "foul" }]).slice(1),
			...other,
		]);
		expect(shown.events.map(({ words, rodName }) => `${words} ${rodName}`)).toEqual([
			"Foul Vertical rod",
			"Drop Vertical rod",
		]);
		expect([shown.drops, shown.touches]).toEqual([1, 0]);
	});

	it("shows the rod that was taken in hand and what was tied on it", () => {
		const taken = withWaiting(outing(), deeds([{ do: "take_in_hand", rod: "other" }, { do: "tie_on" }]));
		expect(taken).toMatchObject({ setup: "t1", title: "½ oz blade, silver", subtitle: "back hole" });
		expect(taken.rods.map(({ inHand, tied }) => [inHand, tied])).toEqual([
			[false, "½ oz blade, white"],
			[true, "½ oz blade, silver"],
		]);
	});

	it("moves what is mended to its time, and says what it is now", () => {
		const told = deeds([{ kind: "drop" }, { kind: "fish", species: "walleye" } as Told, { kind: "drop" }]);
		const amend = { ...told[0], id: "a", do: "amend", event: "t1" } as OfflineAction & { do: "amend" };
		const shown = withWaiting(outing(), [
			...told,
			{ ...amend, changes: { at: second(9), species: "white_bass", length: "12 in", landed: false, depth: "20 ft" } },
		]);
		expect(shown.events[0]).toMatchObject({ uuid: "t1", words: "White bass, 12 in, lost", depthText: "20 ft" });
	});
});

describe("a plan with what was ticked off without a connection", () => {
	const plan = {
		uuid: "p1",
		made: 1,
		next: 2,
		marks: [1, 2, 3].map((n) => ({ n, made: n === 1 })),
	} as unknown as PlanData;

	it("goes on with the first that is not made, whatever was said in between, and leaves other plans alone", () => {
		const tick = (number: number, made: boolean, of = "p1") => ({ plan: of, number, made });
		expect(withTicks(plan, [tick(2, true), tick(3, true, "p2")])).toMatchObject({ made: 2, next: 3 });
		expect(withTicks(plan, [tick(2, true), tick(2, false), tick(1, false)])).toMatchObject({ made: 0, next: 1 });
		expect(withTicks(plan, [tick(2, true), tick(3, true)]).next).toBeNull();
	});
});

describe("a leader tied anew without a connection", () => {
	it("asks for nothing more", () => {
		const worn = outing({ rig: { wrong: "", bears: "Drag 1.6 lb.", care: "Tie the leader anew." } });
		expect(withWaiting(worn, deeds([{ do: "retie" }])).rig).toEqual({
			wrong: "",
			bears: "Drag 1.6 lb.",
			care: null,
		});
	});
});

describe("an outing ended without a connection", () => {
	it("is over here", () => {
		expect(withWaiting(outing(), deeds([{ kind: "drop" }, { do: "end" }])).endedAt).toBe(second(1));
	});
});

describe("drops in a row", () => {
	it("are one line under the newest, for each rod by itself", () => {
		const of = (uuid: string, rodOf: string, kind: "drop" | "touch" = "drop") =>
			event({ uuid, kind, words: kind === "drop" ? "Drop" : "Touch", rod: rodOf, rodName: rodOf });
		const runs = inRuns([of("6", "a"), of("5", "a"), of("4", "b"), of("3", "b", "touch"), of("2", "b"), of("1", "b")]);
		expect(runs.map((run) => `${run.event.uuid} ${run.words}`)).toEqual([
			"6 2 drops, a",
			"4 Drop, b",
			"3 Touch, b",
			"2 2 drops, b",
		]);
	});
});

describe("a deed as it is sent", () => {
	it("tells when it was said of an entry, and keeps for itself what only the phone needs", () => {
		const [tied, undone] = deeds([{ do: "tie_on" }, { do: "undo", of: 0 }]);
		expect(asSent(tied as OfflineAction)).toEqual({
			uuid: "t0",
			do: "tie_on",
			at: second(0),
			rod: "this",
			lure: 3,
			hole: "back",
			cadence: "short_pop",
			tapped: second(0),
		});
		expect(asSent(undone as OfflineAction)).toEqual({
			uuid: "t1",
			do: "undo",
			event: "t0",
			said: second(1),
			tapped: second(1),
		});
	});
});
