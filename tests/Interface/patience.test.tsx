import { act, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { withGlance } from "../../resources/js/fish/tally";
import { alarmOf, useAlarm } from "../../resources/js/fish/useAlarm";
import { setAngler } from "../../resources/js/parts/angler";
import * as clock from "../../resources/js/parts/clock";
import { expectAlarm, wantBuzz } from "../../resources/js/phone/patience";
import TimeIsUp from "../../resources/js/shell/TimeIsUp";
import type { OutingData } from "../../resources/js/types";
import { pick, step } from "./make";
import { outing, tally } from "./outing";

let url = "/lure";
vi.mock("@inertiajs/react", async () => ({
	...(await import("./inertia")),
	usePage: () => ({ url, props: { anglerId: 7 } }),
}));

const START = Date.parse("2026-11-25T06:00:00Z");
const vibrate = vi.fn();

beforeEach(() => {
	vi.useFakeTimers({ now: START });
	vi.spyOn(clock, "now").mockImplementation(() => Date.now());
	localStorage.clear();
	vibrate.mockClear();
	vi.stubGlobal("navigator", { vibrate });
	setAngler(7);
	url = "/lure";
});
afterEach(() => {
	expectAlarm(7, null);
	vi.useRealTimers();
	vi.restoreAllMocks();
	vi.unstubAllGlobals();
});

const minutes = (many: number) => act(() => vi.advanceTimersByTime(60_000 * many));
const told = () => screen.queryByText("16 min without a bite: change the finish to gold.", { exact: false });

/** Tied on at the start, with no bite since. */
const fished = (over: Partial<OutingData> = {}) =>
	withGlance(outing({ pick: pick(), tally: tally({ tiedAt: new Date(START).toISOString() }), ...over }));

function Fishing({ shown }: { shown: ReturnType<typeof fished> }) {
	useAlarm(shown);
	return null;
}

describe("when the time is up", () => {
	it("is felt once and told on another page, and not before", () => {
		const { unmount } = render(<Fishing shown={fished()} />);
		unmount();
		const page = render(<TimeIsUp />);
		minutes(15.9);
		expect([vibrate.mock.calls.length, told()]).toEqual([0, null]);
		minutes(0.2);
		expect(vibrate).toHaveBeenCalledTimes(1);
		expect(told()).not.toBeNull();
		minutes(1);
		expect(told()).toBeNull();
		page.unmount();
		render(<TimeIsUp />);
		minutes(1);
		expect(vibrate).toHaveBeenCalledTimes(1);
	});

	it("starts anew with a bite, and is not told while one rests or where nothing is worth the change", () => {
		const page = render(<Fishing shown={fished()} />);
		render(<TimeIsUp />);
		minutes(10);
		const bitten = tally({
			tiedAt: new Date(START).toISOString(),
			touches: 1,
			touchBefore: new Date(Date.now()).toISOString(),
		});
		page.rerender(<Fishing shown={fished({ tally: bitten })} />);
		minutes(15);
		expect(vibrate).not.toHaveBeenCalled();
		page.rerender(
			<Fishing
				shown={fished({ tally: bitten, pause: { why: "eating", since: new Date().toISOString(), rod: null } })}
			/>,
		);
		minutes(5);
		expect(vibrate).not.toHaveBeenCalled();
		expect(alarmOf(fished({ pick: pick({ ladder: [step({ hardly: true })] }) }))).toBeNull();
		expect(alarmOf(fished({ endedAt: "2026-11-25T06:30:00Z" }))).toBeNull();
		expect(alarmOf(fished({ setup: null }))).toBeNull();
	});

	it("to move is told at once, and before any change", () => {
		render(<Fishing shown={fished({ move: "Time to move: no bite here for long enough." })} />);
		render(<TimeIsUp />);
		expect(screen.queryByText("Time to move", { exact: false })).not.toBeNull();
		expect(vibrate).toHaveBeenCalledTimes(1);
	});

	it("is no news an hour later, says nothing over Fish itself, and can be left quiet", () => {
		expectAlarm(7, { key: "a", due: START - 3_600_000, words: "Old." });
		const page = render(<TimeIsUp />);
		expect([vibrate.mock.calls.length, screen.queryByText("Old.")]).toEqual([0, null]);
		url = "/fish";
		act(() => expectAlarm(7, { key: "b", due: START + 1000, words: "Now." }));
		minutes(1);
		expect([vibrate.mock.calls.length, screen.queryByText("Now.")]).toEqual([1, null]);
		page.unmount();
		url = "/rig";
		wantBuzz(false);
		act(() => expectAlarm(7, { key: "c", due: null, words: "Quiet." }));
		render(<TimeIsUp />);
		expect(vibrate).toHaveBeenCalledTimes(1);
		expect(screen.queryByText("Quiet.", { exact: false })).not.toBeNull();
	});

	it("of one angler is not told to another", () => {
		expectAlarm(8, { key: "a", due: null, words: "Theirs." });
		render(<TimeIsUp />);
		expect(screen.queryByText("Theirs.", { exact: false })).toBeNull();
	});
});
