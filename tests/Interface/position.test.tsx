import { act, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import * as clock from "../../resources/js/parts/clock";
import { setUsed } from "../../resources/js/phone/position";
import { UsePhone } from "../../resources/js/phone/UsePhone";
import { usePosition } from "../../resources/js/phone/usePosition";

type Heard = (position: {
	coords: { latitude: number; longitude: number; accuracy: number };
	timestamp: number;
}) => void;

/** A phone that finds itself when the test says so. */
function phone() {
	const asked: { heard: Heard; failed: (error: { code: number }) => void }[] = [];
	const cleared: number[] = [];
	return {
		asked,
		cleared,
		watchPosition: (heard: Heard, failed: (error: { code: number }) => void) => asked.push({ heard, failed }),
		clearWatch: (id: number) => void cleared.push(id),
	};
}

let device = phone();

beforeEach(() => {
	vi.useFakeTimers({ now: 1_000_000, toFake: ["Date"] });
	localStorage.clear();
	device = phone();
	vi.stubGlobal("isSecureContext", true);
	Object.defineProperty(navigator, "geolocation", { value: device, configurable: true });
	vi.spyOn(clock, "now").mockImplementation(() => Date.now());
});

afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
	vi.restoreAllMocks();
	Reflect.deleteProperty(navigator, "geolocation");
});

/** As a page has it that was just opened. */
const opened = () => {
	vi.resetModules();
	return import("../../resources/js/phone/position");
};

const at = (latitude: number, accuracy: number) => ({
	coords: { latitude, longitude: -7, accuracy },
	timestamp: Date.now(),
});

function Here() {
	return <UsePhone position={usePosition()} words="where this phone is" />;
}

describe("a phone", () => {
	it("is asked where it is only while that is wanted and shown", async () => {
		const { setUsed: use, watchPosition } = await opened();
		const stop = watchPosition(() => {});
		expect(device.asked).toHaveLength(0);
		use(true);
		const stopOther = watchPosition(() => {});
		expect(device.asked).toHaveLength(1);
		stop();
		expect(device.cleared).toEqual([]);
		stopOther();
		expect(device.cleared).toEqual([1]);
		// It is still wanted by a page that opens later.
		const later = await opened();
		const heard: boolean[] = [];
		later.watchPosition(({ used }) => heard.push(used));
		expect(heard).toEqual([true]);
		expect(device.asked).toHaveLength(2);
		later.setUsed(false);
		expect(device.cleared).toEqual([1, 2]);
	});

	it("is heard once a second at most", async () => {
		const { setUsed: use, watchPosition } = await opened();
		const heard: (number | undefined)[] = [];
		watchPosition(({ fix }) => heard.push(fix?.lat));
		use(true);
		for (const [lat, later] of [
			[61, 0],
			[62, 300],
			[63, 300],
		] as const) {
			vi.setSystemTime(Date.now() + later);
			device.asked[0]?.heard(at(lat, 5));
		}
		expect(heard.filter(Boolean)).toEqual([61, 63]);
	});

	it("says nothing of now once it has fallen silent, or nobody looked for a while", async () => {
		const { setUsed: use, watchPosition } = await opened();
		const heard: (number | null)[] = [];
		const listen = () => watchPosition(({ fix }) => heard.push(fix?.lat ?? null));
		const stop = listen();
		use(true);
		vi.useFakeTimers({ now: Date.now() });
		device.asked[0]?.heard(at(61, 5));
		expect(heard.at(-1)).toBe(61);
		vi.advanceTimersByTime(5001);
		expect(heard.at(-1)).toBeNull();
		device.asked[0]?.heard(at(62, 5));
		stop();
		listen();
		expect(heard.at(-1)).toBeNull();
	});

	it("marks only with what it is sure of, and just said", async () => {
		const { fixToMarkWith, setUsed: use, watchPosition } = await opened();
		const stop = watchPosition(() => {});
		expect(fixToMarkWith()).toBeNull();
		use(true);
		device.asked[0]?.heard(at(61, 31));
		expect(fixToMarkWith()).toBeNull();
		vi.setSystemTime(Date.now() + 2000);
		device.asked[0]?.heard(at(61.001, 30));
		expect(fixToMarkWith()).toEqual({ lat: 61.001, lon: -7, accuracy: 30 });
		vi.setSystemTime(Date.now() + 5001);
		expect(fixToMarkWith()).toBeNull();
		stop();
	});

	it.each([
		[1, "The browser keeps the position to itself. Allow it for this page."],
		[2, "No position here yet. It keeps trying."],
		[3, "No position yet. Hold the phone under the open sky."],
	])("says why it does not say where it is: %s", async (code, words) => {
		render(<Here />);
		expect(screen.getByRole("button", { name: "Use this phone" })).toBeTruthy();
		act(() => setUsed(true));
		act(() => device.asked[0]?.failed({ code }));
		expect(screen.getByRole("alert").textContent).toBe(words);
		act(() => device.asked[0]?.heard(at(61, 5)));
		expect(screen.getByRole("status").textContent).toBe("where this phone is");
		act(() => setUsed(false));
		expect(device.cleared).toEqual([1]);
	});

	it("has none on a page that is not secure, or where there is no such sensor", async () => {
		const { NO_POSITION, setUsed: use, watchPosition } = await opened();
		let trouble: string | null = null;
		watchPosition((position) => {
			trouble = position.trouble;
		});
		vi.stubGlobal("isSecureContext", false);
		use(true);
		expect(trouble).toBe(NO_POSITION.insecure);
		use(false);
		vi.stubGlobal("isSecureContext", true);
		Reflect.deleteProperty(navigator, "geolocation");
		use(true);
		expect(trouble).toBe(NO_POSITION.missing);
		expect(device.asked).toHaveLength(0);
	});
});
