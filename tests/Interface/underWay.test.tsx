import { act, fireEvent, render, screen } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { RunBetween } from "../../resources/js/fish/RunBetween";
import type { PhoneFix } from "../../resources/js/phone/position";
import { type Run, runs } from "../../resources/js/phone/underWay";
import { event, outing } from "./outing";

let hear: ((run: Run) => void) | null = null;
vi.mock("../../resources/js/phone/underWay", async (real) => ({
	...(await real<object>()),
	watchRuns: (tell: (run: Run) => void) => {
		hear = tell;
		return () => {};
	},
}));

let used = true;
vi.mock("../../resources/js/phone/usePosition", () => ({ usePosition: () => ({ used, fix: null, trouble: null }) }));

const START = Date.parse("2026-11-25T06:00:00Z");

/** Legs of so many seconds at so many m/s, north, a fix each second with a stray of metres; what was told of them. */
function walked(legs: [seconds: number, speed: number][], stray = 0, accuracy = 6): Run[] {
	const next = runs();
	const told: Run[] = [];
	let [second, north] = [0, 0];
	for (const [seconds, speed] of legs)
		for (let i = 0; i < seconds; i++) {
			second++;
			north += speed;
			const metres = north + stray * Math.sin(second * 2.4);
			const fix: PhoneFix = { at: START + 1000 * second, lat: 61 + metres / 111_320, lon: -7, accuracy };
			const run = next(fix);
			if (run) told.push(run);
		}
	return told;
}

const seconds = ({ from, until }: Run) => [(from - START) / 1000, (until - START) / 1000];

describe("a run between two places", () => {
	it("is told once it is over, from when it began to when it ended", () => {
		const [run, ...more] = walked([
			[120, 0.3],
			[300, 6],
			[200, 0.3],
		]);
		expect(more).toEqual([]);
		const [from = 0, until = 0] = seconds(run as Run);
		expect(Math.abs(from - 120)).toBeLessThan(13);
		expect(Math.abs(until - 420)).toBeLessThan(13);
	});

	it("with a short stop is one, and a short one, a drift and a stray fix are none", () => {
		expect(
			walked([
				[100, 5],
				[40, 0],
				[100, 5],
				[100, 0],
			]),
		).toHaveLength(1);
		expect(
			walked([
				[90, 5],
				[100, 0],
			]),
		).toEqual([]);
		expect(walked([[900, 0.9]], 5)).toEqual([]);
		expect(
			walked(
				[
					[300, 6],
					[100, 0],
				],
				0,
				80,
			),
		).toEqual([]);
	});
});

describe("what is asked of it", () => {
	const run = { from: START + 600_000, until: START + 960_000 };
	const rest = vi.fn();
	const shown = async (over = {}) => {
		render(<RunBetween outing={outing(over)} onRest={rest} />);
		await act(async () => {});
		await vi.waitFor(() => expect(hear).not.toBeNull());
		act(() => hear?.(run));
	};
	beforeEach(() => rest.mockClear());

	it("is looked for only where this phone says where it is", async () => {
		used = false;
		render(<RunBetween outing={outing({})} onRest={rest} />);
		await act(() => import("../../resources/js/phone/underWay"));
		expect(hear).toBeNull();
		used = true;
	});

	it("takes it out of the fishing by one press", async () => {
		await shown();
		expect(screen.getByRole("status").textContent).toMatch(/^Under way 6 min, until .*Not fishing time\?/);
		fireEvent.click(screen.getByRole("button", { name: "Leave it out" }));
		expect(rest).toHaveBeenCalledWith("moving", run.from, run.until);
		expect(screen.queryByRole("status")).toBeNull();
	});

	it("leaves it in by another, and is not asked where something was logged on the way", async () => {
		await shown();
		fireEvent.click(screen.getByRole("button", { name: "I fished" }));
		expect(rest).not.toHaveBeenCalled();
		await shown({ events: [event({ at: new Date(START + 700_000).toISOString() })] });
		expect(screen.queryByRole("status")).toBeNull();
		await shown({ pause: { why: "eating", since: new Date(START).toISOString(), rod: null } });
		expect(screen.queryByRole("status")).toBeNull();
	});
});
