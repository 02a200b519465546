import { act, fireEvent, render, screen } from "@testing-library/react";
import { beforeAll, describe, expect, it } from "vitest";
import { ReadingCell } from "../../resources/js/readings/ReadingCell";
import { ReadingEditor } from "../../resources/js/readings/ReadingEditor";
import { ReadingsStrip } from "../../resources/js/readings/ReadingsStrip";
import type { Live } from "../../resources/js/readings/useAnswer";
import { answer, reading } from "./make";

beforeAll(() => {});

function live(over: Partial<Live> = {}): Live & { said: [string, string | null][] } {
	const said: [string, string | null][] = [];
	return {
		answer: answer(),
		pending: {},
		troubles: {},
		change: (name, text) => said.push([name, text]),
		changeMany: () => {},
		choose: () => {},
		pick: null,
		narrow: () => {},
		keepInSight: () => {},
		pin: () => {},
		said,
		...over,
	};
}

const clarity = reading({
	name: "clarity",
	label: "clarity",
	kind: "choice",
	text: "stained",
	shown: "stained",
	options: [
		{ value: "clear", word: "clear" },
		{ value: "stained", word: "stained" },
	],
});

describe("a reading in the strip", () => {
	it("is stepped by the arrow keys where it stands", () => {
		const to = live();
		render(<ReadingCell reading={reading()} live={to} onMove={() => {}} />);
		const cell = screen.getByRole("button");
		fireEvent.keyDown(cell, { key: "ArrowUp" });
		fireEvent.keyDown(cell, { key: "ArrowDown" });
		expect(to.said).toEqual([
			["depth", "27 ft"],
			["depth", "25 ft"],
		]);
	});

	it("steps on from what is waiting for its answer", () => {
		const to = live({ pending: { depth: "30 ft" } });
		render(<ReadingCell reading={reading()} live={to} onMove={() => {}} />);
		expect(screen.getByText("30 ft")).toBeTruthy();
		fireEvent.keyDown(screen.getByRole("button"), { key: "ArrowUp" });
		expect(to.said).toEqual([["depth", "31 ft"]]);
	});

	it("goes round a choice", () => {
		const to = live();
		render(<ReadingCell reading={clarity} live={to} onMove={() => {}} />);
		fireEvent.keyDown(screen.getByRole("button"), { key: "ArrowUp" });
		expect(to.said).toEqual([["clarity", "clear"]]);
	});

	it("hands the focus on to its neighbours", () => {
		const moves: number[] = [];
		render(<ReadingCell reading={reading()} live={live()} onMove={(by) => moves.push(by)} />);
		fireEvent.keyDown(screen.getByRole("button"), { key: "ArrowRight" });
		fireEvent.keyDown(screen.getByRole("button"), { key: "ArrowLeft" });
		expect(moves).toEqual([1, -1]);
	});

	it.each([
		[{ source: "assumed" as const }, "assumed"],
		[{ source: "missing" as const, text: null, shown: "–" }, "not read"],
		[{ source: "instrument" as const }, "live"],
		[{ source: "instrument" as const, stale: true }, "stale"],
		[{ source: "measured" as const, pinned: true }, "pinned"],
		[{ source: "link" as const }, "link"],
		[{ source: "spot" as const }, "spot"],
	])("says where it comes from: %o", (over, mark) => {
		render(<ReadingCell reading={reading(over)} live={live()} onMove={() => {}} />);
		expect(screen.getByText(mark)).toBeTruthy();
	});

	it("needs no mark when the angler read it", () => {
		const { container } = render(<ReadingCell reading={reading()} live={live()} onMove={() => {}} />);
		expect(container.querySelector("i")).toBeNull();
	});

	it("reads its trouble to those who do not see the mark", () => {
		render(<ReadingCell reading={reading()} live={live({ troubles: { depth: "Too deep." } })} onMove={() => {}} />);
		expect(screen.getByText("Too deep.")).toBeTruthy();
	});
});

describe("the strip", () => {
	it("moves from one reading to the next and round the end", () => {
		render(<ReadingsStrip live={live()} />);
		const depth = screen.getByText("depth").closest("button");
		const drift = screen.getByText("drift").closest("button");
		depth?.focus();
		if (depth) fireEvent.keyDown(depth, { key: "ArrowRight" });
		expect(document.activeElement).toBe(drift);
	});
});

describe("the editor of a measure", () => {
	it("sends what was typed, as typed, on Enter", () => {
		const said: (string | null)[] = [];
		render(<ReadingEditor reading={reading()} text="26 ft" onChange={(text) => said.push(text)} />);
		const input = screen.getByRole("textbox");
		fireEvent.change(input, { target: { value: "9 m" } });
		expect(said).toEqual([]);
		fireEvent.submit(input);
		expect(said).toEqual(["9 m"]);
	});

	it("keeps what was typed while it is refused, and says why beside it", () => {
		const { rerender } = render(<ReadingEditor reading={reading()} text="26 ft" onChange={() => {}} />);
		fireEvent.change(screen.getByRole("textbox"), { target: { value: "5//8 ft" } });
		rerender(<ReadingEditor reading={reading()} text="26 ft" trouble="Cannot be read." onChange={() => {}} />);
		expect((screen.getByRole("textbox") as HTMLInputElement).value).toBe("5//8 ft");
		expect(screen.getByRole("alert").textContent).toBe("Cannot be read.");
		expect(screen.getByRole("textbox").getAttribute("aria-invalid")).toBe("true");
	});

	it("steps by its buttons and by the arrow keys in the field", () => {
		const said: (string | null)[] = [];
		render(<ReadingEditor reading={reading()} text="26 ft" onChange={(text) => said.push(text)} />);
		fireEvent.click(screen.getByRole("button", { name: "more depth" }));
		fireEvent.click(screen.getByRole("button", { name: "less depth" }));
		fireEvent.keyDown(screen.getByRole("textbox"), { key: "ArrowUp" });
		expect(said).toEqual(["27 ft", "25 ft", "27 ft"]);
	});

	it("can take a reading away, but not an assumption", () => {
		const said: (string | null)[] = [];
		const { rerender } = render(
			<ReadingEditor reading={reading()} text="26 ft" onChange={(text) => said.push(text)} />,
		);
		fireEvent.click(screen.getByRole("button", { name: "Not read" }));
		expect(said).toEqual([null]);
		rerender(<ReadingEditor reading={reading({ source: "assumed" })} text="26 ft" onChange={() => {}} />);
		expect(screen.queryByRole("button", { name: "Not read" })).toBeNull();
	});

	it("is left by Enter when nothing was typed", () => {
		let left = 0;
		render(<ReadingEditor reading={reading()} text="26 ft" onChange={() => {}} onDone={() => left++} />);
		fireEvent.submit(screen.getByRole("textbox"));
		expect(left).toBe(1);
	});
});

describe("the editor of choices", () => {
	it("sends the one chosen, and takes it away when it is chosen again", () => {
		const said: (string | null)[] = [];
		render(<ReadingEditor reading={clarity} text="stained" onChange={(text) => said.push(text)} />);
		fireEvent.click(screen.getByRole("radio", { name: "clear" }));
		fireEvent.click(screen.getByRole("radio", { name: "stained" }));
		expect(said).toEqual(["clear", null]);
	});

	it("joins several", () => {
		const said: (string | null)[] = [];
		render(
			<ReadingEditor
				reading={reading({ ...clarity, kind: "choices", text: "clear" })}
				text="clear"
				onChange={(text) => said.push(text)}
			/>,
		);
		fireEvent.click(screen.getByRole("button", { name: "stained" }));
		fireEvent.click(screen.getByRole("button", { name: "clear" }));
		expect(said).toEqual(["clear,stained", ""]);
	});
});

describe("a reading opened", () => {
	it("offers to be pinned against instruments", async () => {
		const pinned: [string, boolean][] = [];
		render(
			<ReadingCell reading={reading()} live={live({ pin: (name, on) => pinned.push([name, on]) })} onMove={() => {}} />,
		);
		fireEvent.click(screen.getByRole("button"));
		const pin = await screen.findByRole("checkbox");
		await act(async () => fireEvent.click(pin));
		expect(pinned).toEqual([["depth", true]]);
	});

	it("offers no pin for what is only assumed", async () => {
		render(<ReadingCell reading={reading({ source: "assumed" })} live={live()} onMove={() => {}} />);
		fireEvent.click(screen.getByRole("button"));
		expect(await screen.findByRole("textbox")).toBeTruthy();
		expect(screen.queryByRole("checkbox")).toBeNull();
	});
});
