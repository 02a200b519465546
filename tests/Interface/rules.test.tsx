import { act, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Changes } from "../../resources/js/rules/Changes";
import { CustomRule } from "../../resources/js/rules/CustomRule";
import { RuleRow } from "../../resources/js/rules/RuleRow";
import type { ChangesData, RuleData } from "../../resources/js/types";
import { visits } from "./inertia";
import { heldFetch } from "./make";

vi.mock("@inertiajs/react", () => import("./inertia"));

let held = heldFetch();
beforeEach(() => {
	held = heldFetch();
	visits.length = 0;
	vi.stubGlobal("fetch", held.fetch);
});
afterEach(() => vi.unstubAllGlobals());

const rule = (over: Partial<RuleData> = {}): RuleData => ({
	id: "F1",
	says: "Blades are for cold water.",
	weight: 1,
	most: 3,
	usual: 3,
	per: "",
	today: "speaks of 16 lures today",
	own: null,
	...over,
});

const changes: ChangesData = {
	sentence: "The gold comes first.",
	moves: [
		{ title: "gold", before: 2, after: 1, beforePoints: "13", afterPoints: "15" },
		{ title: "white", before: 1, after: 2, beforePoints: "13.5", afterPoints: "13.5" },
	],
};

describe("a rule", () => {
	it("is switched off, and on again as heavy as it was", () => {
		const weights: number[] = [];
		const show = (over: Partial<RuleData>) => (
			<RuleRow rule={rule(over)} onWeigh={(weight) => weights.push(weight)} onChange={() => {}} />
		);
		const { rerender } = render(show({ weight: 1.5, most: 4.5 }));
		fireEvent.click(screen.getByRole("switch"));
		rerender(show({ weight: 0, most: 0 }));
		expect(screen.getByRole("switch").getAttribute("aria-checked")).toBe("false");
		fireEvent.click(screen.getByRole("switch"));
		expect(weights).toEqual([0, 1.5]);
	});

	it("counts half a point more or less, within bounds", () => {
		const weights: number[] = [];
		const show = (over: Partial<RuleData>) => (
			<RuleRow rule={rule(over)} onWeigh={(weight) => weights.push(weight)} onChange={() => {}} />
		);
		const { rerender } = render(show({}));
		fireEvent.click(screen.getByLabelText(/^More/));
		fireEvent.click(screen.getByLabelText(/^Fewer/));
		expect(weights).toEqual([1.1667, 0.8333]);
		rerender(show({ weight: 4, most: 12 }));
		expect(screen.getByLabelText<HTMLButtonElement>(/^More/).disabled).toBe(true);
		rerender(show({ weight: 0, most: 0 }));
		expect(screen.getByLabelText<HTMLButtonElement>(/^Fewer/).disabled).toBe(true);
		expect(screen.getByText("usually 3")).toBeTruthy();
	});

	it("of one's own can be changed", () => {
		const changed = vi.fn();
		const own = {
			name: "mine",
			points: 2,
			when: [],
			families: [],
			finishes: ["gold"],
			from: "",
			to: "",
			asks: "Always: +2 for gold lure",
		};
		render(<RuleRow rule={rule({ id: "u", own })} onWeigh={() => {}} onChange={changed} />);
		fireEvent.click(screen.getByText("Change"));
		expect(changed).toHaveBeenCalledOnce();
		expect(screen.getByText("Always: +2 for gold lure")).toBeTruthy();
	});
});

describe("what rules change", () => {
	it("is told as places and points, before and after", () => {
		render(<Changes changes={changes} from="unchanged" to="yours" />);
		const rows = screen.getAllByRole("row").slice(1);
		expect(
			within(rows[0] as HTMLElement)
				.getAllByRole("cell")
				.map((cell) => cell.textContent),
		).toEqual(["1", "gold", "2↑", "13 15"]);
		expect(
			within(rows[1] as HTMLElement)
				.getAllByRole("cell")
				.map((cell) => cell.textContent),
		).toEqual(["2", "white", "1↓", "13.5"]);
		expect(screen.getByText("The gold comes first.")).toBeTruthy();
	});
});

describe("writing a rule", () => {
	const words = {
		readings: [
			{
				name: "light",
				word: "Light",
				choices: [
					{ value: "dim", word: "dim light" },
					{ value: "bright", word: "bright light" },
				],
			},
			{ name: "depth", word: "Depth", choices: [] },
		],
		families: ["blade", "vibe"],
		finishes: ["gold", "silver"],
	};
	const own = {
		name: "Gold when dim",
		points: 2,
		when: [
			{ reading: "light", from: "", to: "", any: ["dim"] },
			{ reading: "depth", from: "5 m", to: "", any: [] },
		],
		families: [],
		finishes: ["gold"],
		from: "",
		to: "",
		asks: "",
	};
	const wait = () => act(() => new Promise((resolve) => setTimeout(resolve, 200)));

	it("shows what it would change while it is written, and keeps it", async () => {
		render(<CustomRule id="u1" rule={null} onDone={() => {}} {...words} />);
		await wait();
		await act(() =>
			held.calls[0]?.answer(422, { message: "Say which lures.", errors: { lures: ["Say which lures."] } }),
		);
		expect(screen.getByRole("alert").textContent).toBe("Say which lures.");
		expect(screen.getByText("This rule isn't complete yet.")).toBeTruthy();
		fireEvent.click(screen.getByRole("button", { name: "gold" }));
		fireEvent.change(screen.getByLabelText("What it says"), { target: { value: "Gold it is" } });
		fireEvent.change(screen.getByLabelText("Points"), { target: { value: "−1,5" } });
		await wait();
		expect(held.calls.at(-1)?.url).toBe("/rules/own/u1/try");
		expect(held.calls.at(-1)?.body).toEqual({
			name: "Gold it is",
			points: -1.5,
			when: [],
			lures: { families: [], finishes: ["gold"], from: "", to: "" },
		});
		await act(() => held.calls.at(-1)?.answer(200, changes));
		expect(screen.getByText("The gold comes first.")).toBeTruthy();
		expect(screen.queryByRole("alert")).toBeNull();
		fireEvent.click(screen.getByText("Keep this rule"));
		expect(visits[0]?.[0]).toBe("/rules/own/u1");
		expect(visits[0]?.[1]).toMatchObject({ name: "Gold it is", points: -1.5 });
	});

	it("opens a rule as it was written, and can take readings out and the rule away", async () => {
		render(<CustomRule id="u1" rule={rule({ id: "u1", own })} onDone={() => {}} {...words} />);
		expect(screen.getByLabelText<HTMLInputElement>("Depth from").value).toBe("5 m");
		expect(screen.getByRole("button", { name: "dim light" }).getAttribute("aria-pressed")).toBe("true");
		fireEvent.click(screen.getByLabelText("Leave out Depth"));
		fireEvent.click(screen.getByRole("button", { name: "bright light" }));
		await wait();
		expect((held.calls.at(-1)?.body as { when: unknown } | undefined)?.when).toEqual([
			{ reading: "light", from: "", to: "", any: ["dim", "bright"] },
		]);
		fireEvent.click(screen.getByText("Take it away"));
		expect(visits[0]?.slice(0, 2)).toEqual(["/rules/own/u1", {}]);
	});

	it("says that there is no connection", async () => {
		render(<CustomRule id="u1" rule={rule({ id: "u1", own })} onDone={() => {}} {...words} />);
		await wait();
		await act(() => held.calls.at(-1)?.fail());
		expect(screen.getByText("No connection. Try again.")).toBeTruthy();
	});
});
