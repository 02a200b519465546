import { act, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { LineTilt } from "../../resources/js/water/LineTilt";
import { heldFetch, settle } from "./make";

let held = heldFetch();

beforeEach(() => {
	held = heldFetch();
	vi.stubGlobal("fetch", held.fetch);
	vi.stubGlobal("isSecureContext", true);
	vi.stubGlobal("DeviceMotionEvent", class {});
	vi.useFakeTimers({ shouldAdvanceTime: true, toFake: ["setInterval", "clearInterval", "setTimeout", "clearTimeout"] });
});

afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

const feels = (x: number, y: number, z: number) =>
	fireEvent(window, Object.assign(new Event("devicemotion"), { accelerationIncludingGravity: { x, y, z } }));

const press = async (name: RegExp) => {
	await act(async () => {
		fireEvent.click(screen.getByRole("button", { name }));
	});
};

describe("the lean of the line by phone", () => {
	it("is what was felt in the seconds after one press, and goes into the field", async () => {
		const onAngle = vi.fn();
		render(<LineTilt onAngle={onAngle} />);
		feels(9, 9, 9);
		await press(/Hold this phone along the line/);
		feels(0.01234, 8.5, 4.9);
		feels(0, 8.5, 4.9);
		await act(async () => {
			vi.advanceTimersByTime(2000);
		});
		expect(screen.getByRole("button", { name: "Hold it still: 4 s" })).toBeTruthy();
		expect(held.calls).toEqual([]);
		await act(async () => {
			vi.advanceTimersByTime(4000);
		});
		expect(held.calls[0]).toMatchObject({ url: "/angle-by-tilt", method: "POST" });
		const { samples = [] } = (held.calls[0]?.body ?? {}) as { samples?: number[][] };
		expect(samples.map((one) => one.slice(1))).toEqual([
			[0.012, 8.5, 4.9],
			[0, 8.5, 4.9],
		]);
		await act(() => held.calls[0]?.answer(200, { sentence: "The line leans 30°, ± 1°.", angle: "30°" }));
		await settle();
		expect(onAngle).toHaveBeenCalledWith("30°");
		expect(screen.getByRole("status").textContent).toBe("The line leans 30°, ± 1°.");
	});

	it("is called off by a second press, and where it was not still the field stays", async () => {
		const onAngle = vi.fn();
		render(<LineTilt onAngle={onAngle} />);
		await press(/Hold this phone/);
		await press(/Hold it still/);
		await act(async () => {
			vi.advanceTimersByTime(8000);
		});
		expect(held.calls).toEqual([]);
		await press(/Hold this phone/);
		feels(0, 1, 2);
		await act(async () => {
			vi.advanceTimersByTime(6000);
		});
		await act(() => held.calls[0]?.answer(200, { sentence: "It was never still for a second.", angle: null }));
		await settle();
		expect(onAngle).not.toHaveBeenCalled();
		expect(screen.getByText(/never still/)).toBeTruthy();
	});

	it("says why a device tells nothing", async () => {
		render(<LineTilt onAngle={() => {}} />);
		await press(/Hold this phone/);
		await act(async () => {
			vi.advanceTimersByTime(6000);
		});
		expect(screen.getByText("No motion came from this device.")).toBeTruthy();
		vi.stubGlobal("DeviceMotionEvent", { requestPermission: async () => "denied" });
		await press(/Hold this phone/);
		expect(screen.getByText("Motion was refused. Allow it in the browser's settings.")).toBeTruthy();
		vi.stubGlobal("isSecureContext", false);
		await press(/Hold this phone/);
		expect(screen.getByText(/only to pages with https/)).toBeTruthy();
	});
});
