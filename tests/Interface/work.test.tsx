import { act, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { WorkData } from "../../resources/js/types";
import { biteOf, isMissed, STRIKE_S, strikeOn } from "../../resources/js/work/drill";
import { Metronome } from "../../resources/js/work/Metronome";
import { Practice } from "../../resources/js/work/Practice";
import { beatsOf, cycleOf, heightAt, heldStill, placeAt } from "../../resources/js/work/repeat";
import { heightsFrom } from "../../resources/js/work/useMotion";
import { usePractice } from "../../resources/js/work/usePractice";

const timing = { liftS: 5.5, fallS: 1.6, pauseS: 2 };

describe("a repeat", () => {
	it("has a beat where each part begins and a count for every second within it", () => {
		expect(beatsOf(timing).map(({ at, kind, says }) => [at, kind, says])).toEqual([
			[0, "lift", "up"],
			[1, "count", "2"],
			[2, "count", "3"],
			[3, "count", "4"],
			[4, "count", "5"],
			[5, "count", "6"],
			[5.5, "top", "down"],
			[6.5, "count", "2"],
			[7.1, "bottom", "wait"],
			[8.1, "count", "2"],
		]);
		expect(beatsOf({ liftS: 0.3, fallS: 0.1, pauseS: 0 }).map((beat) => beat.kind)).toEqual(["lift", "top"]);
	});

	it("stands still while a phase lasts, for who asked for less motion", () => {
		const at = (seconds: number) => heldStill(timing, seconds);
		expect([at(0), at(5.4), at(9.1 + 3)]).toEqual([at(2), at(2), at(2)]);
		expect([placeAt(timing, at(2)).phase, placeAt(timing, at(6)).phase, placeAt(timing, at(8)).phase]).toEqual([
			"lift",
			"fall",
			"rest",
		]);
		expect(at(5.6)).toBe(at(7));
		expect(at(7.2)).toBe(at(9));
	});

	it("tells where one is, also many repeats on", () => {
		const cycle = cycleOf(timing);
		expect(placeAt(timing, 0.2)).toMatchObject({ phase: "lift", count: 1 });
		expect(placeAt(timing, 5.6)).toMatchObject({ phase: "fall", count: 1 });
		expect(placeAt(timing, 20 * cycle + 8.3)).toMatchObject({ phase: "rest", count: 2 });
	});

	it("gives the height between two points", () => {
		const ribbon = [
			{ t: 0, h: 0 },
			{ t: 2, h: 1 },
			{ t: 3, h: 0 },
		];
		expect(heightAt(ribbon, 1)).toBe(0.5);
		expect(heightAt(ribbon, 2.75)).toBe(0.25);
		expect(heightAt(ribbon, 9)).toBe(0);
	});
});

/** An audio clock that is moved by hand, and what was laid down on it. */
class Clock {
	currentTime = 100;
	started: { at: number; hertz: number; when: number }[] = [];
	stopped = 0;
	destination = {};
	createGain() {
		const gain = { value: 0, setValueAtTime() {}, exponentialRampToValueAtTime() {}, setTargetAtTime: vi.fn() };
		return { gain, connect: (next: unknown) => next, disconnect() {} };
	}
	createOscillator() {
		const frequency = { value: 0 };
		return {
			frequency,
			connect: (next: unknown) => next,
			start: (when: number) => this.started.push({ at: this.currentTime, hertz: frequency.value, when }),
			stop: (when?: number) => {
				if (when === undefined) this.stopped++;
			},
			onended: null,
		};
	}
}

describe("the metronome", () => {
	beforeEach(() => vi.useFakeTimers());
	afterEach(() => vi.useRealTimers());

	/** Five minutes, the timer woken as seldom as this. */
	const five = (clock: Clock, every: number) => {
		for (let s = 0; s < 300; s += every) {
			clock.currentTime += every;
			vi.advanceTimersByTime(every * 1000);
		}
	};

	it.each([5, 60])("keeps to its schedule over five minutes when it is woken every %i s", (every) => {
		const clock = new Clock();
		const metronome = new Metronome(clock as unknown as AudioContext, timing, true);
		five(clock, every);
		const cycle = cycleOf(timing);
		const lifts = clock.started.filter((one) => one.hertz === 1320);
		expect(lifts.length).toBeGreaterThan(300 / cycle);
		lifts.forEach(({ when, at }, i) => {
			expect(when).toBeCloseTo(100.25 + i * cycle, 9);
			expect(when).toBeGreaterThanOrEqual(at);
		});
		expect(metronome.now()).toBeCloseTo(299.75, 9);
		metronome.stop();
	});

	it("lays down nothing twice, and nothing more once it is stopped", () => {
		const clock = new Clock();
		const metronome = new Metronome(clock as unknown as AudioContext, { liftS: 0.3, fallS: 0.2, pauseS: 2 }, true);
		five(clock, 5);
		const times = clock.started.map((one) => one.when.toFixed(6));
		expect(new Set(times).size).toBe(times.length);
		metronome.stop();
		expect(clock.stopped).toBeGreaterThan(0);
		const before = clock.started.length;
		five(clock, 5);
		expect(clock.started.length).toBe(before);
	});

	it("leaves out what is late by the time it is looked at", () => {
		const clock = new Clock();
		new Metronome(clock as unknown as AudioContext, timing, true).now();
		clock.currentTime += 600;
		vi.advanceTimersByTime(5_000);
		for (const { at, when } of clock.started) expect(when).toBeGreaterThanOrEqual(at);
	});
});

describe("the drill", () => {
	const bites = [
		{ sign: "tick", shows: "a tick in the line", phase: "fall" },
		{ sign: "weight", shows: "a weight", phase: "lift" },
		{ sign: "belly", shows: "the belly tightens", phase: "rest" },
	];
	const dice =
		(...rolls: number[]) =>
		() =>
			rolls.shift() ?? 0;

	it("shows bites in their own part of a repeat, and none in the first", () => {
		expect(biteOf(timing, bites, 0, dice(0, 0, 0))).toBeNull();
		expect(biteOf(timing, bites, 3, dice(0.9))).toBeNull();
		// Half-way down in the fourth repeat: 3 × 9.1 + 5.5 + 0.8.
		expect(biteOf(timing, bites, 3, dice(0.1, 0, 0.5))).toMatchObject({ sign: "tick", at: 3 * 9.1 + 6.3 });
		expect(biteOf(timing, bites, 1, dice(0.1, 0.5, 0))?.at).toBeCloseTo(9.1 + 0.25 * 5.5, 9);
		expect(biteOf({ ...timing, pauseS: 0 }, bites, 1, dice(0.1, 0.99, 0))?.sign).toBe("weight");
	});

	it("takes a strike for a hit only while the bite shows", () => {
		const bite = { at: 10, sign: "tick", shows: "a tick", phase: "fall" };
		expect(strikeOn(bite, 10)).toBe("hit");
		expect(strikeOn(bite, 10 + STRIKE_S)).toBe("hit");
		expect(strikeOn(bite, 9.9)).toBe("false");
		expect(strikeOn(bite, 10.01 + STRIKE_S)).toBe("false");
		expect(strikeOn(null, 10)).toBe("false");
		expect(isMissed(bite, 10.5)).toBe(false);
		expect(isMissed(bite, 10.01 + STRIKE_S)).toBe(true);
	});
});

describe("motion", () => {
	it("is summed to a way up, without what it drifts by", () => {
		// Half a second faster at 2 m/s², half a second slower: 1 m/s at the middle, 0.5 m in all; the sensor is off by 0.3.
		const motion = Array.from({ length: 101 }, (_, i) => ({ at: 7 + i / 100, up: (i < 50 ? 2 : -2) + 0.3 }));
		const heights = heightsFrom(motion);
		expect(heights[0]).toEqual([0, 0]);
		expect(heights.at(-1)?.[0]).toBeCloseTo(1, 9);
		expect(heights.at(-1)?.[1]).toBeCloseTo(0.5, 1);
		expect(heightsFrom([])).toEqual([]);
	});
});

const work = { cadence: "low_hop", liftM: 0.09, liftS: 0.3, pauseS: 2, liftText: "4 in" } as WorkData;

function Here() {
	return <Practice work={work} practice={usePractice("1.middle.low_hop", work)} />;
}

describe("practice", () => {
	const told = {
		said: "0.3 s, even",
		together: "",
		against: "as fast as wanted",
		wanted: "4 in in 0.3 s",
		made: "4 in in 0.3 s",
		riseM: 0.09,
		durationS: 0.3,
		speeds: [0.3, 0.3, 0.3, 0.3],
		wantedMs: 0.3,
	};
	const sent: { lifts: [number, number][][] }[] = [];
	let status = 200;
	beforeEach(() => {
		sent.length = 0;
		status = 200;
		vi.stubGlobal("fetch", async (_: string, init: RequestInit) => {
			sent.push(JSON.parse(String(init.body)));
			const answer = status === 200 ? told : { message: "There is no lift in this recording.", errors: {} };
			return new Response(JSON.stringify(answer), { status });
		});
	});
	afterEach(() => vi.unstubAllGlobals());
	const pad = () => screen.getByRole("button", { name: /Lift: drag up/ });
	const hold = async () => {
		fireEvent.keyDown(pad(), { key: "ArrowUp" });
		await act(() => new Promise((done) => setTimeout(done, 30)));
		fireEvent.keyUp(pad(), { key: "ArrowUp" });
	};

	it("tells a lift made by holding a key, and compares it with those before", async () => {
		render(<Here />);
		await hold();
		await waitFor(() => expect(screen.getByText("0.3 s, even")).toBeTruthy());
		await hold();
		await waitFor(() => expect(sent).toHaveLength(2));
		expect(sent[1]?.lifts).toHaveLength(2);
		expect(sent[0]?.lifts[0]?.at(-1)?.[1]).toBeCloseTo(0.09, 9);
	});

	it("says what is no lift and leaves it out of those that are compared", async () => {
		render(<Here />);
		await hold();
		await waitFor(() => expect(screen.getByText("0.3 s, even")).toBeTruthy());
		status = 422;
		await hold();
		await waitFor(() => expect(screen.getByText(/There is no lift/)).toBeTruthy());
		status = 200;
		await hold();
		await waitFor(() => expect(sent).toHaveLength(3));
		expect(sent[2]?.lifts).toHaveLength(2);
	});

	it("offers to drag where motion is refused", async () => {
		vi.stubGlobal("isSecureContext", true);
		vi.stubGlobal("DeviceMotionEvent", { requestPermission: async () => "denied" });
		render(<Here />);
		fireEvent.click(screen.getByRole("button", { name: "Lift the phone instead" }));
		await waitFor(() => expect(screen.getByText(/Motion was refused.* Drag instead/)).toBeTruthy());
	});
});
