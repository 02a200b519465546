import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { setOnBoard } from "../../resources/js/parts/kit";
import { ask, Refused } from "../../resources/js/parts/send";
import { keepUnsent, letGoUnsent, setAngler, unsentReadings, unsentSince } from "../../resources/js/parts/unsent";
import { useAnswer } from "../../resources/js/readings/useAnswer";
import { answer, heldFetch, reading } from "./make";

const told = vi.hoisted(() => ({ device: vi.fn() }));
vi.mock("../../resources/js/parts/onBoard", () => ({ answerOnBoard: told.device, takeKit: async () => {} }));

let held = heldFetch();

beforeEach(() => {
	held = heldFetch();
	vi.stubGlobal("fetch", held.fetch);
	localStorage.clear();
	told.device.mockReset().mockResolvedValue(null);
	setAngler(7);
});

afterEach(() => {
	vi.unstubAllGlobals();
	setAngler(null);
});

const first = answer();

const read = (text: string, readAt: string) => answer({ readings: { depth: reading({ text, shown: text, readAt }) } });

describe("a reading typed with no signal", () => {
	it("is kept on the device and sent, with when it was typed, once the page is opened with one", async () => {
		const { result, unmount } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "31 ft"));
		expect(held.calls[0]?.body).not.toHaveProperty("typed");
		await act(() => held.calls[0]?.fail());
		expect(result.current.troubles.depth).toContain("kept on this phone");
		expect(unsentReadings()).toEqual({ depth: "31 ft" });
		unmount();

		const typed = unsentSince();
		const next = renderHook(() => useAnswer(first)).result;
		expect(held.calls[1]).toMatchObject({ method: "PUT", body: { readings: { depth: "31 ft" }, typed } });
		await act(() => held.calls[1]?.answer(200, read("31 ft", String(typed.depth))));
		expect(unsentReadings()).toEqual({});
		expect(next.current.troubles).toEqual({});
		expect(next.current.answer.readings.depth?.text).toBe("31 ft");
	});

	it("is sent as the line comes back, and what was read elsewhere since is told", async () => {
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "31 ft"));
		await act(() => held.calls[0]?.fail());
		act(() => void window.dispatchEvent(new Event("online")));
		const later = new Date(Date.now() + 60_000).toISOString();
		await act(() => held.calls[1]?.answer(200, read("20 ft", later)));
		expect(result.current.troubles.depth).toBe("Read elsewhere since you typed it here: 20 ft stands.");
		expect(unsentReadings()).toEqual({});
	});

	it("keeps its time while others are typed, and is let go when it is refused", async () => {
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "31 ft"));
		await act(() => held.calls[0]?.fail());
		const typed = unsentSince().depth;
		vi.spyOn(Date, "now").mockReturnValue(Date.now() + 5_000);
		act(() => result.current.change("temp", "39 °F"));
		await act(() => held.calls[1]?.fail());
		expect(unsentSince().depth).toBe(typed);
		expect(unsentSince().temp).not.toBe(typed);
		vi.restoreAllMocks();
		act(() => result.current.change("temp", "soup"));
		await act(() => held.calls[2]?.answer(422, { message: "no", errors: { temp: ["Soup."] } }));
		expect(held.calls[3]?.body).toMatchObject({ readings: { depth: "31 ft" } });
	});

	it("is not sent again by a tab that typed it once another has sent it, nor lost where both typed", async () => {
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "31 ft"));
		await act(() => held.calls[0]?.fail());
		keepUnsent({ temp: "39 °F" });
		expect(unsentReadings()).toEqual({ depth: "31 ft", temp: "39 °F" });
		// The other tab was quicker.
		letGoUnsent(["depth", "temp"]);
		act(() => void window.dispatchEvent(new Event("online")));
		expect(held.calls).toHaveLength(1);
	});

	it("is no fault of the page where what is kept is none", () => {
		localStorage.setItem("readings of 7 not sent", '{"depth":null,"temp":7,"drift":{"text":"1 mph","at":"soon"}}');
		expect([unsentReadings(), unsentSince()]).toEqual([{}, {}]);
		localStorage.setItem("readings of 7 not sent", "[1");
		expect(unsentReadings()).toEqual({});
	});

	it("is of who typed it alone", () => {
		keepUnsent({ depth: "31 ft" });
		setAngler(8);
		expect(unsentReadings()).toEqual({});
		keepUnsent({ depth: "9 ft" });
		setAngler(7);
		expect(unsentReadings()).toEqual({ depth: "31 ft" });
		setAngler(null);
		expect(keepUnsent({ depth: "9 ft" })).toBe(false);
	});

	it("is answered by the device where it can", async () => {
		setOnBoard(true);
		told.device.mockResolvedValue({ status: 200, body: answer({ headline: "worked out here" }) });
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "31 ft"));
		await act(() => held.calls[0]?.fail());
		await vi.waitFor(() => expect(result.current.answer.headline).toBe("worked out here"));
		expect(result.current.pending).toEqual({});
		expect(told.device).toHaveBeenCalledWith("/answer?");
	});
});

describe("a question", () => {
	it("that the device refuses is not kept to be sent", async () => {
		setOnBoard(true);
		const refused = { message: "Soup.", errors: { depth: ["Soup."] } };
		told.device.mockResolvedValue({ status: 422, body: refused });
		const { result } = renderHook(() => useAnswer(first));
		act(() => result.current.change("depth", "soup"));
		await act(() => held.calls[0]?.fail());
		await vi.waitFor(() => expect(result.current.troubles.depth).toBe("Soup."));
		expect(result.current.pending).toEqual({});
		expect(unsentReadings()).toEqual({});
	});

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
