import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { useAnswer } from "../../resources/js/readings/useAnswer";
import { answer, heldFetch, pick, reading } from "./make";

let held = heldFetch();

beforeEach(() => {
	held = heldFetch();
	vi.stubGlobal("fetch", held.fetch);
});

afterEach(() => vi.unstubAllGlobals());

const deeper = (text: string) => answer({ headline: text, readings: { depth: reading({ text, shown: text }) } });

describe("a changed reading", () => {
	it("is shown at once, sent, and replaced by what follows", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "27 ft"));
		expect(result.current.pending).toEqual({ depth: "27 ft" });
		expect(held.calls[0]).toMatchObject({
			method: "PUT",
			url: "/readings",
			body: { readings: { depth: "27 ft" }, pick: null },
		});
		await act(() => held.calls[0]?.answer(200, deeper("27 ft")));
		expect(result.current.pending).toEqual({});
		expect(result.current.answer.headline).toBe("27 ft");
	});

	it("drops an answer that a later change has overtaken and sends both changes", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "27 ft"));
		act(() => result.current.change("drift", "0.5 mph"));
		expect(held.calls[1]?.body).toMatchObject({ readings: { depth: "27 ft", drift: "0.5 mph" } });
		await act(() => held.calls[1]?.answer(200, deeper("new")));
		await act(() => held.calls[0]?.answer(200, deeper("old")));
		expect(result.current.answer.headline).toBe("new");
		expect(result.current.troubles).toEqual({});
	});

	it("keeps the last good answer and says what was refused", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "5//8 ft"));
		await act(() => held.calls[0]?.answer(422, { message: "no", errors: { depth: ['"5//8 ft" can\'t be read.'] } }));
		expect(result.current.answer).toBe(first);
		expect(result.current.troubles).toEqual({ depth: '"5//8 ft" can\'t be read.' });
		expect(result.current.pending).toEqual({});
		act(() => result.current.change("depth", "27 ft"));
		expect(result.current.troubles).toEqual({});
		expect(held.calls.at(-1)?.body).toMatchObject({ readings: { depth: "27 ft" } });
	});

	it("is sent again with the next change after a lost connection", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "27 ft"));
		await act(() => held.calls[0]?.fail());
		// What would keep it here is loaded first.
		await vi.waitFor(() => expect(result.current.troubles.depth).toContain("No connection"), 10_000);
		act(() => result.current.change("drift", "0.5 mph"));
		expect(held.calls[1]?.body).toMatchObject({ readings: { depth: "27 ft", drift: "0.5 mph" } });
	});

	it("adopts the readings of a link with the first change", () => {
		const first = answer({
			fromLink: true,
			readings: { depth: reading({ source: "link", text: "12 m" }), drift: reading({ name: "drift" }) },
		});
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("drift", "0.5 mph"));
		expect(held.calls[0]?.body).toMatchObject({ readings: { depth: "12 m", drift: "0.5 mph" } });
	});
});

describe("another way to fish a lure", () => {
	it("is shown without asking when it is there already", async () => {
		const first = answer({ chosen: pick({ key: "2.back.low_hop", lureId: 2 }) });
		const { result } = renderHook(() => useAnswer(first));
		await act(async () => void result.current.choose("2.back.low_hop"));
		expect(result.current.pick).toBe("2.back.low_hop");
		expect(held.calls).toHaveLength(0);
		expect(window.location.search).toContain("pick=2.back.low_hop");
	});

	it("is asked for when it is not", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first));
		act(() => void result.current.choose("1.back.dead_stick"));
		expect(held.calls[0]?.url).toBe("/answer?pick=1.back.dead_stick");
		await act(() => held.calls[0]?.answer(200, answer({ chosen: pick({ key: "1.back.dead_stick" }) })));
		expect(result.current.answer.chosen?.key).toBe("1.back.dead_stick");
	});

	it("goes back to the one shown, and says so, without a connection", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first, "1.middle.low_hop"));
		act(() => void result.current.choose("1.back.dead_stick"));
		await act(() => held.calls[0]?.fail());
		expect(result.current.troubles.pick).toContain("No connection");
		expect(result.current.pick).toBe("1.middle.low_hop");
		expect(result.current.answer.chosen?.key).toBe("1.middle.low_hop");
		act(() => void result.current.choose("1.back.dead_stick"));
		await act(() => held.calls[1]?.answer(200, answer({ chosen: pick({ key: "1.back.dead_stick" }) })));
		expect(result.current.troubles.pick).toBeUndefined();
	});

	it("does not overwrite a choice made meanwhile", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first));
		act(() => void result.current.choose("1.back.dead_stick"));
		act(() => void result.current.choose("1.front.dead_stick"));
		await act(() => held.calls[1]?.answer(200, answer({ headline: "front" })));
		await act(() => held.calls[0]?.answer(200, answer({ headline: "back" })));
		expect(result.current.answer.headline).toBe("front");
	});
});

describe("an answer that was called off and comes all the same", () => {
	const first = answer();
	beforeEach(() => {
		held = heldFetch({ arrived: true });
		vi.stubGlobal("fetch", held.fetch);
	});

	it("is dropped when a change has overtaken it", async () => {
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "27 ft"));
		act(() => result.current.change("depth", "28 ft"));
		await act(() => held.calls[0]?.answer(200, deeper("27 ft")));
		expect(result.current.answer).toBe(first);
		expect(result.current.pending).toEqual({ depth: "28 ft" });
		await act(() => held.calls[1]?.answer(200, deeper("28 ft")));
		expect(result.current.answer.headline).toBe("28 ft");
	});

	it("is dropped when another choice has overtaken it", async () => {
		const { result } = renderHook(() => useAnswer(first));
		act(() => void result.current.choose("1.back.dead_stick"));
		act(() => void result.current.choose("1.front.dead_stick"));
		await act(() => held.calls[1]?.answer(200, answer({ headline: "front" })));
		await act(() => held.calls[0]?.answer(200, answer({ headline: "back" })));
		expect(result.current.answer.headline).toBe("front");
	});
});

describe("a choice and a change at the same time", () => {
	it("goes with what is not answered yet, so that an answer never has the reading of before", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "27 ft"));
		act(() => void result.current.choose("1.back.dead_stick"));
		expect(held.calls.map((call) => call.method)).toEqual(["PUT", "PUT"]);
		expect(held.calls[1]?.body).toMatchObject({ readings: { depth: "27 ft" }, pick: "1.back.dead_stick" });
	});

	it("lets the change overtake a look that is on its way", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first));
		act(() => void result.current.choose("1.back.dead_stick"));
		act(() => result.current.change("depth", "27 ft"));
		await act(() => held.calls[1]?.answer(200, deeper("27 ft")));
		await act(() => held.calls[0]?.answer(200, answer({ headline: "of before" })));
		expect(result.current.answer.headline).toBe("27 ft");
		expect(result.current.troubles).toEqual({});
	});
});

describe("pinning", () => {
	it("shows the answer, or why it could not be", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first));
		act(() => void result.current.pin("depth", true));
		await act(() => held.calls[0]?.answer(200, deeper("pinned")));
		expect(result.current.answer.headline).toBe("pinned");
		act(() => void result.current.pin("surface", true));
		await act(() => held.calls[1]?.answer(422, { message: "There is no reading to pin yet.", errors: {} }));
		expect(result.current.troubles.surface).toBe("There is no reading to pin yet.");
	});
});

describe("live instruments", () => {
	beforeEach(() => vi.useFakeTimers({ toFake: ["setInterval", "clearInterval"] }));
	afterEach(() => vi.useRealTimers());
	const feed = { address: "boat", live: true, words: "heard" };

	it("are looked at every two seconds while they speak", async () => {
		const first = answer({ feed });
		const { result } = renderHook(() => useAnswer(first));
		act(() => void vi.advanceTimersByTime(2000));
		await act(() => held.calls[0]?.answer(200, answer({ feed, headline: "from the boat" })));
		expect(result.current.answer.headline).toBe("from the boat");
		act(() => void vi.advanceTimersByTime(2000));
		expect(held.calls).toHaveLength(2);
	});

	it("wait while a change of the angler's own is on its way", () => {
		const first = answer({ feed });
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "27 ft"));
		act(() => void vi.advanceTimersByTime(6000));
		expect(held.calls.map((call) => call.method)).toEqual(["PUT"]);
	});

	it("are not looked at when there are none", () => {
		const first = answer();
		renderHook(() => useAnswer(first));
		act(() => void vi.advanceTimersByTime(60_000));
		expect(held.calls).toHaveLength(0);
	});
});

describe("the list", () => {
	it("is narrowed on the server, and stays so with the next reading", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first, "1.middle.low_hop"));
		act(() => void result.current.narrow("spoon"));
		expect(held.calls[0]?.url).toBe("/answer?pick=1.middle.low_hop&family=spoon");
		await act(() => held.calls[0]?.answer(200, answer({ family: "spoon" })));
		expect(result.current.answer.family).toBe("spoon");
		expect(window.location.search).toContain("family=spoon");
		act(() => result.current.change("depth", "27 ft"));
		expect(held.calls[1]?.body).toMatchObject({ family: "spoon", pick: "1.middle.low_hop" });
		await act(() => held.calls[1]?.answer(200, answer({ family: "spoon" })));
		act(() => void result.current.narrow(null));
		expect(held.calls[2]?.url).toBe("/answer?pick=1.middle.low_hop");
		expect(window.location.search).not.toContain("family");
	});

	it("keeps to the readings of a link while it is looked through", () => {
		const first = answer({ fromLink: true, query: "depth=9+m" });
		const { result } = renderHook(() => useAnswer(first));
		act(() => void result.current.narrow("spoon"));
		expect(held.calls[0]?.url).toBe("/answer?depth=9+m&family=spoon");
	});

	it("keeps a lure in sight, or says that it could not", async () => {
		const first = answer();
		const { result } = renderHook(() => useAnswer(first));
		act(() => void result.current.keepInSight(7));
		expect(held.calls[0]).toMatchObject({ method: "PUT", url: "/pinned", body: { lure: 7 } });
		await act(() => held.calls[0]?.answer(200, null));
		await act(() => held.calls[1]?.answer(200, answer({ pinned: 7 })));
		expect(result.current.answer.pinned).toBe(7);
		act(() => void result.current.keepInSight(null));
		await act(() => held.calls[2]?.fail());
		expect(result.current.troubles.pinned).toContain("No connection");
		expect(result.current.answer.pinned).toBe(7);
	});
});
