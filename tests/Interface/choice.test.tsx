import { act, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Compare } from "../../resources/js/lure/Compare";
import { Families } from "../../resources/js/lure/Families";
import { LadderSteps } from "../../resources/js/lure/LadderSteps";
import { OtherSchools } from "../../resources/js/lure/OtherSchools";
import { PickList } from "../../resources/js/lure/PickList";
import { WhatIf } from "../../resources/js/lure/WhatIf";
import { Why } from "../../resources/js/lure/Why";
import { Cautions } from "../../resources/js/parts/Cautions";
import { ReadingsStrip } from "../../resources/js/readings/ReadingsStrip";
import type { Live } from "../../resources/js/readings/useAnswer";
import type { CautionData, CompareData, RackData, SecondLookData } from "../../resources/js/types";
import { answer, drawing, drop, heldFetch, listed, pick, step } from "./make";

vi.mock("@inertiajs/react", () => ({
	Link: ({ href, children }: { href: string; children: unknown }) => <a href={href}>{children as never}</a>,
	router: { post: vi.fn() },
}));

let held = heldFetch();
beforeEach(() => {
	held = heldFetch();
	vi.stubGlobal("fetch", held.fetch);
	localStorage.clear();
});
afterEach(() => vi.unstubAllGlobals());

const rack = (over: Partial<RackData>): RackData => ({
	key: "1.middle.low_hop",
	lureId: 1,
	title: "½ oz blade, white",
	massKg: 0.0142,
	family: "blade",
	finish: "white",
	holes: [],
	...over,
});
const both = [rack({}), rack({ key: "2.middle.low_hop", lureId: 2, title: "½ oz blade, gold" })];

const compared = (over: Partial<CompareData> = {}): CompareData => ({
	firstKey: "1.middle.low_hop",
	secondKey: "2.middle.low_hop",
	firstTitle: "½ oz blade, white",
	secondTitle: "½ oz blade, gold",
	firstPoints: "13.5",
	secondPoints: "13",
	verdict: "The white leads by 0.5 points.",
	contrasts: [
		{
			rule: "C3",
			lead: 2,
			first: { rule: "C3", points: 2, pointsText: "+2", text: "Dim: white shows." },
			second: null,
		},
		{
			rule: "C2",
			lead: -2,
			first: null,
			second: { rule: "C2", points: 2, pointsText: "+2", text: "Perch about: gold." },
		},
	],
	alike: "+11 from rules that count alike for both.",
	ghost: { title: "gold", drawing: drawing(), holeIndex: 1, drop: drop(), differences: ["Down in 8 s, 1 s sooner."] },
	...over,
});

const look = (over: Partial<SecondLookData> = {}): SecondLookData => ({
	schools: [
		{ school: "level-lift", agrees: false, words: "front hole", key: "1.front.low_hop" },
		{ school: "snap-awake", agrees: true, words: "", key: "1.middle.low_hop" },
	],
	tips: {
		depth: {
			label: "depth",
			short: "> 35 ft: ⅝ oz",
			sentences: [{ words: "Above 35 ft: take the ⅝ oz.", try: "35.5 ft" }],
		},
	},
	wanted: null,
	still: "By themselves these change nothing: light.",
	before: null,
	...over,
});

describe("the other schools", () => {
	it("open what they would tie on; those that agree are left out", () => {
		const chosen: string[] = [];
		const { container } = render(<OtherSchools second={look()} trouble={null} onWay={(key) => chosen.push(key)} />);
		fireEvent.click(screen.getByRole("button", { name: "level-lift: front hole" }));
		expect(chosen).toEqual(["1.front.low_hop"]);
		expect(container.textContent).not.toContain("snap-awake");
	});

	it("say so when all agree, and that they are asked before that", () => {
		const agreeing = look({ schools: [{ school: "level-lift", agrees: true, words: "", key: "k" }] });
		const { container, rerender } = render(<OtherSchools second={null} trouble={null} onWay={() => {}} />);
		expect(container.textContent).toBe("Other schools: one moment");
		rerender(<OtherSchools second={null} trouble="No connection." onWay={() => {}} />);
		expect(container.textContent).toBe("Other schools: needs a signal");
		rerender(<OtherSchools second={agreeing} trouble={null} onWay={() => {}} />);
		expect(container.textContent).toContain("all would tie on the same");
	});
});

describe("what would change it", () => {
	it("is told by reading, in the strip and in full", async () => {
		const { unmount } = render(<WhatIf answer={answer()} second={look()} trouble={null} />);
		const tip = screen.getByRole<HTMLAnchorElement>("link", { name: "Above 35 ft: take the ⅝ oz." });
		expect(tip.getAttribute("href")).toBe("/lure?about=change&depth=35.5+ft");
		unmount();
		const live = { answer: answer(), pending: {}, troubles: {}, change: () => {}, pin: () => {} } as unknown as Live;
		render(<ReadingsStrip live={live} tips={look().tips} />);
		expect(screen.getByText("> 35 ft: ⅝ oz")).toBeTruthy();
		fireEvent.click(screen.getByRole("button", { name: /depth/ }));
		expect(await screen.findByText("Above 35 ft: take the ⅝ oz.")).toBeTruthy();
	});

	it("is tried beside the other readings of a link", () => {
		render(<WhatIf answer={answer({ fromLink: true, query: "depth=9+m&light=dim" })} second={look()} trouble={null} />);
		expect(screen.getByRole("link").getAttribute("href")).toBe("/lure?depth=35.5+ft&light=dim&about=change");
	});

	it("names the missing reading that matters, or that it does not matter", () => {
		const { rerender } = render(
			<WhatIf
				answer={answer({ wanted: "light" })}
				second={look({ wanted: "Most help now: read the light." })}
				trouble={null}
			/>,
		);
		expect(screen.getByText("Most help now: read the light.")).toBeTruthy();
		rerender(<WhatIf answer={answer({ wanted: "wall" })} second={look({ tips: {} })} trouble={null} />);
		expect(screen.getByText(/none of its values would put another lure first/)).toBeTruthy();
		expect(screen.getByText("No single reading puts another lure first.")).toBeTruthy();
		rerender(<WhatIf answer={answer()} second={null} trouble={null} />);
		expect(screen.getByText("Trying every reading …")).toBeTruthy();
		rerender(<WhatIf answer={answer()} second={null} trouble="No connection." />);
		expect(screen.getByText("Needs a signal.")).toBeTruthy();
	});
});

describe("two lures side by side", () => {
	it("asks for both, shows each rule's points, and hands on the second drop", async () => {
		const ghosts: unknown[] = [];
		const { unmount } = render(
			<Compare answer={answer({ rack: both })} pick={pick()} onGhost={(ghost) => ghosts.push(ghost)} />,
		);
		await act(() => new Promise((resolve) => setTimeout(resolve, 80)));
		expect(held.calls[0]?.url).toBe("/compare?a=1.middle.low_hop&b=2.middle.low_hop");
		await act(() => held.calls[0]?.answer(200, compared()));
		const rows = screen.getAllByRole("row").slice(1);
		expect(
			rows.map((row) =>
				within(row)
					.getAllByRole("cell")
					.map((cell) => cell.textContent),
			),
		).toEqual([
			["+2", "0", "Dim: white shows."],
			["0", "+2", "Perch about: gold."],
		]);
		expect(screen.getByText("Down in 8 s, 1 s sooner.")).toBeTruthy();
		expect(ghosts.at(-1)).toMatchObject({ title: "gold" });
		unmount();
		expect(ghosts.at(-1)).toBeNull();
	});

	it("keeps to readings that came with a link", async () => {
		const linked = answer({ rack: both, fromLink: true, query: "depth=9+m" });
		render(<Compare answer={linked} pick={pick()} onGhost={() => {}} />);
		await act(() => new Promise((resolve) => setTimeout(resolve, 80)));
		expect(held.calls[0]?.url).toContain("depth=9+m");
	});

	it("needs a second lure", () => {
		render(<Compare answer={answer({ rack: [rack({})] })} pick={pick()} onGhost={() => {}} />);
		expect(screen.getByText(/no second lure/)).toBeTruthy();
	});
});

describe("why not", () => {
	it("says what keeps it from the top and what would put it there", async () => {
		const gold = pick({ key: "2.middle.low_hop", lureId: 2, spoken: "gold half-ounce blade" });
		render(<Why answer={answer({ rack: both })} pick={gold} first="1.middle.low_hop" onWay={() => {}} />);
		expect(screen.getByRole("heading", { level: 2 }).textContent).toBe("Why not the gold half-ounce blade");
		await act(() => new Promise((resolve) => setTimeout(resolve, 80)));
		const of = (path: string) => held.calls.find((call) => call.url.startsWith(path));
		await act(() => of("/compare")?.answer(200, compared()));
		const behind = within(screen.getByRole("list", { name: "What keeps it from the top" })).getAllByRole("listitem");
		expect(behind.map((row) => row.textContent)).toEqual(["−2Only for the first: Dim: white shows."]);
		await act(() => of("/on-top")?.answer(200, { pick: "2.middle.low_hop", words: ["Bright light", "Above 9 ft"] }));
		expect(screen.getByText(/bright light; above 9 ft\./)).toBeTruthy();
	});

	it("tells how long to stay once it is fished, less what has been stayed", () => {
		const why = (spent: number, minutes = 16) => (
			<Why
				answer={answer({ rack: both })}
				pick={pick({ ladder: [step({ minutes, hardly: minutes > 200 })] })}
				first="1.middle.low_hop"
				spent={spent}
				onWay={() => {}}
			/>
		);
		const { container, rerender } = render(why(0));
		expect(container.textContent).not.toContain("No bite");
		rerender(why(6));
		expect(container.textContent).toContain("No bite in 10 min more? Change the finish to gold first.");
		rerender(why(17));
		expect(container.textContent).toContain("17 min without a bite: change the finish to gold now.");
		rerender(why(17, 900));
		expect(container.textContent).toContain("nothing in the box is worth the change today");
	});

	it("says why it cannot be weighed", async () => {
		const gold = pick({ key: "2.middle.low_hop", lureId: 2 });
		render(<Why answer={answer({ rack: both })} pick={gold} first="1.middle.low_hop" onWay={() => {}} />);
		await act(() => new Promise((resolve) => setTimeout(resolve, 80)));
		const asked = held.calls.find((call) => call.url.startsWith("/compare"));
		await act(() => asked?.answer(422, { message: "That lure is not in your box.", errors: {} }));
		expect(screen.getByText("That lure is not in your box.")).toBeTruthy();
	});

	it("gives the three strongest reasons, and all on a press", () => {
		const reasons = [3, 2, 0.5, -2.5].map((points) => ({
			rule: `R${points}`,
			points,
			pointsText: `${points}`,
			text: `Worth ${points}`,
		}));
		render(<Why answer={answer({ rack: both })} pick={pick({ reasons })} first="1.middle.low_hop" onWay={() => {}} />);
		const told = () => screen.getAllByText(/^Worth/).map((reason) => reason.textContent);
		expect(told()).toEqual(["Worth 3", "Worth 2", "Worth -2.5"]);
		fireEvent.click(screen.getByRole("button", { name: "1 more" }));
		expect(told()).toEqual(["Worth 3", "Worth 2", "Worth 0.5", "Worth -2.5"]);
	});

	it("asks nothing for the first", () => {
		render(<Why answer={answer({ rack: both })} pick={pick()} first="1.middle.low_hop" onWay={() => {}} />);
		expect(screen.getByRole("heading", { level: 2 }).textContent).toBe("Why the first one");
		expect(held.calls).toHaveLength(0);
	});
});

describe("the list", () => {
	it("keeps a pinned lure at its head with its own place", () => {
		const picks = [listed(), listed({ key: "2", lureId: 2, place: 7, title: "1 oz blade, pink" })];
		render(<PickList picks={picks} selected={null} pinned={2} onSelect={() => {}} />);
		const rows = screen.getAllByRole("listitem").map((row) => row.textContent);
		expect(rows[0]).toMatch(/^71 oz blade, pinkpinned/);
		expect(rows[1]).toMatch(/^1½ oz blade, white/);
	});

	it("has five and the one that is looked at, and all on a press", () => {
		const picks = [1, 2, 3, 4, 5, 6, 7].map((n) => listed({ key: `${n}`, lureId: n, place: n }));
		const places = () => screen.getAllByRole("listitem").map((row) => row.textContent?.[0]);
		const { rerender } = render(<PickList picks={picks} selected="2" onSelect={() => {}} />);
		expect(places().join("")).toBe("12345");
		rerender(<PickList picks={picks} selected="7" onSelect={() => {}} />);
		expect(places().join("")).toBe("123457");
		fireEvent.click(screen.getByRole("button", { name: "All 7" }));
		expect(places().join("")).toBe("1234567");
		expect(screen.queryByRole("button", { name: "All 7" })).toBeNull();
	});

	it("is narrowed to a family and opened again", () => {
		const asked: (string | null)[] = [];
		const live = (family: string | null) =>
			({
				answer: answer({ families: ["blade", "bladed_spoon"], family }),
				narrow: (next: string | null) => asked.push(next),
			}) as unknown as Live;
		const { rerender, container } = render(<Families live={live(null)} />);
		fireEvent.click(screen.getByText("bladed spoons"));
		rerender(<Families live={live("bladed_spoon")} />);
		fireEvent.click(screen.getByText("all"));
		expect(asked).toEqual(["bladed_spoon", null]);
		rerender(<Families live={{ answer: answer() } as unknown as Live} />);
		expect(container.textContent).toBe("");
	});
});

describe("the ladder", () => {
	it("tells stays in minutes, those that are over, and those not worth it", () => {
		const { container, rerender } = render(
			<LadderSteps steps={[step({ minutes: 12 }), step({ key: "b", minutes: 500, hardly: true })]} spent={12} />,
		);
		expect(container.textContent).toContain("time is up: now");
		expect(container.textContent).toContain("nothing in the box is worth the change");
		rerender(<LadderSteps steps={[step()]} brief />);
		expect(container.textContent).toContain("no bite in 16 min");
		expect(container.textContent).not.toContain("½ oz blade, gold");
	});

	it("opens a step", () => {
		const opened: string[] = [];
		render(<LadderSteps steps={[step()]} onStep={(key) => opened.push(key)} />);
		fireEvent.click(screen.getByRole("button"));
		expect(opened).toEqual(["2.middle.low_hop"]);
	});
});

describe("cautions", () => {
	const cold: CautionData = {
		id: "cold",
		about: "37 °F water",
		todo: "Wear the life jacket.",
		why: "Breath goes first.",
	};
	const wind: CautionData = { id: "wind", about: "20 mph of wind", todo: "Keep near shelter.", why: "" };

	it("come one at a time and are shown once a day", () => {
		const { container, unmount } = render(<Cautions cautions={[cold, wind]} />);
		expect(container.textContent).toContain("Wear the life jacket.");
		expect(container.textContent).not.toContain("shelter");
		expect(container.textContent).not.toContain("Breath goes first.");
		fireEvent.click(screen.getByText("1 more"));
		expect(container.textContent).toContain("Keep near shelter.");
		expect(container.textContent).toContain("Breath goes first.");
		fireEvent.click(screen.getByText("Seen"));
		expect(container.textContent).toBe("");
		unmount();
		const again = render(<Cautions cautions={[{ ...cold, about: "38 °F water" }]} />);
		expect(again.container.textContent).toBe("");
		localStorage.setItem("cautions seen", JSON.stringify({ day: "yesterday", ids: ["cold"] }));
		expect(render(<Cautions cautions={[cold]} />).container.textContent).toContain("life jacket");
	});
});
