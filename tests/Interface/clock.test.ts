import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { hear, now } from "../../resources/js/parts/clock";

const start = Date.parse("2026-11-28T06:00:00Z");

/** An answer that the server made at a moment of its own clock. */
function answer(at: number): Response {
	return new Response("", { headers: { Date: new Date(at).toUTCString() } });
}

describe("the clock of the server", () => {
	beforeEach(() => {
		localStorage.clear();
		vi.useFakeTimers({ now: start });
	});
	afterEach(() => vi.useRealTimers());

	it("is gone by where this device is ten minutes off, also after a reload", () => {
		hear(answer(start - 600_000), start);
		expect(Math.abs(now() - (start - 600_000))).toBeLessThanOrEqual(500);
		expect(JSON.parse(localStorage.getItem("clock") ?? "0")).toBe(-599_500);
	});

	it("stays as it is while answers only differ by their rounding, so that the time between taps is right", () => {
		hear(answer(start + 600_000), start);
		const first = now();
		for (const late of [-1_000, 0, 1_000]) hear(answer(start + 600_000 + late), start);
		expect(now()).toBe(first);
	});

	it("does not take a slow line for a wrong clock", () => {
		vi.setSystemTime(start + 20_000);
		hear(answer(start + 19_000), start);
		expect(now()).toBe(start + 20_000);
	});

	it("goes by this device again once it has been put right", () => {
		hear(answer(start + 600_000), start);
		vi.setSystemTime(start + 600_000);
		hear(answer(start + 600_000), start + 600_000);
		expect(now()).toBe(start + 600_000);
	});

	it("is not led astray by an answer without a time or by what is kept as nonsense", () => {
		hear(new Response(""), start);
		localStorage.setItem("clock", '"soon"');
		expect(now()).toBe(start);
		localStorage.setItem("clock", "{broken");
		expect(now()).toBe(start);
	});
});
