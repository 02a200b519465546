import "fake-indexeddb/auto";
import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { beginHere, keepTyped, tieOnHere, watchTied } from "../../resources/js/outbox/day";
import { device } from "../../resources/js/outbox/device";
import { DAY, type OfflineAction } from "../../resources/js/outbox/offlineActions";
import { leave, outboxOf } from "../../resources/js/outbox/wire";
import { setAngler } from "../../resources/js/parts/angler";
import * as clock from "../../resources/js/parts/clock";
import { notInKit, setOnBoard } from "../../resources/js/parts/kit";
import { ask, Refused } from "../../resources/js/parts/send";
import { useAnswer } from "../../resources/js/readings/useAnswer";
import { answer, heldFetch, reading } from "./make";

const told = vi.hoisted(() => ({ device: vi.fn() }));
vi.mock("../../resources/js/parts/onBoard", () => ({ answerOnBoard: told.device, takeKit: async () => {} }));

let held = heldFetch();

beforeEach(async () => {
	leave();
	for (const table of [device().deeds, device().turned, device().said]) await table.clear();
	held = heldFetch();
	vi.stubGlobal("fetch", held.fetch);
	vi.spyOn(clock, "isSure").mockReturnValue(true);
	localStorage.clear();
	told.device.mockReset().mockResolvedValue(null);
	setAngler(7);
});

afterEach(() => {
	vi.unstubAllGlobals();
	vi.restoreAllMocks();
	setAngler(null);
});

const first = answer();

const read = (text: string, readAt: string) => answer({ readings: { depth: reading({ text, shown: text, readAt }) } });

const waiting = (angler = 7) => outboxOf(angler).waiting();

/** What waits here, shortly. */
const texts = async (angler = 7) =>
	(await waiting(angler)).map((one) => (one.do === "read" ? `${one.name} ${one.text}` : one.do));

const callTo = (url: string, at = 0) =>
	vi.waitFor(() => {
		const call = held.calls.filter((one) => one.url === url)[at];
		if (!call) throw new Error(`${url} is not asked`);
		return call;
	});

const taken = (actions: OfflineAction[]) => ({
	form: "eskith-taps",
	angler: 7,
	goes: "here",
	place: "",
	taken: actions.map(({ id }) => id),
	refused: [],
	into: null,
	asOf: new Date().toISOString(),
});

/** A page on which a depth is typed with no signal. */
async function typedWithNoSignal(text = "31 ft") {
	const page = renderHook(() => useAnswer(first));
	act(() => page.result.current.change("depth", text));
	await act(() => held.calls[0]?.fail());
	await vi.waitFor(() => expect(page.result.current.troubles.depth).toContain("kept here"));
	return page;
}

describe("a reading typed with no signal", () => {
	it("waits with when it was typed, is shown so by a page that opens later, and is looked at anew once it was sent", async () => {
		const { unmount } = await typedWithNoSignal();
		expect(await texts()).toEqual(["depth 31 ft"]);
		unmount();

		const { result } = renderHook(() => useAnswer(first));
		await vi.waitFor(() => expect(result.current.pending).toEqual({ depth: "31 ft" }));
		const [typed] = await waiting();
		const sent = await callTo("/taps");
		expect(sent.body).toMatchObject({ angler: 7, taps: [{ do: "read", name: "depth", text: "31 ft", at: typed?.at }] });
		await act(async () => sent.answer(200, taken(await waiting())));
		const asked = await callTo("/answer?");
		await act(() => asked.answer(200, read("31 ft", String(typed?.at))));
		await vi.waitFor(() => expect(result.current.pending).toEqual({}));
		expect(result.current.answer.readings.depth?.text).toBe("31 ft");
		expect(result.current.troubles).toEqual({});
		expect(await texts()).toEqual([]);
	});

	it("is told where it was read elsewhere since", async () => {
		const { result } = await typedWithNoSignal();
		const sent = await callTo("/taps");
		await act(async () => sent.answer(200, taken(await waiting())));
		const asked = await callTo("/answer?");
		await act(() => asked.answer(200, read("20 ft", new Date(Date.now() + 60_000).toISOString())));
		await vi.waitFor(() =>
			expect(result.current.troubles.depth).toBe("Changed elsewhere since you typed it: now 20 ft."),
		);
	});

	it("is typed over while nothing else was done since", async () => {
		await keepTyped({ depth: "31 ft", temp: "39 °F" });
		await keepTyped({ depth: "32 ft" });
		expect(await texts()).toEqual(["temp 39 °F", "depth 32 ft"]);
		await beginHere();
		await keepTyped({ depth: "40 ft", temp: null });
		expect(await texts()).toEqual(["temp 39 °F", "depth 32 ft", "begin", "depth 40 ft", "temp null"]);
	});

	it("is of who typed it alone, and of nobody where nobody is signed in", async () => {
		await keepTyped({ depth: "31 ft" });
		setAngler(8);
		await keepTyped({ depth: "9 ft" });
		expect([await texts(8), await texts(7)]).toEqual([["depth 9 ft"], ["depth 31 ft"]]);
		setAngler(null);
		expect(await keepTyped({ depth: "9 ft" })).toBeNull();
		expect(await beginHere()).toBeNull();
	});

	it("is answered by the device where it can, with all that waits", async () => {
		setOnBoard(true);
		told.device.mockResolvedValue({ status: 200, body: answer({ headline: "worked out here" }) });
		const { result } = await typedWithNoSignal();
		await vi.waitFor(() => expect(result.current.answer.headline).toBe("worked out here"));
		expect(result.current.pending).toEqual({});
		expect(told.device.mock.calls.map(([url]) => url)).toEqual(
			expect.arrayContaining(["/answer?depth=31+ft", "/answer?"]),
		);
		expect(await notInKit()).toMatchObject([{ do: "read", name: "depth", text: "31 ft", outing: DAY }]);
	});

	it("is answered by the device meanwhile where the line is poor, and by the server once it has it", async () => {
		setOnBoard(true);
		told.device.mockResolvedValue({ status: 200, body: answer({ headline: "worked out here" }) });
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "31 ft"));
		await vi.waitFor(() => expect(result.current.answer.headline).toBe("worked out here"), 10_000);
		expect(told.device.mock.calls[0]).toMatchObject(["/answer?", [{ do: "read", name: "depth", text: "31 ft" }], {}]);
		expect(result.current.pending).toEqual({ depth: "31 ft" });
		await act(() => held.calls[0]?.answer(200, answer({ headline: "from the server" })));
		expect([result.current.answer.headline, result.current.pending]).toEqual(["from the server", {}]);
		expect(await texts()).toEqual([]);
	});

	it("that the device refuses is not kept to be sent", async () => {
		setOnBoard(true);
		const refused = { message: "Soup.", errors: { depth: ["Soup."] } };
		told.device.mockResolvedValue({ status: 422, body: refused });
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "soup"));
		await act(() => held.calls[0]?.fail());
		await vi.waitFor(() => expect(result.current.troubles.depth).toBe("Soup."));
		expect(result.current.pending).toEqual({});
		expect(await texts()).toEqual([]);
	});

	it("that the server cannot keep now is sent with the next change", async () => {
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "31 ft"));
		await act(() => held.calls[0]?.answer(500, { message: "Something broke." }));
		expect(result.current.troubles.depth).toBe("Something broke.");
		act(() => result.current.change("temp", "39 °F"));
		expect(held.calls[1]?.body).toMatchObject({ readings: { depth: "31 ft", temp: "39 °F" } });
	});
});

describe("an outing that begins with no signal", () => {
	const blade = { rod: null, lure: 4, hole: "middle", cadence: "low_hop", words: "White blade", way: "middle hole" };

	it("begins with what is tied on, goes on with what is tied on next, and begins anew once it was ended", async () => {
		await tieOnHere(null, "t1", blade);
		await tieOnHere(null, "t2", { ...blade, lure: 5 });
		const [begun, one, two] = await waiting();
		expect([begun?.do, begun?.outing, one?.outing, two?.outing]).toEqual(["begin", DAY, begun?.id, begun?.id]);
		// By the ids by which the server was asked first.
		expect([one?.id, two?.id]).toEqual(["t1", "t2"]);
		await outboxOf(7).add({ do: "end", id: "e", outing: String(begun?.id), at: new Date().toISOString() });
		await tieOnHere(null, "t3", blade);
		expect(await texts()).toEqual(["begin", "tie_on", "tie_on", "end", "begin", "tie_on"]);
		expect(new Set((await waiting()).map(({ outing }) => outing)).size).toBe(3);
	});

	it("is none where one is under way: it is tied on there", async () => {
		await tieOnHere("o1", "t1", blade);
		expect((await waiting()).map((one) => [one.do, one.outing])).toEqual([["tie_on", "o1"]]);
	});

	it("tells what is on the rod until the lure stays down", async () => {
		const heard: unknown[] = [];
		const stop = watchTied((tied) => heard.push(tied));
		await vi.waitFor(() => expect(heard.at(-1)).toBeUndefined());
		await tieOnHere("o1", "t1", blade);
		await vi.waitFor(() => expect(heard.at(-1)).toMatchObject({ key: "4.middle.low_hop" }));
		await outboxOf(7).add({
			do: "amend",
			id: "a",
			outing: "o1",
			at: new Date().toISOString(),
			event: "e",
			changes: { lure_lost: true },
		});
		await vi.waitFor(() => expect(heard.at(-1)).toBeNull());
		stop();
	});
});

describe("a question", () => {
	it("is answered by the device only where the server cannot be reached, and something was taken along", async () => {
		told.device.mockResolvedValue({ status: 200, body: { sentence: "here" } });
		const refused = ask("/chart?of=box");
		held.calls[0]?.answer(422, { message: "no", errors: { of: ["No."] } });
		await expect(refused).rejects.toBeInstanceOf(Refused);
		const lost = ask("/chart?of=box");
		held.calls[1]?.fail();
		await expect(lost).rejects.toBeInstanceOf(TypeError);
		expect(told.device).not.toHaveBeenCalled();

		setOnBoard(true);
		const here = ask("/chart?of=box");
		held.calls[2]?.fail();
		await expect(here).resolves.toEqual({ sentence: "here" });
	});

	it("is answered by the device on a poor line", async () => {
		setOnBoard(true);
		told.device.mockResolvedValue({ status: 200, body: { sentence: "here" } });
		await expect(ask("/chart?of=box")).resolves.toEqual({ sentence: "here" });
	});

	it("waits for the server on a poor line where the device cannot answer", async () => {
		setOnBoard(true);
		const slow = ask<unknown>("/chart?of=series");
		await vi.waitFor(() => expect(told.device).toHaveBeenCalledWith("/chart?of=series", [], {}), 10_000);
		await (await callTo("/chart?of=series")).answer(200, { sentence: "there" });
		await expect(slow).resolves.toEqual({ sentence: "there" });
	});

	it("is refused by the device in its sentence, and fails as before where the device fails", async () => {
		setOnBoard(true);
		told.device.mockResolvedValueOnce({
			status: 422,
			body: { message: "Too deep.", errors: { depth: ["Too deep."] } },
		});
		const refused = ask("/answer?depth=999+m");
		held.calls[0]?.fail();
		await expect(refused).rejects.toMatchObject({ status: 422, fields: { depth: "Too deep." } });
		told.device.mockRejectedValueOnce(new Error("no memory"));
		const lost = ask("/answer?depth=9+m");
		held.calls[1]?.fail();
		await expect(lost).rejects.toBeInstanceOf(TypeError);
	});
});
