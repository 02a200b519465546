import { fireEvent, render, screen, within } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { AddForgotten } from "../../resources/js/fish/AddForgotten";
import { EventEditor } from "../../resources/js/fish/EventEditor";
import { Events } from "../../resources/js/fish/Events";
import { FishOn } from "../../resources/js/fish/FishOn";
import { Glance } from "../../resources/js/fish/Glance";
import { HookMap } from "../../resources/js/fish/HookMap";
import { JustNow } from "../../resources/js/fish/JustNow";
import { momentOf } from "../../resources/js/fish/moment";
import { Paused } from "../../resources/js/fish/Paused";
import { TieOnPad } from "../../resources/js/fish/TieOnPad";
import { withGlance } from "../../resources/js/fish/tally";
import { pick, step } from "./make";
import { event, outing, tally } from "./outing";

let angler = 7;
vi.mock("@inertiajs/react", async (inertia) => ({
	...(await inertia<object>()),
	usePage: () => ({ props: { anglerId: angler } }),
}));
beforeEach(() => localStorage.clear());

const bite = {
	came: "fall",
	fish: true,
	species: "walleye",
	length: "18 in",
	landed: true,
	hook: "",
	bent: false,
	lostAt: "",
	kept: "",
	girth: "",
	tag: "",
	tagContact: "",
	card: "",
	held: "",
	scale: "",
};

describe("the lure with its hooks", () => {
	const ways = [
		{ value: "lip", word: "in the lip", care: "" },
		{ value: "inside", word: "hooked deep", care: "Cut the hook." },
	] as const;
	const drawing = pick().drawing;
	const shown = (hook: string, held = "") => {
		const [onHook, onHeld] = [vi.fn(), vi.fn()];
		render(<HookMap lure={drawing} ways={[...ways]} hook={hook} held={held} onHook={onHook} onHeld={onHeld} />);
		return { onHook, onHeld };
	};

	it("says by one tap which held, and by a second where", () => {
		const { onHook } = shown("");
		expect(screen.queryByRole("radio", { name: "in the lip" })).toBeNull();
		fireEvent.click(screen.getByRole("button", { name: "rear hook" }));
		expect(onHook).toHaveBeenCalledWith("rear");
	});

	it("tells what to mind, and a hook that was said is left out again by another tap", () => {
		const { onHook, onHeld } = shown("rear", "inside");
		expect(screen.getByText("Cut the hook.")).toBeTruthy();
		fireEvent.click(screen.getByRole("radio", { name: "in the lip" }));
		expect(onHeld).toHaveBeenCalledWith("lip");
		fireEvent.click(screen.getByRole("button", { name: "rear hook" }));
		expect(onHook).toHaveBeenCalledWith("");
	});
});

describe("what just happened", () => {
	const log = () => ({ putBack: vi.fn(), amend: vi.fn() }) as unknown as Parameters<typeof JustNow>[0]["log"];
	const ago = (s: number) => new Date(Date.now() - 1000 * s).toISOString();

	it("runs the seconds until something is back down", () => {
		const fish = event({ uuid: "f", kind: "fish", at: ago(60), over: ago(14) });
		const { rerender } = render(<JustNow outing={outing({ events: [fish] })} log={log()} />);
		expect(screen.getByRole("timer").textContent).toMatch(/Back down: 0:1[45]/);
		rerender(<JustNow outing={outing({ events: [event({ at: ago(2) }), fish] })} log={log()} />);
		expect(screen.queryByRole("timer")).toBeNull();
		rerender(<JustNow outing={outing({ events: [{ ...fish, over: ago(700) }] })} log={log()} />);
		expect(screen.queryByRole("timer")).toBeNull();
	});

	it("asks whether a touch and a fish were two, and offers nothing else to put back for it", () => {
		const told = log();
		const fish = event({ uuid: "f", kind: "fish" });
		const touch = event({ uuid: "t", kind: "touch", became: "f" });
		render(<JustNow outing={outing({ events: [fish], takenBack: [touch] })} log={told} />);
		expect(screen.queryByText(/Taken back/)).toBeNull();
		fireEvent.click(screen.getByRole("button", { name: "There were two" }));
		expect(told.putBack).toHaveBeenCalledWith("t");
	});
});

describe("a fish that is on", () => {
	it("shows what to mind and the angler's card, and is measured against the board", () => {
		const log = vi.fn();
		render(<FishOn outing={outing()} onClose={vi.fn()} onLog={log} />);
		expect(screen.getByText("Mind the spines.")).toBeTruthy();
		expect(screen.getByText("Your card: from 15 in.")).toBeTruthy();
		const tail = screen.getByRole("slider");
		for (let i = 0; i < 4; i++) fireEvent.keyDown(tail, { key: "PageUp" });
		const length = screen.getByPlaceholderText("not measured") as HTMLInputElement;
		expect(length.value).toBe("10 in");
		fireEvent.keyDown(tail, { key: "ArrowRight" });
		expect(length.value).toBe("10.25 in");
		fireEvent.click(screen.getByRole("radio", { name: "kept" }));
		fireEvent.click(screen.getByRole("button", { name: "Landed" }));
		expect(log).toHaveBeenCalledWith(
			expect.objectContaining({ kind: "fish", species: "walleye", length: "10.25 in", landed: true, kept: true }),
		);
	});

	it("is a fish of any name, lost without being kept", () => {
		const log = vi.fn();
		render(<FishOn outing={outing()} onClose={vi.fn()} onLog={log} />);
		fireEvent.click(screen.getByRole("radio", { name: "another" }));
		fireEvent.change(screen.getByPlaceholderText("unknown"), { target: { value: " burbot " } });
		fireEvent.click(screen.getByRole("radio", { name: "kept" }));
		fireEvent.click(screen.getByRole("button", { name: "Lost" }));
		expect(log.mock.calls[0]?.[0]).toMatchObject({ species: "burbot", landed: false });
		expect(log.mock.calls[0]?.[0]).not.toHaveProperty("kept");
	});

	it("is there again half filled in, at the time at which it was on, until it is logged", () => {
		const [log, close] = [vi.fn(), vi.fn()];
		const shown = () => render(<FishOn outing={outing()} onClose={close} onLog={log} />);
		const first = shown();
		fireEvent.change(screen.getByPlaceholderText("not measured"), { target: { value: "63 cm\u0007" } });
		const onAt = Date.now();
		first.unmount();
		vi.spyOn(Date, "now").mockReturnValue(onAt + 3_600_000);
		angler = 8;
		const theirs = shown();
		expect((screen.getByPlaceholderText("not measured") as HTMLInputElement).value).toBe("");
		theirs.unmount();
		angler = 7;
		const again = shown();
		expect((screen.getByPlaceholderText("not measured") as HTMLInputElement).value).toBe("63 cm");
		fireEvent.click(screen.getByRole("button", { name: "Landed" }));
		expect(Math.abs(Date.parse(log.mock.calls[0]?.[0].at) - onAt)).toBeLessThan(5_000);
		expect(close).toHaveBeenCalled();
		again.unmount();
		shown();
		expect((screen.getByPlaceholderText("not measured") as HTMLInputElement).value).toBe("");
		vi.restoreAllMocks();
	});
});

describe("an entry that is mended", () => {
	it("tells only what was changed, so that what another device mended stays", () => {
		const amend = vi.fn();
		render(
			<EventEditor
				outing="o1"
				event={event({ kind: "fish", words: "Walleye", bite, lureLost: false })}
				onClose={vi.fn()}
				log={{ amend, takeBack: vi.fn() }}
			/>,
		);
		fireEvent.change(screen.getByLabelText("Girth"), { target: { value: "9 in" } });
		fireEvent.click(screen.getByRole("button", { name: "Keep" }));
		expect(amend).toHaveBeenCalledWith("e1", { girth: "9 in", lure_lost: false });
	});

	it("keeps its time to the second where that is not changed, and moves to another of its day", () => {
		const amend = vi.fn();
		const at = new Date(2026, 10, 25, 14, 20, 31).toISOString();
		const shown = () =>
			render(<EventEditor outing="o1" event={event({ at })} onClose={vi.fn()} log={{ amend, takeBack: vi.fn() }} />);
		const first = shown();
		fireEvent.change(screen.getByLabelText("Note"), { target: { value: "double" } });
		fireEvent.click(screen.getByRole("button", { name: "Keep" }));
		expect(amend).toHaveBeenLastCalledWith("e1", { note: "double" });
		first.unmount();
		shown();
		fireEvent.change(screen.getByLabelText("When"), { target: { value: "13:05" } });
		fireEvent.click(screen.getByRole("button", { name: "Keep" }));
		expect(amend).toHaveBeenLastCalledWith("e1", { at: new Date(2026, 10, 25, 13, 5).toISOString() });
	});

	it("is taken away only when that is said twice", () => {
		const takeBack = vi.fn();
		render(<EventEditor outing="o1" event={event()} onClose={vi.fn()} log={{ amend: vi.fn(), takeBack }} />);
		fireEvent.click(screen.getByRole("button", { name: "Take it away" }));
		expect(takeBack).not.toHaveBeenCalled();
		fireEvent.click(screen.getByRole("button", { name: "Yes, take it away" }));
		expect(takeBack).toHaveBeenCalledWith("e1");
	});

	it("of a tagged fish is a card to copy out, and says so where it cannot be", async () => {
		const written = vi.fn().mockResolvedValue(undefined);
		vi.stubGlobal("navigator", { ...navigator, clipboard: { writeText: written } });
		const tagged = { ...bite, tag: "H 1204", tagContact: "hatchery", kept: "released" };
		render(
			<EventEditor
				outing="o1"
				event={event({ kind: "fish", bite: tagged })}
				onClose={vi.fn()}
				log={{ amend: vi.fn(), takeBack: vi.fn() }}
			/>,
		);
		fireEvent.click(screen.getByRole("button", { name: "Copy it" }));
		expect(written.mock.calls[0]?.[0]).toContain("Tag H 1204, to tell: hatchery\nwalleye, 18 in");
		expect(await screen.findByRole("button", { name: "Copied" })).toBeTruthy();
		written.mockRejectedValue(new Error("no"));
		fireEvent.click(screen.getByRole("button", { name: "Copied" }));
		expect(await screen.findByText(/Select the lines above/)).toBeTruthy();
		vi.unstubAllGlobals();
	});
});

describe("something forgotten", () => {
	it("came when the clock last showed that, and not in the future", () => {
		const now = new Date(2026, 10, 25, 1, 30).getTime();
		expect(momentOf("01:10", now)).toEqual(new Date(2026, 10, 25, 1, 10));
		expect(momentOf("23:50", now)).toEqual(new Date(2026, 10, 24, 23, 50));
		expect([momentOf("", now), momentOf("25:00", now), momentOf("12:60", now)]).toEqual([null, null, null]);
	});

	it("is added on the rod it was on, and needs a time", () => {
		const [add, close] = [vi.fn(), vi.fn()];
		const rods = [
			{ value: "this", word: "Vertical rod" },
			{ value: "other", word: "Casting rod" },
		];
		render(
			<AddForgotten
				pads={[]}
				rods={rods}
				inHand="this"
				sought="walleye"
				until="2026-11-25T12:00:00Z"
				onAdd={add}
				onClose={close}
			/>,
		);
		fireEvent.click(screen.getByRole("button", { name: "Add it" }));
		expect(screen.getByRole("alert").textContent).toContain("Type the time");
		expect(add).not.toHaveBeenCalled();
		fireEvent.click(screen.getByRole("radio", { name: "Casting rod" }));
		fireEvent.click(screen.getByRole("radio", { name: "Fish" }));
		fireEvent.change(screen.getByLabelText("When"), { target: { value: "00:05" } });
		fireEvent.click(screen.getByRole("button", { name: "Add it" }));
		expect(add).toHaveBeenCalledWith(expect.objectContaining({ kind: "fish", species: "walleye" }), "other");
		expect(Date.parse(add.mock.calls[0]?.[0].at)).toBeLessThanOrEqual(Date.parse("2026-11-25T12:00:00Z"));
		expect(close).toHaveBeenCalled();
	});
});

describe("the pad to tie on", () => {
	it("ties on the next step, what worked, or anything of the box but what is on", () => {
		const tie = vi.fn();
		const worked = { words: "⅜ oz blade, gold", way: "front hole", tying: { lure: 9, hole: "front", cadence: null } };
		const box = [
			{ words: "½ oz blade, white", way: "middle", tying: { lure: pick().lureId, hole: "middle", cadence: null } },
			{ words: "¾ oz spoon", way: "hand feed", tying: { lure: 5, hole: null, cadence: null } },
		];
		render(
			<TieOnPad
				open
				onOpenChange={vi.fn()}
				outing={outing({ pick: pick({ ladder: [step()] }), worked })}
				box={box}
				onTieOn={tie}
			/>,
		);
		const dialog = within(screen.getByRole("dialog"));
		expect(dialog.queryByText("½ oz blade, white")).toBeNull();
		fireEvent.click(dialog.getByText("change the finish to gold"));
		fireEvent.click(dialog.getByText(/Back to what worked/));
		fireEvent.click(dialog.getByText("¾ oz spoon"));
		expect(tie.mock.calls.map(([tying]) => tying.lure)).toEqual([2, 9, 5]);
	});
});

describe("at a glance", () => {
	it("tells the drift, slack water and sunset where they are known", () => {
		const sky = { sunset: "2026-11-25T16:12:00Z", slack: "2026-11-25T14:00:00Z", tide: "high" };
		const { container } = render(
			<Glance outing={withGlance(outing({ drift: 3, tally: tally({ drops: 12 }), sky }))} today={null} />,
		);
		expect(container.textContent).toMatch(/drift 3, drop 12 · high water .+ · sunset /i);
		expect(render(<Glance outing={withGlance(outing())} today={null} />).container.textContent).toBe("");
	});

	it("says that nobody fishes, or which rod does not, and goes on with one tap", () => {
		const go = vi.fn();
		const pause = { why: "eating", since: new Date(Date.now() - 5.5 * 60_000).toISOString(), rod: null };
		const { rerender } = render(<Paused outing={outing({ pause })} onGoOn={go} />);
		expect(screen.getByText("Not fishing for 5 min: eating.")).toBeTruthy();
		fireEvent.click(screen.getByRole("button", { name: "Go on" }));
		expect(go).toHaveBeenCalled();
		rerender(<Paused outing={outing({ pause: { ...pause, rod: "other" } })} onGoOn={go} />);
		expect(screen.getByText("Casting rod: not fishing for 5 min: eating.")).toBeTruthy();
	});

	it("lists why a fish goes back by the card", () => {
		const card = "goes back by your card: within the slot";
		render(<Events events={[event({ kind: "fish", words: "Walleye", bite: { ...bite, card } })]} onMend={vi.fn()} />);
		expect(screen.getByText(card)).toBeTruthy();
	});
});
