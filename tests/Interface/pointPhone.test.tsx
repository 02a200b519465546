import { act, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { PointPhone } from "../../resources/js/phone/PointPhone";
import { ReadingEditor } from "../../resources/js/readings/ReadingEditor";
import { heldFetch, reading, settle } from "./make";

let held = heldFetch();

beforeEach(() => {
	held = heldFetch();
	vi.stubGlobal("fetch", held.fetch);
	vi.stubGlobal("isSecureContext", true);
	vi.stubGlobal("DeviceOrientationEvent", class {});
	vi.useFakeTimers({ shouldAdvanceTime: true, toFake: ["setInterval", "clearInterval", "setTimeout", "clearTimeout"] });
});

afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
	Reflect.deleteProperty(window, "ondeviceorientationabsolute");
});

const points = (name: string, told: object) => fireEvent(window, Object.assign(new Event(name), told));
const press = async (name: RegExp) => {
	await act(async () => {
		fireEvent.click(screen.getByRole("button", { name }));
	});
};
const seconds = (many: number) => act(async () => void vi.advanceTimersByTime(1000 * many));
const sent = () => ((held.calls[0]?.body ?? {}) as { samples?: number[][] }).samples?.map((one) => one.slice(1)) ?? [];

describe("a direction by phone", () => {
	const shown = () => {
		const onPointed = vi.fn();
		render(<PointPhone words="Point this phone into the wind" onPointed={onPointed} />);
		return onPointed;
	};

	it("is where its upper edge pointed in the seconds after one press", async () => {
		Object.assign(window, { ondeviceorientationabsolute: null });
		const onPointed = shown();
		await press(/Point this phone/);
		points("deviceorientationabsolute", { absolute: true, alpha: 48, beta: -12, gamma: 4 });
		points("deviceorientation", { absolute: false, alpha: 7, beta: 0, gamma: 0 });
		await seconds(1);
		expect(screen.getByRole("button", { name: "Hold it flat and still: 2 s" })).toBeTruthy();
		await seconds(2);
		expect(held.calls[0]).toMatchObject({ url: "/heading-by-compass", method: "POST" });
		expect(new Set(sent().map(String))).toEqual(new Set(["312,12"]));
		expect(sent().length).toBeGreaterThan(20);
		const told = { sentence: "Northwest: 312°, ± 10°, by the compass.", degrees: "312°", point: "nw" };
		await act(() => held.calls[0]?.answer(200, told));
		await settle();
		expect(onPointed).toHaveBeenCalledWith({ degrees: "312°", point: "nw" });
		expect(screen.getByRole("status").textContent).toBe(told.sentence);
	});

	it("is taken from phones that tell it in a field of their own, and never from one that knows no north", async () => {
		shown();
		await press(/Point this phone/);
		points("deviceorientation", { absolute: false, alpha: 7, beta: 3, gamma: 0, webkitCompassHeading: 90.04 });
		await seconds(3);
		expect(sent()[0]).toEqual([90, 3]);
		await act(() => held.calls[0]?.answer(200, { sentence: "It was never flat.", degrees: null, point: null }));
		await press(/Point this phone/);
		points("deviceorientation", { absolute: false, alpha: 7, beta: 3, gamma: 0 });
		await seconds(3);
		expect([held.calls.length, screen.getByRole("alert").textContent]).toEqual([
			1,
			"No direction came from this device.",
		]);
	});

	it("says in a sentence why there is none", async () => {
		shown();
		vi.stubGlobal("DeviceOrientationEvent", { requestPermission: async () => "denied" });
		await press(/Point this phone/);
		expect(screen.getByRole("alert").textContent).toContain("refused");
		vi.stubGlobal("isSecureContext", false);
		await press(/Point this phone/);
		expect(screen.getByRole("alert").textContent).toContain("https");
	});
});

it("a reading of the eight points can be pointed at, another cannot", async () => {
	const onChange = vi.fn();
	const wind = reading({
		name: "wind_from",
		kind: "choice",
		pointed: true,
		options: [{ value: "nw", word: "northwest" }],
	});
	const { rerender } = render(<ReadingEditor reading={wind} text={null} onChange={onChange} />);
	await vi.waitFor(() => expect(screen.getByRole("button", { name: /Point this phone/ })).toBeTruthy());
	rerender(<ReadingEditor reading={{ ...wind, pointed: false }} text={null} onChange={onChange} />);
	expect(screen.queryByRole("button", { name: /Point this phone/ })).toBeNull();
});
