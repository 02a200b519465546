import { act, fireEvent, render, screen } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { MarkHere } from "../../resources/js/fish/MarkHere";
import { LineDialog } from "../../resources/js/places/LineDialog";
import { MarkDialog } from "../../resources/js/places/MarkDialog";
import { Recording, SoundingsDialog } from "../../resources/js/places/Soundings";
import { SpotDialog } from "../../resources/js/places/SpotDialog";
import { TideForm } from "../../resources/js/places/TideForm";
import { WaterDialog } from "../../resources/js/places/WaterDialog";
import type { OutingData, PlacedMarkData, PlacedSpotData, WaterSheetData } from "../../resources/js/types";
import { visits } from "./inertia";

vi.mock("@inertiajs/react", () => import("./inertia"));

beforeEach(() => void visits.splice(0));

const kinds = [
	{ value: "fish", word: "fish" },
	{ value: "snag", word: "snag" },
];
const bottoms = [{ value: "rock", word: "rock" }];
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole("button", { name }));
const write = (label: string | RegExp, value: string) =>
	fireEvent.change(screen.getByLabelText(label), { target: { value } });
const sent = () => visits.at(-1)?.slice(0, 2);

describe("a mark", () => {
	const mark: PlacedMarkData = {
		uuid: "m1",
		kind: "fish",
		word: "fish",
		words: "at 26 ft",
		x: 12.5,
		y: -3,
		about: false,
		at: "2026-11-01T09:40:00Z",
		depth: "26 ft",
		bottom: null,
		side: "shaded side",
		direction: "",
		note: "",
	};
	const dialog = (over: Partial<Parameters<typeof MarkDialog>[0]> = {}) => {
		const onDone = vi.fn();
		const props = { water: 7, kinds, bottoms, at: { x: 4, y: 5 }, mark: null, now: null, back: null, onDone, ...over };
		const { rerender } = render(<MarkDialog {...props} />);
		const meanwhile = (now: PlacedMarkData) => rerender(<MarkDialog {...props} now={now} />);
		return Object.assign(onDone, { meanwhile });
	};

	it("is laid where the chart was pressed, and keeps what was typed when it is refused", () => {
		const onDone = dialog();
		fireEvent.click(screen.getByRole("radio", { name: "snag" }));
		write("How deep", "deep");
		press("Keep it");
		expect(sent()).toEqual([
			"/waters/7/marks",
			expect.objectContaining({ kind: "snag", x: 4, y: 5, depth: "deep", uuid: expect.any(String) }),
		]);
		const id = visits.at(-1)?.[1].uuid;
		act(() => visits.at(-1)?.[2].onError?.({ depth: "A depth is a length, such as 26 ft." }));
		expect(screen.getByText("A depth is a length, such as 26 ft.")).toBeTruthy();
		expect((screen.getByLabelText("How deep") as HTMLInputElement).value).toBe("deep");
		expect(onDone).not.toHaveBeenCalled();
		write("How deep", "26 ft");
		press("Keep it");
		expect(visits.at(-1)?.[1].uuid, "the same mark, sent again").toBe(id);
		act(() => visits.at(-1)?.[2].onSuccess?.());
		expect(onDone).toHaveBeenCalledOnce();
	});

	it("says the way back, is fished, mended where it lies, and taken away", () => {
		const back = { uuid: "m1", title: "Back on the fish", words: "120 ft, bearing 90°.", startX: 0, startY: 0 };
		dialog({ mark, back, at: { x: 99, y: 99 } });
		expect(screen.getByText("120 ft, bearing 90°.")).toBeTruthy();
		write("Note", "two more");
		press("Keep it");
		expect(sent()).toEqual(["/marks/m1", expect.objectContaining({ x: 12.5, y: -3, note: "two more" })]);
		press("Fish here");
		expect(sent()).toEqual(["/marks/m1/here", {}]);
		press("Take it away");
		expect(sent()).toEqual(["/marks/m1", {}]);
	});

	it("says what was changed in it and what stood there, and what stands there once it was told", () => {
		const dialogOf = dialog({ mark, now: mark });
		write("Note", "mine");
		dialogOf.meanwhile({ ...mark, note: "theirs", side: "sunny side" });
		press("Keep it");
		expect(visits.at(-1)?.[1], "a page that came meanwhile was not looked at").toMatchObject({
			changed: ["note"],
			saw: { note: "" },
		});
		act(() => visits.at(-1)?.[2].onError?.({ meanwhile: "note is “theirs” there" }));
		expect(screen.getByRole("alert").textContent).toBe("note is “theirs” there");
		press("Keep it");
		expect(visits.at(-1)?.[1], "what is not one's own stays theirs").toMatchObject({
			changed: ["note"],
			saw: { note: "theirs" },
		});
	});

	it("whose position is typed lies elsewhere", () => {
		dialog({ mark, now: mark });
		write(/Its position/, "61.2, -7.8");
		press("Keep it");
		expect(visits.at(-1)?.[1]).toMatchObject({ changed: ["x", "y"], saw: { x: 12.5, y: -3 } });
	});

	it("of which neither depth nor bottom is known cannot be fished", () => {
		dialog({ mark: { ...mark, depth: "" } });
		expect(screen.queryByRole("button", { name: "Fish here" })).toBeNull();
	});
});

describe("a spot", () => {
	const spot: PlacedSpotData = {
		id: 3,
		name: "Stone mole",
		depth: "12 ft",
		bottom: "rock",
		bottomWord: "rock",
		wall: true,
		x: null,
		y: null,
		facing: 60,
		position: "",
		here: false,
	};
	const dialog = (over: Partial<Parameters<typeof SpotDialog>[0]> = {}) => {
		const [onDone, onPlace] = [vi.fn(), vi.fn()];
		render(
			<SpotDialog
				water={7}
				bottoms={bottoms}
				at={null}
				spot={spot}
				now={spot}
				onPlace={onPlace}
				onDone={onDone}
				{...over}
			/>,
		);
		return { onDone, onPlace };
	};

	it("that is not on the chart stays off it until it is put there", () => {
		const { onPlace } = dialog();
		press("Put it on the chart");
		expect(onPlace).toHaveBeenCalledOnce();
		press("Keep it");
		expect(sent()).toEqual(["/spots/3", expect.objectContaining({ x: null, y: null, facing: "60°", wall: true })]);
	});

	it("goes where the chart was pressed", () => {
		dialog({ at: { x: 8, y: 9 } });
		press("Keep it");
		expect(sent()).toEqual(["/spots/3", expect.objectContaining({ x: 8, y: 9, name: "Stone mole" })]);
		expect(visits.at(-1)?.[1]).toMatchObject({ changed: ["x", "y"], saw: { x: null, y: null } });
	});

	it("is deleted with a second press only", () => {
		dialog();
		press("Delete this spot");
		expect(visits).toHaveLength(0);
		press("Delete it; its outings stay");
		expect(sent()).toEqual(["/spots/3", {}]);
	});
});

it("a line is kept as what it is, through the points that were laid", () => {
	const onDone = vi.fn();
	const edgeKinds = [
		{ value: "wall", word: "wall" },
		{ value: "shore", word: "shore" },
	];
	const line = [
		{ x: 0, y: 0 },
		{ x: 60.04, y: 10 },
	];
	render(<LineDialog water={7} kinds={edgeKinds} line={line} onDone={onDone} />);
	fireEvent.click(screen.getByRole("radio", { name: "shore" }));
	press("Keep this line");
	expect(sent()).toEqual(["/waters/7/edges", expect.objectContaining({ kind: "shore", line: "0,0;60,10" })]);
	act(() => visits.at(-1)?.[2].onError?.({ line: "Draw the line on the chart." }));
	expect(screen.getByText("Draw the line on the chart.")).toBeTruthy();
	expect(onDone).not.toHaveBeenCalledWith(true);
});

const water = (over: Partial<WaterSheetData> = {}): WaterSheetData =>
	({
		id: 7,
		name: "Long tarn",
		kind: "lake",
		salt: "fresh",
		latitude: "61.2",
		longitude: "-7.9",
		level: "",
		flood: "",
		fastest: "",
		tidal: false,
		tideFrom: "none",
		tideMean: "",
		tideEpoch: "",
		tideWaves: "",
		hangs: "2 spots, 3 surveys",
		code: null,
		notes: { id: 7, name: "Long tarn", rules: "", protected: "", card: [] },
		...over,
	}) as unknown as WaterSheetData;
const waters = [
	{ id: 7, name: "Long tarn", words: "lake" },
	{ id: 8, name: "Lower tarn", words: "lake" },
];
const lakeOrHarbour = [
	{ value: "lake", word: "lake" },
	{ value: "harbour", word: "harbour or tidal water" },
];
const tides = [
	{ value: "none", word: "no tide" },
	{ value: "own", word: "constants of your own" },
];

describe("a water", () => {
	it("is made anew, and asks for a tide only where there can be one", () => {
		render(<WaterDialog water={null} waters={waters} kinds={lakeOrHarbour} tides={tides} onDone={vi.fn()} />);
		expect(screen.queryByLabelText("The flood runs toward")).toBeNull();
		write("Name", "Back pond");
		press("Keep it");
		expect(sent()).toEqual(["/waters", expect.objectContaining({ name: "Back pond", kind: "lake", latitude: "" })]);
		act(() => visits.at(-1)?.[2].onError?.({ name: "Another of your waters is called that." }));
		expect(screen.getByText("Another of your waters is called that.")).toBeTruthy();
	});

	it("is deleted with a second press that says with what, and joined only once the other is chosen", () => {
		render(<WaterDialog water={water()} waters={waters} kinds={lakeOrHarbour} tides={tides} onDone={vi.fn()} />);
		expect((screen.getByRole("button", { name: "Join them" }) as HTMLButtonElement).disabled).toBe(true);
		press("Delete this water");
		expect(visits).toHaveLength(0);
		press("Delete it with 2 spots, 3 surveys");
		expect(sent()).toEqual(["/waters/7", {}]);
	});

	it("is shared by a code, and no more", () => {
		const { rerender } = render(
			<WaterDialog water={water()} waters={waters} kinds={lakeOrHarbour} tides={tides} onDone={vi.fn()} />,
		);
		press("Share it with others on this server");
		expect(sent()?.[0]).toBe("/waters/7/share");
		rerender(
			<WaterDialog
				water={water({ code: "ABCD2345" })}
				waters={waters}
				kinds={lakeOrHarbour}
				tides={tides}
				onDone={vi.fn()}
			/>,
		);
		expect(screen.getByText("ABCD2345")).toBeTruthy();
		press("Stop sharing it");
		expect(sent()?.[0]).toBe("/waters/7/share");
	});
});

it("a tide of one's own is asked for its waves, and what is wrong with them is said there", () => {
	render(<TideForm water={water({ tidal: true })} tides={tides} />);
	expect(screen.queryByLabelText("Mean height")).toBeNull();
	fireEvent.click(screen.getByRole("radio", { name: "constants of your own" }));
	write("Mean height", "1.9 m");
	write(/^A wave on each line/, "0.92 m 28.984 212\nnoise");
	press("Keep the tide");
	expect(sent()).toEqual([
		"/waters/7/tide",
		expect.objectContaining({ from: "own", mean: "1.9 m", waves: "0.92 m 28.984 212\nnoise" }),
	]);
	act(() => visits.at(-1)?.[2].onError?.({ waves: "Line 2 is no wave." }));
	expect(screen.getByText("Line 2 is no wave.")).toBeTruthy();
	expect(screen.getByLabelText(/^A wave on each line/).getAttribute("aria-invalid")).toBe("true");
});

describe("soundings", () => {
	it("that were kept are taken away with a second press, each for itself", () => {
		const survey = (uuid: string, name: string) => ({
			uuid,
			name,
			words: "40 soundings",
			fromAt: "2026-11-01T09:00:00Z",
		});
		render(
			<SoundingsDialog water={water()} surveys={[survey("a", "First"), survey("b", "Second")]} onDone={vi.fn()} />,
		);
		press("Take First away");
		press("Take Second away");
		expect(visits).toHaveLength(0);
		press("Take Second away");
		expect(sent()).toEqual(["/surveys/b", {}]);
	});

	it("are recorded, with how long and on which water, until they are stopped", () => {
		const { rerender } = render(<Recording water={water()} recording={null} />);
		press("Record soundings");
		expect(sent()).toEqual(["/waters/7/recording", { uuid: expect.any(String) }]);
		const since = new Date(Date.now() - 5 * 60_000).toISOString();
		const recording = { uuid: "r", waterId: 8, water: "Lower tarn", since, count: 12, words: "12 depths heard" };
		rerender(<Recording water={water()} recording={recording} />);
		expect(screen.getByText("Recording 5 min").parentElement?.textContent).toBe(
			"Recording 5 min on Lower tarn: 12 depths heard",
		);
		press("Stop");
		expect(sent()).toEqual(["/recording", {}]);
	});
});

describe("a place marked on the water", () => {
	const outing = (over: Partial<OutingData> = {}) =>
		({ markPads: [{ value: "fish", word: "Fish" }], marks: [], waterId: 7, ...over }) as unknown as OutingData;

	it("takes one tap, and leads back onto the last three", () => {
		const mark = vi.fn();
		const marks = [1, 2, 3, 4].map((n) => ({
			uuid: `m${n}`,
			word: `fish ${n}`,
			at: "2026-11-01T09:40:00Z",
			lat: null,
			lon: null,
		}));
		render(<MarkHere outing={outing({ marks })} log={{ mark, move: vi.fn() }} />);
		press("Mark fish here");
		expect(mark).toHaveBeenCalledWith("fish", "fish");
		expect(screen.getAllByRole("button", { name: /^Back on the fish/ })).toHaveLength(3);
	});

	it("is not offered at no spot", () => {
		const { container } = render(<MarkHere outing={outing({ markPads: [] })} log={{ mark: vi.fn(), move: vi.fn() }} />);
		expect(container.textContent).toBe("");
	});
});
