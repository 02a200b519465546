import { act, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { setUsed } from "../../resources/js/phone/position";
import { PhoneDrift } from "../../resources/js/water/PhoneDrift";
import { heldFetch, settle } from "./make";

let held = heldFetch();
let heard: (position: unknown) => void = () => {};

beforeEach(() => {
	held = heldFetch();
	vi.stubGlobal("fetch", held.fetch);
	vi.stubGlobal("isSecureContext", true);
	vi.useFakeTimers({ toFake: ["Date", "setInterval", "clearInterval"], now: 1_000_000 });
	localStorage.clear();
	Object.defineProperty(navigator, "geolocation", {
		value: {
			watchPosition: (told: typeof heard) => {
				heard = told;
				return 1;
			},
			clearWatch: () => {},
		},
		configurable: true,
	});
});

afterEach(() => {
	setUsed(false);
	vi.useRealTimers();
	vi.unstubAllGlobals();
	Reflect.deleteProperty(navigator, "geolocation");
});

/** The boat drifts on for so many seconds. */
const drifts = (seconds: number) =>
	act(async () => {
		for (let s = 0; s < seconds; s++) {
			vi.advanceTimersByTime(1000);
			heard({ coords: { latitude: 61 + s / 1e5, longitude: -7, accuracy: 5 }, timestamp: Date.now() });
		}
		await settle();
	});

it("a drift by phone is asked about with the fixes of the last minutes, and taken over with a press", async () => {
	const onTake = vi.fn();
	render(<PhoneDrift onTake={onTake} />);
	expect(held.calls).toEqual([]);
	fireEvent.click(screen.getByRole("button", { name: "Use this phone" }));
	await drifts(1);
	expect(held.calls[0]).toMatchObject({ url: "/drift-by-phone", method: "POST" });
	await act(() => held.calls[0]?.answer(200, { sentence: "0 s so far.", distance: null, seconds: null }));
	expect(screen.getByRole("status").textContent).toBe("0 s so far.");
	expect(screen.queryByRole("button", { name: "Use this drift" })).toBeNull();
	for (let i = 0; i < 8; i++) {
		await drifts(25);
		const { length } = held.calls;
		if (i < 7) await act(() => held.calls[length - 1]?.answer(200, { sentence: "", distance: null, seconds: null }));
	}
	// One after the other, however slow the line is.
	expect(held.calls.length).toBeLessThanOrEqual(9);
	const last = held.calls.at(-1);
	const fixes = (last?.body as { fixes: number[][] } | undefined)?.fixes ?? [];
	expect(fixes.length).toBeLessThanOrEqual(181);
	expect(fixes.length).toBeGreaterThan(170);
	expect((fixes.at(-1)?.[0] ?? 0) - (fixes[0]?.[0] ?? 0)).toBeLessThanOrEqual(180);
	await act(() => last?.answer(200, { sentence: "Drifting.", distance: "62 ft", seconds: "60 s" }));
	fireEvent.click(screen.getByRole("button", { name: "Use this drift" }));
	expect(onTake).toHaveBeenCalledWith("62 ft", "60 s");
});

it("says what to do where it cannot be worked out", async () => {
	render(<PhoneDrift onTake={() => {}} />);
	fireEvent.click(screen.getByRole("button", { name: "Use this phone" }));
	await drifts(1);
	await act(() => held.calls[0]?.fail());
	expect(screen.getByRole("alert").textContent).toContain("take Eskith along in Settings");
});
