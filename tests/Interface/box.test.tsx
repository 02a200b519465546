import { act, fireEvent, render, renderHook, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { BenchDrawing, Hanging } from "../../resources/js/tackle/BenchDrawing";
import { LureRow } from "../../resources/js/tackle/LureRow";
import { useBox } from "../../resources/js/tackle/useBox";
import type { BoxData, LureData } from "../../resources/js/types";
import { drawing, heldFetch } from "./make";

vi.mock("@inertiajs/react", () => ({
	Link: ({ href, children }: { href: string; children: unknown }) => <a href={href}>{children as never}</a>,
	router: { post: vi.fn() },
}));

const lure = (over: Partial<LureData> = {}): LureData => ({
	id: 7,
	uuid: "u",
	title: "½ oz blade, gold",
	details: "3 holes",
	drawing: drawing({ finish: "gold" }),
	family: "blade",
	weight: "1/2 oz",
	finish: "gold",
	red: false,
	quantity: 2,
	lost: 0,
	buyAgain: false,
	retired: false,
	notes: "",
	version: 3,
	usual: false,
	...over,
});

const box = (over: Partial<BoxData> = {}): BoxData => ({ lures: [lure()], total: 1, inBox: 1, more: false, ...over });

let held = heldFetch();
beforeEach(() => {
	held = heldFetch();
	vi.stubGlobal("fetch", held.fetch);
});
afterEach(() => vi.unstubAllGlobals());

describe("the box", () => {
	it("asks nothing until something is searched for", () => {
		const first = box();
		renderHook(() => useBox(first));
		expect(held.calls).toHaveLength(0);
	});

	it("shows the answer to the last search, whichever comes last", async () => {
		const first = box();
		const { result } = renderHook(() => useBox(first));
		act(() => result.current.find({ q: "g" }));
		act(() => result.current.find({ q: "gold" }));
		expect(held.calls.map((call) => call.url)).toEqual([
			"/lures?q=g&family=&show=&shown=30",
			"/lures?q=gold&family=&show=&shown=30",
		]);
		await act(() => held.calls[1]?.answer(200, box({ total: 2 })));
		await act(() => held.calls[0]?.answer(200, box({ total: 99 })));
		expect(result.current.box.total).toBe(2);
	});

	it("remembers what was there before a change and sends it back to undo", async () => {
		const first = box();
		const { result } = renderHook(() => useBox(first));
		const before = [{ id: 7, set: { finish: "gold" }, version: 4, saw: { finish: "pink" } }];
		act(() => void result.current.change([{ id: 7, set: { finish: "pink" } }], "Changed."));
		expect(held.calls[0]).toMatchObject({
			method: "PATCH",
			url: "/lures",
			body: { each: [{ id: 7, set: { finish: "pink" }, version: 3, saw: { finish: "gold" } }] },
		});
		await act(() => held.calls[0]?.answer(200, { before, lures: [] }));
		await act(() => held.calls[1]?.answer(200, box()));
		expect(result.current.notes.undo).toEqual({ words: "Changed.", before });
		act(() => result.current.notes.onUndo());
		expect(held.calls[2]?.body).toEqual({ each: before });
		await act(() => held.calls[2]?.answer(200, { before: [], lures: [] }));
		expect(result.current.notes.undo).toBeNull();
	});

	it("tells both values when another tab was first, and insists only when asked to", async () => {
		const first = box();
		const { result } = renderHook(() => useBox(first));
		act(() => void result.current.change([{ id: 7, set: { notes: "mine" } }], "Changed."));
		const words = "This lure was changed elsewhere meanwhile: notes is “theirs” there, and would become “mine” here.";
		await act(() => held.calls[0]?.answer(409, { message: words, lure: 7, version: 9 }));
		expect(result.current.notes.clash?.words).toBe(words);
		expect(result.current.notes.undo).toBeNull();
		expect(held.calls).toHaveLength(1);
		act(() => result.current.notes.onMine());
		expect(held.calls[1]?.body).toEqual({ each: [{ id: 7, set: { notes: "mine" }, version: 9 }] });
		await act(() => held.calls[1]?.answer(200, { before: [], lures: [] }));
		expect(result.current.notes.clash).toBeNull();
	});

	it("says what was refused, by field, and changes nothing", async () => {
		const first = box();
		const { result } = renderHook(() => useBox(first));
		let kept: boolean | undefined;
		act(() => {
			void result.current.change([{ id: 7, set: { weight: "heavy" } }], "Changed.").then((answer) => {
				kept = answer;
			});
		});
		await act(() => held.calls[0]?.answer(422, { message: "no", errors: { weight: ["Cannot be read."] } }));
		expect(kept).toBe(false);
		expect(result.current.notes.trouble).toBe("Cannot be read.");
		expect(result.current.troubles).toEqual({ weight: "Cannot be read." });
		expect(result.current.notes.undo).toBeNull();
		expect(result.current.box).toBe(first);
	});
});

describe("a lure in the box", () => {
	const show = (over: Partial<LureData> = {}, onChange = vi.fn(async () => true)) => {
		render(
			<ul>
				<LureRow lure={lure(over)} selected={false} onSelect={() => {}} onChange={onChange} fields={{}} />
			</ul>,
		);
		return onChange;
	};

	it("says how many there are, were lost and are left", () => {
		show({ quantity: 3, lost: 1 });
		expect(screen.getByText("× 3")).toBeTruthy();
		expect(screen.getByText(/1 lost, 2 left/)).toBeTruthy();
	});

	it("sends only what was changed", async () => {
		const onChange = show();
		fireEvent.click(screen.getByRole("button", { name: "Edit" }));
		fireEvent.change(screen.getByLabelText("finish"), { target: { value: "pink" } });
		fireEvent.click(screen.getByLabelText("buy again"));
		await act(async () => fireEvent.click(screen.getByRole("button", { name: "Keep" })));
		expect(onChange).toHaveBeenCalledWith(
			[{ id: 7, set: { finish: "pink", buy_again: true } }],
			"½ oz blade, gold is changed.",
		);
		expect(screen.queryByLabelText("finish")).toBeNull();
	});

	it("sends nothing when nothing was changed", async () => {
		const onChange = show();
		fireEvent.click(screen.getByRole("button", { name: "Edit" }));
		await act(async () => fireEvent.click(screen.getByRole("button", { name: "Keep" })));
		expect(onChange).not.toHaveBeenCalled();
	});

	it("stays open with what was typed when it is refused", async () => {
		show(
			{},
			vi.fn(async () => false),
		);
		fireEvent.click(screen.getByRole("button", { name: "Edit" }));
		fireEvent.change(screen.getByLabelText("weight"), { target: { value: "heavy" } });
		await act(async () => fireEvent.click(screen.getByRole("button", { name: "Keep" })));
		expect((screen.getByLabelText("weight") as HTMLInputElement).value).toBe("heavy");
	});

	it("is put away and taken back", async () => {
		const onChange = show();
		fireEvent.click(screen.getByRole("button", { name: "Put away ½ oz blade, gold" }));
		expect(onChange).toHaveBeenCalledWith([{ id: 7, set: { retired: true } }], "½ oz blade, gold is put away.");
	});
});

describe("the drawing on the bench", () => {
	it("moves a hole half a millimetre by an arrow key", () => {
		const moves: [string, number, number][] = [];
		render(<BenchDrawing lure={drawing()} onMove={(...move) => moves.push(move)} />);
		const middle = screen.getByRole("slider", { name: "middle hole" });
		fireEvent.keyDown(middle, { key: "ArrowRight" });
		fireEvent.keyDown(middle, { key: "ArrowUp" });
		fireEvent.keyDown(middle, { key: "Enter" });
		fireEvent.keyDown(screen.getByRole("slider", { name: "balance point" }), { key: "ArrowDown" });
		expect(moves).toEqual([
			["middle", 25.5, 10.5],
			["middle", 25, 11],
			["balance point", 19, 2.5],
		]);
	});

	it("says where each point is", () => {
		render(<BenchDrawing lure={drawing()} onMove={() => {}} />);
		expect(screen.getByRole("slider", { name: "back hole" }).getAttribute("aria-valuetext")).toBe(
			"32 mm from the nose, 10 mm up",
		);
	});

	it("shows no balance point that nobody measured", () => {
		render(<BenchDrawing lure={drawing({ balanceX: null, balanceY: null })} onMove={() => {}} />);
		expect(screen.queryByRole("slider", { name: "balance point" })).toBeNull();
		expect(screen.getAllByRole("slider")).toHaveLength(3);
	});

	it("hangs the lure by its angle, nose down against the clock", () => {
		const { container } = render(<Hanging lure={drawing()} hole={1} hangDeg={39} words="hangs 39° nose down" />);
		expect(screen.getByRole("img", { name: "hangs 39° nose down" })).toBeTruthy();
		expect(container.innerHTML).toContain("rotate(-39) translate(-25 10.5)");
	});

	it("draws nothing for a hole that is not there", () => {
		const { container } = render(<Hanging lure={drawing({ holes: [] })} hole={0} hangDeg={0} words="" />);
		expect(container.innerHTML).toBe("");
	});
});
