import { render, screen } from "@testing-library/react";
import { act } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import BackOn from "../../resources/js/fish/BackOn";
import type { Position } from "../../resources/js/phone/position";
import type { WayBackData } from "../../resources/js/types";
import { heldFetch, settle } from "./make";

vi.mock("../../resources/js/phone/position", async (real) => ({
	...(await real<object>()),
	wayOfLate: () => [[1, 61, -7, 5]],
}));

let held = heldFetch();
beforeEach(() => {
	held = heldFetch();
	vi.stubGlobal("fetch", held.fetch);
});
afterEach(() => vi.unstubAllGlobals());

const mark = { uuid: "m1", word: "fish", at: "2026-11-01T09:40:00Z", lat: 61.001, lon: -7 };
const at = (second: number, accuracy = 5): Position => ({
	used: true,
	fix: { lat: 61, lon: -7, accuracy, at: 1000 * second },
	trouble: null,
});
const way = (over: Partial<WayBackData> = {}): WayBackData => ({
	away: "330 ft",
	arrowDeg: -40,
	turn: "Turn left 40°",
	isTurn: true,
	start: "Start the drift 16 ft west of it.",
	...over,
});
const shown = (position: Position) => (
	<BackOn water={7} mark={mark} pick="1.middle.low_hop" position={position} onDone={() => {}} />
);
const arrow = () => document.querySelector("svg path")?.getAttribute("transform");

describe("the way back onto a mark", () => {
	it("is asked with each fix, one at a time, and the last one stands until the next is told", async () => {
		const { rerender } = render(shown(at(1)));
		expect(held.calls[0]).toMatchObject({
			url: "/way-back",
			method: "POST",
			body: { lat: "61.001", lon: "-7", pick: "1.middle.low_hop", fixes: [[1, 61, -7, 5]] },
		});
		rerender(shown(at(2)));
		expect(held.calls).toHaveLength(1);
		await act(() => held.calls[0]?.answer(200, way()));
		await settle();
		expect([screen.getByText("330 ft"), screen.getByText("Turn left 40°"), arrow()]).toContain("rotate(-40)");
		rerender(shown(at(3)));
		expect(held.calls).toHaveLength(2);
		await act(() => held.calls[1]?.fail());
		expect(screen.getByText("330 ft")).toBeTruthy();
		rerender(shown(at(4)));
		await act(() => held.calls[2]?.answer(200, way({ away: "Here", arrowDeg: null, turn: "You're on it." })));
		expect([screen.getByText("Here").textContent, arrow()]).toEqual(["Here", undefined]);
	});

	it("is told by the instruments where this phone is not sure", async () => {
		render(shown(at(1, 60)));
		expect(held.calls.map(({ url }) => url).filter((url) => url.startsWith("/way-back"))).toEqual([]);
		expect(screen.getByText(/use this phone or the boat.s instruments/)).toBeTruthy();
	});
});
