import { fireEvent, render, screen } from "@testing-library/react";
import { beforeAll, describe, expect, it, vi } from "vitest";
import { Bottom } from "../../resources/js/drop/Bottom";
import { LureFigure } from "../../resources/js/drop/LureFigure";
import { WaterColumn } from "../../resources/js/drop/WaterColumn";
import { Advice, Counters } from "../../resources/js/fish/Counters";
import type { Counted } from "../../resources/js/fish/tally";
import { PickList } from "../../resources/js/lure/PickList";
import { PointsBar } from "../../resources/js/lure/PointsBar";
import { column, drawing, drop, listed, pick, step } from "./make";

beforeAll(() => {
	vi.stubGlobal(
		"ResizeObserver",
		class {
			observe() {}
			disconnect() {}
		},
	);
	vi.stubGlobal("matchMedia", () => ({ matches: true, addEventListener() {}, removeEventListener() {} }));
});

describe("a lure", () => {
	it("has a text in place of the picture", () => {
		render(<LureFigure lure={drawing()} />);
		expect(screen.getByRole("img", { name: "white blade, 51 mm long, 3 line holes" })).toBeTruthy();
	});

	it("has its holes where they were measured, the one in use larger", () => {
		const { container } = render(<LureFigure lure={drawing()} holeInUse={1} />);
		const at = (x: number, y: number) =>
			[...container.querySelectorAll("circle")].find(
				(circle) => circle.getAttribute("cx") === `${x}` && circle.getAttribute("cy") === `${y}`,
			);
		expect(Number(at(25, -10.5)?.getAttribute("r"))).toBeGreaterThan(Number(at(18, -10)?.getAttribute("r")));
		expect(at(32, -10)).toBeTruthy();
	});

	it("is drawn to one scale: twice the length is twice the width", () => {
		const width = (lengthMm: number) => {
			const { container } = render(<LureFigure lure={drawing({ lengthMm, holes: [] })} />);
			return Number(container.querySelector("svg")?.getAttribute("width"));
		};
		expect(width(60) - width(30)).toBeCloseTo(30 * 1.45);
	});

	it("shows red near the hooks only where there is some", () => {
		const red = (on: boolean) =>
			render(<LureFigure lure={drawing({ red: on })} />).container.innerHTML.includes("#B3202F");
		expect(red(true)).toBe(true);
		expect(red(false)).toBe(false);
	});

	it("is drawn for every family", () => {
		for (const family of ["blade", "spoon", "bladed_spoon", "tail_spinner"] as const) {
			const { container } = render(<LureFigure lure={drawing({ family, holes: [] })} />);
			expect(container.querySelectorAll("path").length).toBeGreaterThan(2);
			expect(container.innerHTML).not.toContain("NaN");
		}
	});
});

describe("the column", () => {
	const show = (over: Parameters<typeof drop>[0] = {}, water: Parameters<typeof column>[0] = {}) =>
		render(<WaterColumn column={column(water)} drop={drop(over)} lure={drawing()} holeInUse={1} title="½ oz blade" />);

	it("says in words what it draws", () => {
		show();
		expect(screen.getAllByText("White half-ounce blade in 26 ft.").length).toBeGreaterThan(0);
	});

	it("draws the true angle: the same scale across as down", () => {
		const { container } = show({
			line: [
				{ x: -2, h: 0 },
				{ x: 0, h: 8 },
			],
			offsetM: -2,
		});
		const curve = [...container.querySelectorAll("path")].find(
			(path) =>
				path.getAttribute("stroke") === "#FBFCFA" &&
				path.getAttribute("stroke-width") === "2" &&
				path.getAttribute("fill") === "none",
		);
		const [x1, y1, x2, y2] = (curve?.getAttribute("d")?.match(/-?[\d.]+/g) ?? []).map(Number);
		expect(((x2 ?? 0) - (x1 ?? 0)) / ((y1 ?? 0) - (y2 ?? 0))).toBeCloseTo(2 / 8, 2);
	});

	it("says so when the flow lifts the lure off", () => {
		const { container } = show({ line: [], angleDeg: null });
		expect(container.textContent).toContain("off the bottom altogether");
	});

	it("marks where touches came, a fish filled and a touch open", () => {
		const { container } = show(
			{},
			{
				touches: [
					{ h: 0.3, fish: true, words: "fish at 25 ft" },
					{ h: 0.8, fish: false, words: "touch at 23 ft" },
				],
			},
		);
		const marks = [...container.querySelectorAll("title")].map((title) => [
			title.textContent,
			title.parentElement?.getAttribute("fill"),
		]);
		expect(marks).toEqual([
			["fish at 25 ft", "#E9C66A"],
			["touch at 23 ft", "none"],
		]);
	});

	it("draws neither angle nor wind that was not read", () => {
		const { container } = show({ angleDeg: null, angleText: "–" }, { windMs: 0, windText: "" });
		expect(container.textContent).not.toContain("line angle");
		expect(container.textContent).not.toContain("wind");
	});
});

describe("the bottom", () => {
	it("is drawn as it was read, each differently", () => {
		const drawn = ["rock", "sand", "rock_to_sand", "mud", "weed_scattered", "weed_thick", null].map(
			(kind) =>
				render(
					<svg aria-hidden="true">
						<Bottom kind={kind} width={300} top={100} height={60} wall={false} surface={20} side={-1} />
					</svg>,
				).container.innerHTML,
		);
		expect(new Set(drawn).size).toBe(drawn.length);
	});
});

describe("points", () => {
	it("are said in words beside the bar", () => {
		render(<PointsBar pro={13.5} con={2} most={14} />);
		expect(screen.getByRole("img", { name: "13.5 points for, 2 against" })).toBeTruthy();
	});

	it("have a block for each, the last one cut", () => {
		const { container } = render(<PointsBar pro={2.5} con={1} most={14} />);
		const widths = [...container.querySelectorAll("rect")].map((rect) => Number(rect.getAttribute("width")));
		expect(widths).toHaveLength(4);
		expect(widths[2]).toBeLessThan(widths[1] ?? 0);
	});
});

describe("the list of picks", () => {
	it("tells which one is looked at and calls back with its key", () => {
		const chosen: string[] = [];
		render(
			<PickList
				picks={[listed(), listed({ key: "2..flutter_drop", lureId: 2, title: "½ oz spoon, silver" })]}
				selected="1.middle.low_hop"
				onSelect={(key) => chosen.push(key)}
			/>,
		);
		const [first, second] = screen.getAllByRole("button");
		expect(first?.getAttribute("aria-pressed")).toBe("true");
		expect(second?.getAttribute("aria-pressed")).toBe("false");
		second?.click();
		expect(chosen).toEqual(["2..flutter_drop"]);
	});
});

describe("the counters", () => {
	const outing = (over: Partial<Counted>): Counted =>
		({
			setup: "s1",
			dropsSinceTouch: 7,
			touches: 5,
			landed: 2,
			sinceTouch: new Date(Date.now() - 24.5 * 60_000).toISOString(),
			touched: true,
			minutesPerDrop: null,
			pick: pick(),
			...over,
		}) as Counted;

	it("count minutes since the last touch", () => {
		render(<Counters outing={outing({})} />);
		expect(screen.getByText("24 min")).toBeTruthy();
		expect(screen.getByText("2 / 5")).toBeTruthy();
	});

	it("count from tying on where nothing has touched", () => {
		render(<Counters outing={outing({ touched: false, touches: 0 })} />);
		expect(screen.getByText("on this, no bite")).toBeTruthy();
		expect(screen.getByText("drops, no bite yet")).toBeTruthy();
	});

	it("count no minutes while nothing is tied on", () => {
		const { container } = render(<Counters outing={outing({ setup: null, sinceTouch: null })} />);
		expect(container.textContent).not.toContain("min");
		expect(screen.getByText("2 / 5")).toBeTruthy();
	});

	it("say how long to stay, in minutes and drops, and when the time is up", () => {
		const tied = vi.fn();
		const ladder = [step({ minutes: 30 }), step({ key: "3", words: "change the weight to ⅝ oz", minutes: 12 })];
		const shown = (over: Partial<Counted>) => (
			<Advice outing={outing({ pick: pick({ ladder }), ...over })} onTieOn={tied} onMove={() => {}} />
		);
		const { rerender, container } = render(shown({ minutesPerDrop: 2.1 }));
		expect(container.textContent).toContain("in 6 min without a bite, about 3 drops");
		expect(container.textContent).not.toContain("no bite in 12 min more");
		fireEvent.click(screen.getByRole("button", { name: "1 more" }));
		expect(container.textContent).toContain("no bite in 12 min more");
		fireEvent.click(screen.getByRole("button", { name: /^Done: change the finish to gold/ }));
		expect(tied).toHaveBeenCalledWith({ ...step().tying, words: step().title, way: step().subtitle });
		rerender(shown({ sinceTouch: new Date(Date.now() - 31 * 60_000).toISOString() }));
		expect(container.textContent).toContain("time is up: now");
		rerender(shown({ pick: pick({ ladder: [] }) }));
		expect(container.textContent).toContain("nothing else in the box");
		rerender(shown({ pick: null }));
		expect(container.textContent).toBe("");
	});
});
