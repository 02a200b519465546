import "fake-indexeddb/auto";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { device } from "../../resources/js/outbox/device";
import type { Tracked } from "../../resources/js/outbox/offlineActions";
import { outboxOf } from "../../resources/js/outbox/wire";
import * as clock from "../../resources/js/parts/clock";
import { setUsed } from "../../resources/js/phone/position";
import { fixText, followTrack } from "../../resources/js/phone/track";

type Heard = (position: {
	coords: { latitude: number; longitude: number; accuracy: number };
	timestamp: number;
}) => void;

const START = Date.parse("2026-06-01T08:00:00Z");
let heard: Heard | null = null;
let now = START;

beforeEach(async () => {
	now = START;
	heard = null;
	localStorage.clear();
	await Promise.all([device().deeds.clear(), device().tracks.clear()]);
	vi.stubGlobal("isSecureContext", true);
	vi.stubGlobal(
		"fetch",
		vi.fn(() => Promise.reject(new Error("no signal"))),
	);
	Object.defineProperty(navigator, "geolocation", {
		value: {
			watchPosition: (on: Heard) => {
				heard = on;
				return 1;
			},
			clearWatch: () => {
				heard = null;
			},
		},
		configurable: true,
	});
	vi.spyOn(clock, "now").mockImplementation(() => now);
	vi.spyOn(Date, "now").mockImplementation(() => now);
	setUsed(true);
});

afterEach(() => {
	vi.restoreAllMocks();
	vi.unstubAllGlobals();
	Reflect.deleteProperty(navigator, "geolocation");
});

/** The phone says where it is, so many seconds after the start. */
function at(second: number, north = second, accuracy = 6) {
	now = START + 1000 * second;
	heard?.({ coords: { latitude: 61 + north / 1e6, longitude: -7, accuracy }, timestamp: now });
}

const inLine = async () => (await outboxOf(1).waiting()) as Tracked[];
const settled = () => vi.waitFor(async () => expect(await inLine()).not.toHaveLength(0));

describe("where the boat goes", () => {
	it("is written as the server reads it", () => {
		const fixes = [
			{ at: START, lat: 54.12, lon: -7.1 },
			{ at: START + 1_000, lat: 54.120003, lon: -7.100002 },
			{ at: START + 11_000, lat: 54.1199, lon: -7.0999 },
		];
		expect(fixText(fixes)).toBe("0,54120000,-7100000,1,3,-2,10,-103,102");
	});

	it("goes in line as the page is left, with only what the phone was sure of", async () => {
		const stop = followTrack(1, "outing");
		at(0);
		at(1);
		at(2, 500, 45);
		at(3);
		stop();
		await settled();
		const [part] = await inLine();
		expect(part).toMatchObject({ do: "track", outing: "outing", at: "2026-06-01T08:00:00.000Z" });
		expect(part?.fixes).toBe("0,61000000,-7000000,1,1,0,2,2,0");
		await vi.waitFor(async () => expect(await device().tracks.count()).toBe(0));
	});

	it("is written to the device every ten seconds and no more often", async () => {
		const put = vi.spyOn(device().tracks, "put");
		const stop = followTrack(1, "outing");
		for (let second = 0; second < 60; second++) at(second);
		expect(put.mock.calls.length).toBe(6);
		stop();
		await settled();
	});

	it("goes in line every ten minutes, each part by itself", async () => {
		const stop = followTrack(1, "outing");
		for (let second = 0; second <= 900; second += 5) at(second);
		stop();
		await vi.waitFor(async () => expect(await inLine()).toHaveLength(2));
		const parts = await inLine();
		expect(parts.map((part) => part.at)).toEqual(["2026-06-01T08:00:00.000Z", "2026-06-01T08:10:05.000Z"]);
	});

	it("of a page that was closed at once is sent by the next", async () => {
		const killed = followTrack(1, "outing");
		for (let second = 0; second <= 30; second++) at(second);
		await vi.waitFor(async () => expect(await device().tracks.count()).toBe(1));
		// The browser was killed: nothing said that the page went.
		now = START + 100_000;
		followTrack(1, "outing")();
		await settled();
		expect((await inLine()).map((part) => part.fixes.split(",").length)).toEqual([3 * 31]);
		await vi.waitFor(async () => expect(await device().tracks.count()).toBe(0));
		killed();
	});

	it("of another page that is open is left alone", async () => {
		const stop = followTrack(1, "outing");
		for (let second = 0; second <= 20; second++) at(second);
		await vi.waitFor(async () => expect(await device().tracks.count()).toBe(1));
		followTrack(1, "outing")();
		await new Promise((done) => setTimeout(done, 50));
		expect(await inLine()).toEqual([]);
		stop();
		await settled();
	});
});
