import { act, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { MarkHere } from "../../resources/js/fish/MarkHere";
import { setUsed } from "../../resources/js/phone/position";
import type { OutingData } from "../../resources/js/types";
import { heldFetch, settle } from "./make";

let held = heldFetch();
let heard: (position: unknown) => void = () => {};

beforeEach(() => {
	held = heldFetch();
	vi.stubGlobal("fetch", held.fetch);
	vi.stubGlobal("isSecureContext", true);
	vi.useFakeTimers({ toFake: ["Date"], now: 1_000_000 });
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
	setUsed(true);
});

afterEach(() => {
	setUsed(false);
	vi.useRealTimers();
	vi.unstubAllGlobals();
	Reflect.deleteProperty(navigator, "geolocation");
});

const outing = (over: Partial<OutingData> = {}) =>
	({
		markPads: [{ value: "fish", word: "Fish" }],
		marks: [],
		waterId: 7,
		spot: 1,
		...over,
	}) as unknown as OutingData;

/** So many seconds later the phone says where it is. */
const says = (seconds: number, accuracy = 6) =>
	act(async () => {
		vi.setSystemTime(Date.now() + 1000 * seconds);
		heard({ coords: { latitude: 61, longitude: -7, accuracy }, timestamp: Date.now() });
		await settle();
	});

const near = { spot: 2, place: "West gravel · Long tarn", depth: "16 ft", name: "West gravel", away: "66 ft" };

describe("the spot that one has come to", () => {
	it("is asked for now and then, and moved to with a press", async () => {
		const move = vi.fn();
		const { rerender } = render(<MarkHere outing={outing()} log={{ mark: vi.fn(), move }} />);
		await says(1);
		await says(2);
		expect(held.calls.map(({ url }) => url)).toEqual(["/nearest-spot?lat=61&lon=-7&accuracy=6"]);
		await act(() => held.calls[0]?.answer(200, near));
		const [button] = screen.getAllByRole("button", { name: "Move to West gravel, 66 ft" });
		fireEvent.click(button as HTMLElement);
		expect(move).toHaveBeenCalledWith({
			spot: 2,
			name: null,
			water: null,
			words: "West gravel · Long tarn",
			depth: "16 ft",
		});
		// It is there now: proposed no more, and asked about anew.
		rerender(<MarkHere outing={outing({ spot: 2 })} log={{ mark: vi.fn(), move }} />);
		expect(screen.queryByRole("button", { name: /Move to/ })).toBeNull();
		await says(1);
		expect(held.calls).toHaveLength(2);
		await says(25);
		expect(held.calls).toHaveLength(3);
	});

	it("is not asked for by what the phone is not sure of", async () => {
		render(<MarkHere outing={outing()} log={{ mark: vi.fn(), move: vi.fn() }} />);
		await says(1, 45);
		expect(held.calls).toEqual([]);
	});

	it("is proposed where an outing is at no spot yet", async () => {
		render(<MarkHere outing={outing({ markPads: [], spot: null })} log={{ mark: vi.fn(), move: vi.fn() }} />);
		await says(1);
		await act(() => held.calls[0]?.answer(200, near));
		expect(screen.getByRole("button", { name: /Move to/ })).toBeTruthy();
		expect(screen.queryByText("Mark here")).toBeNull();
	});
});
