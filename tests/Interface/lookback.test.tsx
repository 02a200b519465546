import { fireEvent, render, screen, within } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { DepthView } from "../../resources/js/lookback/DepthView";
import { Dots } from "../../resources/js/lookback/Dots";
import { Filters } from "../../resources/js/lookback/Filters";
import { Findings } from "../../resources/js/lookback/Findings";
import { withChosen } from "../../resources/js/lookback/inAddress";
import { SameDayView } from "../../resources/js/lookback/SameDayView";
import { SeasonView } from "../../resources/js/lookback/SeasonView";
import { StagesView } from "../../resources/js/lookback/StagesView";
import type { OutingBitesData, PairData, ShareOfData } from "../../resources/js/types";

const visit = vi.hoisted(() => vi.fn());
vi.mock("@inertiajs/react", async () => {
	const { createElement } = await import("react");
	return {
		router: { visit },
		Link: ({ href, children, ...rest }: { href: string; children: unknown }) =>
			createElement("a", { href, ...rest }, children as never),
	};
});

beforeEach(() => {
	visit.mockClear();
	window.history.replaceState(null, "", "/look-back?water=Lake&view=depth");
	vi.stubGlobal("matchMedia", () => ({ matches: true, addEventListener() {}, removeEventListener() {} }));
});

const share = (count: number, of: number): ShareOfData => ({ count, of, mean: count / of, low: 0.2, high: 0.8 });

const pair = (over: Partial<PairData> = {}): PairData => ({
	factor: "hole",
	more: "middle",
	less: "front",
	ratio: 1.8,
	low: 1.1,
	high: 2.9,
	raw: 2,
	outings: 6,
	hours: "12 h and 9 h",
	standing: "clear",
	words: "The middle hole got 1.8× the bites.",
	within: [{ uuid: "o7", at: "2026-11-12T08:00:00Z", more: "6 in 2.5 h", less: "1 in 2.5 h" }],
	...over,
});

const outing = (over: Partial<OutingBitesData> = {}): OutingBitesData => ({
	uuid: "o1",
	place: "Bar",
	at: "2026-11-01T08:00:00Z",
	temp: "40 °F",
	tempC: 4.4,
	hours: 2.5,
	touches: 3,
	landed: 1,
	bites: [
		{ depthM: 7.5, came: "fall", landed: true, count: 2 },
		{ depthM: 6, came: "lift", landed: false, count: 1 },
	],
	...over,
});

describe("dots", () => {
	const places = (container: HTMLElement) =>
		[...container.querySelectorAll<HTMLElement>(".rounded-full")].map((dot) => Number.parseFloat(dot.style.left));

	it("stand on one scale, with intervals within it, and can be heard", () => {
		const row = (key: string, mean: number | null, low: number | null, high: number | null) => ({
			key,
			label: key,
			beside: "2 h",
			mean,
			low,
			high,
			words: `${key} said`,
		});
		const { container } = render(
			<Dots caption="c" upTo={1} rows={[row("a", 2, 1, 4), row("b", 1, 0.5, 2), row("c", null, 1.5, null)]} />,
		);
		const [a, b, ...none] = places(container);
		expect(none).toEqual([]);
		expect(((a ?? 0) - 2) / ((b ?? 0) - 2)).toBeCloseTo(2, 6);
		expect(screen.getByRole("img", { name: "c said" }).querySelector(".border-dashed")).toBeTruthy();
	});
});

describe("the same day", () => {
	it("tells apart what is clear, what was the day, and what is too close, each with its words", () => {
		render(
			<SameDayView
				compared="29"
				pairs={[
					pair(),
					pair({ more: "gold", less: "white", standing: "vanishes", words: "Better days, not a better lure." }),
					pair({ more: "a", less: "b", standing: "thin", words: "not enough", ratio: null, low: null, high: null }),
				]}
			/>,
		);
		expect(screen.getByText(/over 29 pairs/)).toBeTruthy();
		expect(screen.getAllByRole("heading", { level: 3 }).map((one) => one.textContent)).toEqual([
			"Clear",
			"No real difference: better days, not a better lure",
			"Not enough yet",
		]);
		expect(screen.getByRole("img", { name: /got 1.8× the bites/ })).toBeTruthy();
		expect(screen.getByText(/^Better days, not a better lure. 12 h and 9 h in all./)).toBeTruthy();
		const [events] = screen.getAllByRole("link", { hidden: true });
		expect(events?.getAttribute("href")).toBe("/outings/o7");
		expect(events?.parentElement?.textContent).toContain(": middle 6 in 2.5 h, front 1 in 2.5 h");
	});
});

describe("what else may be said", () => {
	it("leads to its picture, and keeps the part that is looked at", () => {
		render(
			<Findings
				findings={[
					{ under: "Likely 1.1–2.9×.", words: "Rods differ.", standing: "close", view: "same-day", factor: "rod" },
				]}
			/>,
		);
		expect(screen.getByRole("link").getAttribute("href")).toBe("/look-back?water=Lake&view=same-day&by=rod");
		expect(screen.getByText("too close")).toBeTruthy();
		expect(screen.getByText("Likely 1.1–2.9×.")).toBeTruthy();
	});

	it("is taken from a part of the record that stands in the address", () => {
		expect(withChosen({ water: "", year: "2026" })).toBe("/look-back?view=depth&year=2026");
		render(
			<Filters
				filters={{
					water: [
						{ value: "Lake", word: "Lake" },
						{ value: "River", word: "River" },
					],
					rod: [{ value: "one", word: "one" }],
				}}
				chosen={{ water: "Lake" }}
			/>,
		);
		expect(screen.queryByLabelText("Rod")).toBeNull();
		fireEvent.change(screen.getByLabelText("Water"), { target: { value: "River" } });
		expect(visit.mock.calls[0]?.[0]).toBe("/look-back?water=River&view=depth");
	});
});

describe("the water of the season", () => {
	it("has a strip for each outing and marks for what came there, by phase", () => {
		const { container } = render(
			<DepthView
				outings={[outing(), outing({ uuid: "o2" }), outing({ uuid: "o3", bites: [] })]}
				unit="ft"
				perM={3.28}
			/>,
		);
		expect(container.querySelectorAll("svg g")).toHaveLength(2);
		expect(container.querySelectorAll("svg g path")).toHaveLength(4);
		expect(container.querySelectorAll("svg g path.fill-brass")).toHaveLength(2);
		fireEvent.click(screen.getByRole("button", { name: "lift 2" }));
		expect(container.querySelectorAll("svg g path")).toHaveLength(2);
		const [figures] = screen.getAllByRole("row", { hidden: true }).slice(1);
		expect(within(figures as HTMLElement).getByText("20 and 20 ft")).toBeTruthy();
	});

	it("lists outings newest first, larger where more was touched an hour", () => {
		const { container } = render(
			<SeasonView outings={[outing(), outing({ uuid: "o2", at: "2026-11-09T08:00:00Z", touches: 12 })]} />,
		);
		const [first, second] = [...container.querySelectorAll("circle")].map((one) => Number(one.getAttribute("r")));
		expect(second).toBeGreaterThan(first ?? 0);
		expect(screen.getAllByRole("link")[0]?.textContent).toContain("1 / 12");
	});
});

describe("where fish are lost", () => {
	it("tells shares of all and of each setup with their intervals", () => {
		const stage = (level: string) => ({
			level,
			touches: 10,
			hooked: share(6, 10),
			landed: share(3, 6),
			fouled: share(1, 20),
			refused: level === "ring" ? share(7, 9) : share(0, 0),
		});
		render(
			<StagesView
				stages={{
					factor: "hang",
					all: stage(""),
					levels: [stage("ring"), stage("loop")],
					backDown: [{ words: "within half a minute", share: share(6, 8) }],
				}}
				factors={[{ value: "hang", word: "ring or loop" }]}
			/>,
		);
		expect(screen.getByRole("img", { name: "landed of hooked: 3 of 6, 80 % between 20 % and 80 %" })).toBeTruthy();
		expect(screen.getAllByRole("img", { name: /^loop: / })).toHaveLength(2);
		expect(screen.getByRole("img", { name: /^ring: 7 of 9/ })).toBeDefined();
		expect(screen.getByRole("img", { name: /^within half a minute: 6 of 8/ })).toBeDefined();
	});
});
