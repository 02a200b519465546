import "fake-indexeddb/auto";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { device, keepAway } from "../../resources/js/outbox/device";
import { giveFile, takeFile } from "../../resources/js/outbox/file";
import { Outbox, type Verdict } from "../../resources/js/outbox/Outbox";
import { asSent, type OfflineAction, shifted } from "../../resources/js/outbox/offlineActions";
import { leave, listen, outboxOf, type Why } from "../../resources/js/outbox/wire";
import * as clock from "../../resources/js/parts/clock";
import { plainText } from "../../resources/js/parts/plainText";
import { heldFetch } from "./make";

const drop = (id: string, outing = "o1", at = "2026-11-25T06:00:00.000Z"): OfflineAction => ({
	do: "log",
	id,
	outing,
	at,
	rod: "r",
	setup: "s",
	entry: { kind: "drop" },
});

const all = (deeds: OfflineAction[], over: Partial<Verdict> = {}): Verdict => ({
	goes: "here",
	place: "North bar",
	taken: deeds.map(({ id }) => id),
	refused: [],
	...over,
});

beforeEach(async () => {
	localStorage.clear();
	leave();
	for (const table of [device().deeds, device().turned, device().said]) await table.clear();
});

/** An outbox of an angler in which drops of these ids wait. */
async function holding(
	ids: string[],
	wire: (outing: string, deeds: OfflineAction[]) => Promise<Verdict>,
	outing = "o1",
) {
	const outbox = new Outbox(1, wire);
	for (const id of ids) await outbox.add(drop(id, outing));
	return outbox;
}

const idsIn = async (outbox: Outbox) => (await outbox.waiting()).map(({ id }) => id);

describe("what waits", () => {
	it("stays but for what the server names, and is not asked about for ever", async () => {
		const wire = vi.fn(async (_: string, deeds: OfflineAction[]) =>
			all(deeds, { taken: ["a"], refused: [{ id: "c", why: "Too long.", because: "length" }] }),
		);
		const outbox = await holding(["a", "b", "c", "d"], wire);
		expect(await outbox.flush()).toBe(false);
		expect(await idsIn(outbox)).toEqual(["b", "d"]);
		expect(await outbox.turned()).toMatchObject([{ id: "c", why: "Too long.", because: "length" }]);
		expect(wire).toHaveBeenCalledTimes(2);
	});

	it("is not sent once somebody signs out, nor let go by an answer to another", async () => {
		const wire = vi.fn(async (_: string, deeds: OfflineAction[]) => all(deeds, { goes: "stranger", taken: [] }));
		const outbox = await holding(["a", "b"], wire);
		expect(await outbox.flush()).toBe(false);
		outbox.stop();
		await outbox.flush();
		expect([wire.mock.calls.length, await idsIn(outbox)]).toEqual([1, ["a", "b"]]);
		outbox.resume();
		wire.mockImplementation(async (_, deeds) => all(deeds));
		expect(await outbox.flush()).toBe(true);
		expect(await idsIn(outbox)).toEqual([]);
	});

	it("for an outing that is taken away waits and holds up no other, until it is asked for again", async () => {
		let away = true;
		const wire = vi.fn(async (outing: string, deeds: OfflineAction[]) =>
			outing === "gone" && away ? all(deeds, { goes: "away", taken: [], place: "Bar" }) : all(deeds),
		);
		const outbox = await holding(["a"], wire, "gone");
		await outbox.add(drop("b", "o2"));
		expect(await outbox.flush()).toBe(false);
		expect((await outbox.holding()).away).toEqual([{ outing: "gone", place: "Bar" }]);
		expect(await idsIn(outbox)).toEqual(["a"]);
		await outbox.flush();
		expect(wire).toHaveBeenCalledTimes(2);
		away = false;
		expect(await outbox.flush(true)).toBe(true);
		expect(await outbox.holding()).toMatchObject({ waiting: [], away: [] });
	});

	it("of which nobody waits any more is not told as taken away", async () => {
		await keepAway(1, "o9", "Bar");
		expect((await new Outbox(1, async (_, deeds) => all(deeds)).holding()).away).toEqual([]);
	});
});

describe("what was not taken", () => {
	it("is sent again as it was, mended, or for another outing, and let go only when that is said", async () => {
		const refuse = new Set(["a", "b", "c"]);
		const outbox = await holding(["a", "b", "c"], async (_, deeds) =>
			all(deeds, {
				taken: deeds.map(({ id }) => id).filter((id) => !refuse.has(id)),
				refused: deeds.filter(({ id }) => refuse.has(id)).map(({ id }) => ({ id, why: "Ended.", because: "outing" })),
			}),
		);
		await outbox.flush();
		expect(await outbox.turned()).toHaveLength(3);
		refuse.clear();
		await outbox.sendAgain(["a", "b"], (deed) => ({ ...deed, outing: "o2", extend: true }));
		expect((await outbox.waiting()).map((deed) => [deed.id, deed.outing, asSent(deed).extend])).toEqual([
			["a", "o2", true],
			["b", "o2", true],
		]);
		expect(await outbox.flush()).toBe(true);
		await outbox.letGo(["c"]);
		expect(await outbox.holding()).toEqual({ waiting: [], turned: [], away: [], unkept: 0 });
	});

	it("is told from memory where the device has no room for the reason, and is not sent over and over", async () => {
		const wire = vi.fn(async (_: string, deeds: OfflineAction[]) =>
			all(deeds, { taken: [], refused: deeds.map(({ id }) => ({ id, why: "No.", because: "kind" })) }),
		);
		const outbox = await holding(["a"], wire);
		const full = vi.spyOn(device().turned, "bulkPut").mockRejectedValue(new Error("full"));
		await outbox.flush();
		await outbox.flush();
		expect(wire).toHaveBeenCalledTimes(1);
		expect(await outbox.holding()).toMatchObject({
			waiting: [{ id: "a" }],
			turned: [{ id: "a", why: "No." }],
			unkept: 1,
		});
		full.mockRestore();
		await outbox.letGo(["a"]);
		expect(await outbox.holding()).toMatchObject({ waiting: [], turned: [], unkept: 0 });
	});
});

describe("a clock that was wrong", () => {
	it("is put right as soon as the server is heard, for what was done before", async () => {
		const sent: OfflineAction[] = [];
		const outbox = new Outbox(1, async (_, deeds) => {
			sent.push(...deeds);
			return all(deeds);
		});
		const sure = vi.spyOn(clock, "isSure").mockReturnValue(false);
		await outbox.add({ ...drop("a"), entry: { kind: "fish", at: "2026-11-25T05:59:00.000Z" } } as OfflineAction);
		await outbox.add({
			...drop("b"),
			typed: true,
			entry: { kind: "fish", at: "2026-11-25T05:59:00.000Z" },
		} as OfflineAction);
		// A day fast, as the first answer shows.
		localStorage.setItem("clock", "-86400000");
		sure.mockReturnValue(true);
		await outbox.add(drop("c"));
		await outbox.flush();
		expect(sent.map(asSent).map(({ at, tapped }) => [at, tapped])).toEqual([
			["2026-11-24T05:59:00.000Z", "2026-11-24T06:00:00.000Z"],
			["2026-11-25T05:59:00.000Z", "2026-11-24T06:00:00.000Z"],
			["2026-11-25T06:00:00.000Z", "2026-11-25T06:00:00.000Z"],
		]);
		sure.mockRestore();
	});

	it("is heard before anything is sent, so that the first of it goes at the right time", async () => {
		const sent: OfflineAction[] = [];
		const sure = vi.spyOn(clock, "isSure").mockReturnValue(false);
		const outbox = new Outbox(
			1,
			async (_, deeds) => {
				sent.push(...deeds);
				return all(deeds);
			},
			async () => {
				localStorage.setItem("clock", "-86400000");
				sure.mockReturnValue(true);
			},
		);
		await outbox.add(drop("a"));
		await outbox.flush();
		expect(sent.map(({ at }) => at)).toEqual(["2026-11-24T06:00:00.000Z"]);
		sure.mockRestore();
	});

	it("keeps all of it waiting where nobody tells the time", async () => {
		const wire = vi.fn(async (_: string, deeds: OfflineAction[]) => all(deeds));
		const outbox = new Outbox(1, wire, () => Promise.reject(new TypeError("no connection")));
		await outbox.add(drop("a"));
		expect(await outbox.flush()).toBe(false);
		expect(wire).not.toHaveBeenCalled();
		expect(await idsIn(outbox)).toEqual(["a"]);
	});

	it("moves what somebody says it was by as much, each with its distance", () => {
		expect(shifted(drop("a"), 90_000).at).toBe("2026-11-25T06:01:30.000Z");
		expect(shifted(drop("a"), 0)).toEqual(drop("a"));
	});
});

describe("what no record takes", () => {
	it("is taken out of every text before it is sent", () => {
		expect(plainText("zan\u0007der\uFFFE \ud800x\tok 🐟")).toBe("zander x\tok 🐟");
		expect(asSent({ ...drop("a"), entry: { kind: "fish", species: "zander\u0007" } } as OfflineAction).species).toBe(
			"zander",
		);
	});
});

describe("a file of the phone", () => {
	it("holds all that waits and is read back in by who kept it, with nothing doubled", async () => {
		const outbox = await holding(["a", "b"], async () => Promise.reject(new Error("off")));
		let blob = new Blob();
		vi.stubGlobal("URL", {
			createObjectURL: (of: Blob) => {
				blob = of;
				return "blob:x";
			},
			revokeObjectURL: () => {},
		});
		vi.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation(() => {});
		await giveFile(outbox);
		const file = new File([await blob.text()], "phone.json");
		expect(await takeFile(outbox, file)).toContain("0 of 2 taken in");
		await device().deeds.clear();
		expect(await takeFile(outbox, file)).toContain("2 of 2 taken in");
		expect(await idsIn(outbox)).toEqual(["a", "b"]);
		expect(await takeFile(new Outbox(2, async (_, deeds) => all(deeds)), file)).toContain("another angler's");
		expect(await takeFile(outbox, new File(["{}"], "x.json"))).toContain("isn't a file from a phone");
		vi.unstubAllGlobals();
		vi.restoreAllMocks();
	});
});

describe("the wire", () => {
	const told = (ids: string[]) => ({
		form: "eskith-taps",
		angler: 3,
		goes: "here",
		place: "",
		taken: ids,
		refused: [],
		into: null,
		asOf: "2026-11-25T06:00:00Z",
	});

	it("takes only this application's own answer for one, and says why nothing arrives", async () => {
		const held = heldFetch();
		vi.stubGlobal("fetch", held.fetch);
		const whys: (Why | null)[] = [];
		const stop = listen(
			() => {},
			(why) => whys.push(why),
		);
		const outbox = outboxOf(3);
		await outbox.add(drop("a"));
		const answers: [number, unknown][] = [
			[404, { message: "nothing here" }],
			[502, null],
			[200, { taken: ["a"], refused: [] }],
			[200, "<html>"],
			[401, { message: "Unauthenticated." }],
			[419, { message: "old" }],
		];
		for (const [i, [status, body]] of answers.entries()) {
			const sending = outbox.flush();
			await vi.waitFor(() => expect(held.calls).toHaveLength(i + 1));
			await held.calls[i]?.answer(status, body);
			expect(await sending).toBe(false);
			expect(await idsIn(outbox)).toEqual(["a"]);
		}
		expect(whys.filter(Boolean)).toEqual(["strange", "strange", "strange", "strange", "signed-out", "signed-out"]);
		expect(held.calls[0]?.body).toMatchObject({ angler: 3, taps: [{ uuid: "a" }] });
		const sending = outbox.flush();
		await vi.waitFor(() => expect(held.calls).toHaveLength(7));
		await held.calls[6]?.answer(200, told(["a"]));
		expect(await sending).toBe(true);
		stop();
		vi.unstubAllGlobals();
	});

	it("tells nothing to who signs in after, and is the same again for who comes back", async () => {
		const held = heldFetch();
		vi.stubGlobal("fetch", held.fetch);
		const outbox = outboxOf(3);
		await outbox.add(drop("a"));
		const sending = outbox.flush();
		await vi.waitFor(() => expect(held.calls).toHaveLength(1));
		const heard = vi.fn();
		const stop = listen(heard, () => {});
		outboxOf(4);
		await held.calls[0]?.answer(200, told(["a"]));
		await sending;
		expect(heard).not.toHaveBeenCalled();
		expect(await idsIn(outbox)).toEqual([]);
		expect(outboxOf(3)).toBe(outbox);
		stop();
		vi.unstubAllGlobals();
	});
});
