import { act, fireEvent, render, renderHook, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { ColumnHandles } from "../../resources/js/drop/ColumnHandles";
import { layOut } from "../../resources/js/drop/geometry";
import { useFall } from "../../resources/js/drop/useFall";
import { useAge } from "../../resources/js/parts/useAge";
import { useAsk } from "../../resources/js/parts/useAsk";
import type { Live } from "../../resources/js/readings/useAnswer";
import type { RackData } from "../../resources/js/types";
import { answer, heldFetch, pick } from "./make";

afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

describe("the picture taken hold of", () => {
	const rack: RackData[] = [
		{ key: "a", lureId: 1, title: "¼ oz", massKg: 0.0071, family: "blade", finish: "white", holes: [] },
		{ key: "b", lureId: 2, title: "½ oz", massKg: 0.0142, family: "blade", finish: "white", holes: [] },
		{ key: "c", lureId: 3, title: "¾ oz gold", massKg: 0.0213, family: "blade", finish: "gold", holes: [] },
		{ key: "d", lureId: 4, title: "¾ oz white", massKg: 0.0213, family: "blade", finish: "white", holes: [] },
		{ key: "e", lureId: 5, title: "spoon", massKg: 0.03, family: "spoon", finish: "white", holes: [] },
	];
	const show = () => {
		const said: [string, string | null][] = [];
		const chosen: string[] = [];
		const live = {
			answer: answer({ rack }),
			pending: {},
			troubles: {},
			change: (name: string, text: string | null) => said.push([name, text]),
			choose: (key: string) => chosen.push(key),
		} as unknown as Live;
		render(<ColumnHandles geometry={layOut(304, 800, 8, [-1])} live={live} pick={pick({ massKg: 0.0142 })} />);
		return { said, chosen };
	};

	it("steps depth and drift by the arrow keys", () => {
		const { said } = show();
		fireEvent.keyDown(screen.getByRole("slider", { name: "Depth" }), { key: "ArrowDown" });
		fireEvent.keyDown(screen.getByRole("slider", { name: "Drift" }), { key: "ArrowLeft" });
		expect(said).toEqual([
			["depth", "27 ft"],
			["drift", "0.25 mph"],
		]);
	});

	it("takes the next weight of the family that the angler owns, in the same finish where there is one", () => {
		const { chosen } = show();
		const weight = screen.getByRole("slider", { name: "Weight" });
		fireEvent.keyDown(weight, { key: "ArrowDown" });
		fireEvent.keyDown(weight, { key: "ArrowUp" });
		expect(chosen).toEqual(["d", "a"]);
		expect(weight.getAttribute("aria-valuemax")).toBe("2");
	});

	it("follows the pointer and sends the last place, not every one", () => {
		vi.useFakeTimers();
		const { said } = show();
		const depth = screen.getByRole("slider", { name: "Depth" });
		fireEvent.pointerDown(depth, { pointerId: 1, clientX: 100, clientY: 600 });
		for (const y of [590, 570, 542]) fireEvent.pointerMove(window, { pointerId: 1, clientX: 100, clientY: y });
		act(() => void vi.advanceTimersByTime(200));
		fireEvent.pointerUp(window, { pointerId: 1 });
		fireEvent.pointerMove(window, { pointerId: 1, clientX: 100, clientY: 300 });
		act(() => void vi.advanceTimersByTime(200));
		// The water is 578 pixels deep in this picture: 58 of them are a tenth of 26 feet.
		expect(said).toEqual([["depth", "23 ft"]]);
	});
});

describe("a fall", () => {
	const fall = [
		{ t: 0, h: 8, x: 0 },
		{ t: 4, h: 4, x: -0.4 },
		{ t: 9, h: 0, x: -1 },
	];

	beforeEach(() => {
		vi.useFakeTimers({ toFake: ["requestAnimationFrame", "cancelAnimationFrame", "performance"] });
		vi.stubGlobal("matchMedia", () => ({ matches: false }));
	});

	it("does not begin by itself", () => expect(renderHook(() => useFall(fall, 0)).result.current).toBeNull());

	it("is where the lure is at that second, and ends on the bottom", () => {
		const { result } = renderHook(() => useFall(fall, 1));
		act(() => void vi.advanceTimersByTime(2016));
		expect(result.current?.seconds).toBeCloseTo(2, 1);
		expect(result.current?.at.h).toBeCloseTo(6, 0);
		act(() => void vi.advanceTimersByTime(7400));
		expect(result.current?.seconds).toBe(9);
		expect(result.current?.at.h).toBe(0);
		act(() => void vi.advanceTimersByTime(2000));
		expect(result.current).toBeNull();
	});

	it("only counts where motion is not wanted", () => {
		vi.stubGlobal("matchMedia", () => ({ matches: true }));
		const { result } = renderHook(() => useFall(fall, 1));
		act(() => void vi.advanceTimersByTime(2500));
		expect(result.current?.seconds).toBe(2);
	});
});

describe("ages", () => {
	it.each([
		[5_000, "5 s ago"],
		[61_000, "1 min ago"],
		[3_700_000, "1 h ago"],
		[90_000_000, "1 d ago"],
	])("says %i ms as %s", (ms, words) => {
		vi.useFakeTimers();
		const { result } = renderHook(() => useAge());
		expect(result.current(new Date(Date.now() - ms).toISOString())).toBe(words);
	});

	it("says nothing of what has no time", () => {
		expect(renderHook(() => useAge()).result.current(null)).toBe("");
	});
});

describe("asking", () => {
	it("waits for the last change, keeps the last good answer and says what is wrong", async () => {
		vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout"] });
		const held = heldFetch();
		vi.stubGlobal("fetch", held.fetch);
		const { result, rerender } = renderHook(({ url }: { url: string | null }) => useAsk<{ n: number }>(url), {
			initialProps: { url: "/a" as string | null },
		});
		rerender({ url: "/b" });
		await act(async () => void vi.advanceTimersByTime(100));
		expect(held.calls.map((call) => call.url)).toEqual(["/b"]);
		vi.useRealTimers();
		await act(() => held.calls[0]?.answer(200, { n: 1 }));
		expect(result.current).toEqual({ answer: { n: 1 }, trouble: null, refused: null, stale: false });
		rerender({ url: "/c" });
		await act(() => new Promise((resolve) => setTimeout(resolve, 120)));
		await act(() => held.calls[1]?.answer(422, { message: "No.", errors: {} }));
		expect(result.current).toEqual({ answer: { n: 1 }, trouble: "No.", refused: {}, stale: true });
	});

	it("asks nothing where there is nothing to ask", async () => {
		const held = heldFetch();
		vi.stubGlobal("fetch", held.fetch);
		renderHook(() => useAsk(null));
		await act(() => new Promise((resolve) => setTimeout(resolve, 120)));
		expect(held.calls).toHaveLength(0);
	});
});
