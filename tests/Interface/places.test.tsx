import { act, fireEvent, render, renderHook, screen } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { Chart } from "../../resources/js/places/Chart";
import { DepthLines } from "../../resources/js/places/DepthLines";
import { SectionPicture } from "../../resources/js/places/SectionPicture";
import { TodayStrip } from "../../resources/js/places/TodayStrip";
import { useImport } from "../../resources/js/places/useImport";
import {
	barOf,
	fewer,
	fitted,
	lineOf,
	lineText,
	onScreen,
	onWater,
	pairs,
	panned,
	zoomed,
} from "../../resources/js/places/view";
import type { GroundData, PlacesPage, SectionData, TodayData } from "../../resources/js/types";

const reload = vi.hoisted(() => vi.fn());
vi.mock("@inertiajs/react", () => ({ router: { reload } }));

beforeEach(() => {
	// A chart of 620 by 336.
	Object.assign(window, { innerWidth: 1292, innerHeight: 586 });
	vi.stubGlobal(
		"ResizeObserver",
		class {
			observe() {}
			disconnect() {}
		},
	);
	// Nothing is painted here.
	vi.spyOn(HTMLCanvasElement.prototype, "getContext").mockReturnValue(null);
	vi.stubGlobal(
		"Path2D",
		class {
			moveTo() {}
			lineTo() {}
			closePath() {}
		},
	);
});

const size = { wide: 600, tall: 300 };

describe("where a place is on the picture", () => {
	it("a long line goes into an address with both its ends", () => {
		const long = Array.from({ length: 301 }, (_, i) => ({ x: i, y: 0 }));
		const short = fewer(long);
		expect(short).toHaveLength(40);
		expect([short[0]?.x, short.at(-1)?.x]).toEqual([0, 300]);
		expect(short.every((point, i) => i === 0 || point.x > (short[i - 1]?.x ?? 0))).toBe(true);
		expect(fewer(long.slice(0, 5))).toEqual(long.slice(0, 5));
	});

	it("fits all of a box and keeps north up", () => {
		const view = fitted({ west: 0, east: 100, south: 0, north: 100 }, size);
		expect(view).toEqual({ x: 50, y: 50, scale: 2.16 });
		const [north, south] = [onScreen(view, size, 50, 100), onScreen(view, size, 50, 0)];
		expect([north.px, south.px]).toEqual([300, 300]);
		expect(north.py, "wind, north and scale lie over none of it").toBeCloseTo(42, 9);
		expect(south.py).toBeCloseTo(258, 9);
		const wide = fitted({ west: 0, east: 1000, south: 0, north: 100 }, size);
		expect(onScreen(wide, size, 0, 50).px).toBeCloseTo(26, 9);
	});

	it("finds the place again under its pixel, however far it is moved and brought nearer", () => {
		let view = fitted({ west: -400, east: 470, south: -250, north: 330 }, size);
		view = panned(zoomed(view, size, 2.7, 40, 250), -37, 81);
		for (const [x, y] of [
			[0, 0],
			[-123.4, 88.8],
		] as const) {
			const { px, py } = onScreen(view, size, x, y);
			const back = onWater(view, size, px, py);
			expect(Math.abs(back.x - x) + Math.abs(back.y - y)).toBeLessThan(0.2);
		}
	});

	it("keeps what lies under the pointer there when it comes nearer", () => {
		const view = { x: 10, y: 20, scale: 2 };
		const under = onWater(view, size, 70, 40);
		const nearer = onScreen(zoomed(view, size, 3, 70, 40), size, under.x, under.y);
		expect([Math.round(nearer.px), Math.round(nearer.py)]).toEqual([70, 40]);
		expect(zoomed(view, size, 1e9).scale).toBe(40);
	});

	it("goes with the hand", () => {
		const moved = panned({ x: 0, y: 0, scale: 2 }, 20, 10);
		expect(onScreen(moved, size, 0, 0)).toEqual({ px: 320, py: 160 });
	});

	it("writes a line into an address and reads it, and takes nothing from nonsense", () => {
		const line = [
			{ x: 0.04, y: -3 },
			{ x: 60.26, y: 10 },
		];
		expect(lineText(line)).toBe("0,-3;60.3,10");
		expect(lineOf("0,-3;60.3,10")).toEqual([
			{ x: 0, y: -3 },
			{ x: 60.3, y: 10 },
		]);
		expect(lineOf("a,b;1")).toEqual([]);
		expect(pairs([1, 2, 3, 4, 5])).toHaveLength(2);
	});

	it("has a round scale no longer than it may be", () => {
		expect([barOf(1, 130), barOf(0.1, 130), barOf(40, 130)]).toEqual([100, 1000, 2]);
	});
});

const ground = (over: Partial<GroundData> = {}): GroundData => ({
	west: 0,
	south: 0,
	stepM: 50,
	columns: 3,
	rows: 3,
	depths: [300, 500, 700, 300, 500, 700, null, 500, 700],
	shallowM: 3,
	deepM: 7,
	known: [[0, 0, 100, 0, 100, 100, 0, 100]],
	lines: [{ text: "15", depthM: 4.6, strong: true, points: [40, 0, 41, 50, 40, 100] }],
	...over,
});

const page = (over: Partial<PlacesPage> = {}): PlacesPage =>
	({
		water: { id: 1, name: "Long tarn" },
		ground: ground(),
		spots: [{ id: 1, name: "Bar", x: 50, y: 50, here: true, bottom: "rock", depth: "20 ft" }],
		marks: [{ uuid: "m1", kind: "snag", word: "snag", words: "at 20 ft", x: 80, y: 20, bottom: null }],
		edges: [{ uuid: "e1", kind: "wall", word: "wall", name: "Dam", points: [0, 0, 100, 0], old: false, lee: [] }],
		looks: [{ kind: "ledge", title: "Ledge at 15 ft", where: "at Bar", reasons: [], x: 40, y: 50, line: null }],
		wind: { fromDeg: 270, words: "wind from the west", driftM: 60, driftWords: "drift in 10 min" },
		unit: "ft",
		unitM: 0.3048,
		...over,
	}) as PlacesPage;

const props = (over: Partial<Parameters<typeof Chart>[0]> = {}) => ({
	page: page(),
	name: "Long tarn",
	boat: null,
	line: [],
	drawing: false,
	chosen: null,
	look: null,
	onPoint: vi.fn(),
	onMark: vi.fn(),
	onEnd: vi.fn(),
	centre: { current: null },
	...over,
});

function chart(over: Partial<Parameters<typeof Chart>[0]> = {}) {
	const told = { onPoint: vi.fn(), onMark: vi.fn(), onEnd: vi.fn() };
	const drawn = render(<Chart {...props({ ...over, ...told })} />);
	return { ...drawn, ...told, frame: screen.getByRole("application") };
}

describe("the chart", () => {
	it("shows the spot, the mark, the line and the scale in the angler's unit", () => {
		const { container } = chart();
		expect(container.textContent).toContain("Bar");
		expect(container.textContent).toMatch(/\d+ ft/);
		expect(container.querySelector("[data-mark='m1'] title")?.textContent).toBe("snag, at 20 ft");
		expect(container.textContent).toContain("wind from the west");
	});

	it("lays a point in its middle by keyboard, where it was moved to", () => {
		const { frame, onPoint } = chart({ drawing: true });
		fireEvent.keyDown(frame, { key: "Enter" });
		expect(onPoint.mock.calls[0]?.[0]).toEqual({ x: 50, y: 50 });
		fireEvent.keyDown(frame, { key: "ArrowLeft" });
		fireEvent.keyDown(frame, { key: "ArrowUp" });
		fireEvent.keyDown(frame, { key: "Enter" });
		const moved = onPoint.mock.calls[1]?.[0];
		expect(moved.x).toBeLessThan(50);
		expect(moved.y).toBeGreaterThan(50);
		fireEvent.keyDown(frame, { key: "0" });
		fireEvent.keyDown(frame, { key: "Enter" });
		expect(onPoint.mock.calls[2]?.[0]).toEqual({ x: 50, y: 50 });
	});

	it("opens the mark that is pressed, but lays a point there while drawing", () => {
		const { frame, onMark, onPoint, rerender } = chart();
		frame.setPointerCapture = () => {};
		const at = { clientX: 0, clientY: 0, button: 0, pointerId: 1 };
		frame.getBoundingClientRect = () => ({ left: 0, top: 0, width: 620, height: 336 }) as DOMRect;
		const view = fitted({ west: 0, east: 100, south: 0, north: 100 }, { wide: 620, tall: 336 });
		const { px, py } = onScreen(view, { wide: 620, tall: 336 }, 80, 20);
		const press = () => {
			fireEvent.pointerDown(frame, { ...at, clientX: px + 3, clientY: py });
			fireEvent.pointerUp(frame, { ...at, clientX: px + 3, clientY: py });
		};
		press();
		expect(onMark.mock.calls[0]?.[0].uuid).toBe("m1");
		expect(onPoint).not.toHaveBeenCalled();
		rerender(
			<Chart
				page={page()}
				name="Long tarn"
				boat={null}
				line={[]}
				drawing
				chosen={null}
				look={null}
				onPoint={onPoint}
				onMark={onMark}
				onEnd={vi.fn()}
				centre={{ current: null }}
			/>,
		);
		press();
		expect(onMark).toHaveBeenCalledTimes(1);
		expect(onPoint).toHaveBeenCalledTimes(1);
	});

	it("comes nearer between two fingers, and lays no point for it", () => {
		const { frame, onPoint, container } = chart({ drawing: true });
		frame.setPointerCapture = () => {};
		frame.getBoundingClientRect = () => ({ left: 0, top: 0, width: 620, height: 336 }) as DOMRect;
		const bar = () => container.querySelector("[data-scale]")?.textContent;
		const before = bar();
		fireEvent.pointerDown(frame, { pointerId: 1, button: 0, clientX: 300, clientY: 150 });
		fireEvent.pointerDown(frame, { pointerId: 2, button: 0, clientX: 340, clientY: 150 });
		fireEvent.pointerMove(frame, { pointerId: 2, clientX: 480, clientY: 150 });
		fireEvent.pointerUp(frame, { pointerId: 2, clientX: 480, clientY: 150 });
		fireEvent.pointerUp(frame, { pointerId: 1, clientX: 300, clientY: 150 });
		expect(Number.parseFloat(bar() ?? "")).toBeLessThan(Number.parseFloat(before ?? ""));
		expect(onPoint).not.toHaveBeenCalled();
	});

	it("moves an end of the line by arrow keys", () => {
		const { onEnd } = chart({
			line: [
				{ x: 0, y: 0 },
				{ x: 50, y: 0 },
			],
		});
		fireEvent.keyDown(screen.getByRole("button", { name: /^End of the line/ }), { key: "ArrowRight" });
		expect(onEnd.mock.calls[0]?.[0]).toBe(1);
		expect(onEnd.mock.calls[0]?.[1].x).toBeGreaterThan(50);
		expect(onEnd.mock.calls[0]?.[1].y).toBeCloseTo(0, 0);
	});

	it("brings the boat into the middle once it is known where it is", () => {
		const { rerender, onPoint, frame } = chart({ drawing: true });
		expect(screen.queryByRole("button", { name: "Boat" })).toBeNull();
		const boat = { x: 93, y: 12, withinM: null, phone: "", recording: null, back: null };
		rerender(<Chart {...props({ drawing: true, boat, onPoint })} />);
		fireEvent.click(screen.getByRole("button", { name: "Boat" }));
		fireEvent.keyDown(frame, { key: "Enter" });
		expect(onPoint).toHaveBeenCalledWith({ x: 93, y: 12 });
	});

	it("paints the ground anew when the chart moves, and not each time that the boat is heard of", () => {
		const known = page();
		const { rerender, frame } = chart({ page: known });
		const painted = () => vi.mocked(HTMLCanvasElement.prototype.getContext).mock.calls.length;
		const before = painted();
		expect(before).toBeGreaterThan(0);
		const boat = { x: 93, y: 12, withinM: null, phone: "", recording: null, back: null };
		const track = { drifts: [[0, 0, 5, 5]], runs: [], signs: [] };
		rerender(<Chart {...props({ page: { ...known, track }, boat })} />);
		expect(painted()).toBe(before);
		fireEvent.keyDown(frame, { key: "+" });
		expect(painted()).toBeGreaterThan(before);
	});

	it("opens on a water of which nothing is known", () => {
		const { frame, onPoint } = chart({
			page: page({ ground: null, spots: [], marks: [], edges: [], looks: [], wind: null }),
		});
		fireEvent.keyDown(frame, { key: "Enter" });
		expect(onPoint.mock.calls[0]?.[0]).toEqual({ x: 0, y: 0 });
	});
});

describe("figures on depth lines", () => {
	it("lie along long lines, upright, and are left off short ones", () => {
		const view = { x: 50, y: 50, scale: 3 };
		const short = ground({ lines: [{ text: "9", depthM: 3, strong: false, points: [0, 0, 10, 0, 20, 0] }] });
		const long = render(
			<svg>
				<title>lines</title>
				<DepthLines ground={ground()} view={view} size={size} unit="ft" />
			</svg>,
		);
		const turns = [...long.container.querySelectorAll("text")].map((text) =>
			Number(/rotate\(([-\d.]+)\)/.exec(text.getAttribute("transform") ?? "")?.[1]),
		);
		expect(turns.length).toBeGreaterThan(0);
		for (const turn of turns) expect(Math.abs(turn)).toBeLessThanOrEqual(90);
		long.unmount();
		const none = render(
			<svg>
				<title>lines</title>
				<DepthLines ground={short} view={view} size={size} unit="ft" />
			</svg>,
		);
		expect(none.container.querySelectorAll("text")).toHaveLength(0);
	});
});

const section = (over: Partial<SectionData> = {}): SectionData => ({
	sentence: "It drops 33 ft in 130 ft",
	words: "steepest 45°, one ledge",
	line: "0,0;40,0",
	lengthM: 40,
	along: [0, 10, 20, 30, 40],
	depths: [null, 2, 6, 6, 12],
	deepM: 12,
	walls: [[10, 20, 22]],
	ledges: [{ alongM: 25, depthM: 6, text: "ledge, 20 ft", aimAlongM: 24, cast: "Bail closed …" }],
	standM: 40,
	fish: "Sets the depth to 39 ft.",
	...over,
});

describe("the section below a line", () => {
	it("is drawn one to one where it fits, and says so where it is not", () => {
		const { rerender, container } = render(
			<SectionPicture section={section()} unit="ft" unitM={0.3048} wide={600} stale={false} />,
		);
		expect(container.textContent).toContain("Drawn one to one");
		expect(container.textContent).toContain("ledge, 20 ft");
		rerender(
			<SectionPicture
				section={section({ lengthM: 4000, along: [0, 1000, 2000, 3000, 4000], walls: [], ledges: [] })}
				unit="ft"
				unitM={0.3048}
				wide={600}
				stale={false}
			/>,
		);
		expect(container.textContent).toMatch(/Depth is drawn \d+× as tall/);
	});

	it("leaves bare what is not known, in one or several pieces", () => {
		const { container } = render(
			<SectionPicture
				section={section({ depths: [2, 3, null, 4, 5], walls: [], ledges: [] })}
				unit="ft"
				unitM={0.3048}
				wide={600}
				stale={false}
			/>,
		);
		expect(container.querySelectorAll("path[fill='url(#section-water)']")).toHaveLength(2);
	});
});

const today = (over: Partial<TodayData> = {}): TodayData => ({
	from: "2026-11-25T00:00:00Z",
	to: "2026-11-26T00:00:00Z",
	sunrise: "2026-11-25T08:00:00Z",
	sunset: "2026-11-25T16:00:00Z",
	light: [
		{ from: "2026-11-25T00:00:00Z", to: "2026-11-25T07:00:00Z", what: "" },
		{ from: "2026-11-25T07:00:00Z", to: "2026-11-25T08:30:00Z", what: "dim" },
		{ from: "2026-11-25T08:30:00Z", to: "2026-11-26T00:00:00Z", what: "mixed" },
	],
	tide: [],
	turns: [],
	runs: "",
	worth: [],
	sky: "broken cloud",
	lightNow: "dim",
	forecast: "Made-up forecast: calm",
	proposes: { wind: "5 mph" },
	...over,
});

describe("the day", () => {
	it("says when it is dim, draws each part as long as it lasts, and offers and never sets", () => {
		const onLight = vi.fn();
		const onForecast = vi.fn();
		const { container } = render(<TodayStrip today={today()} onLight={onLight} onForecast={onForecast} />);
		expect(container.textContent).toMatch(/^Dim .* to .*; broken cloud\./);
		const widths = [...container.querySelectorAll("rect:not(:has(title))")].map((rect) =>
			Math.round(Number(rect.getAttribute("width"))),
		);
		expect(widths).toEqual([88, 19, 194]);
		expect(onLight).not.toHaveBeenCalled();
		fireEvent.click(screen.getByRole("button", { name: "Read it so" }));
		fireEvent.click(screen.getByRole("button", { name: "Take these readings" }));
		expect([onLight.mock.calls[0]?.[0], onForecast.mock.calls[0]?.[0]]).toEqual(["dim", { wind: "5 mph" }]);
	});

	it("says that the sun does not rise, and draws a tide with its turns", () => {
		const night = [{ from: "2026-11-25T00:00:00Z", to: "2026-11-26T00:00:00Z", what: "" }];
		const turns = [{ at: "2026-11-25T06:00:00Z", kind: "high", height: "9 ft" }];
		const { container } = render(
			<TodayStrip
				today={today({ light: night, sunrise: null, sunset: null, tide: [1, 2, 1], turns, runs: "The ebb runs" })}
			/>,
		);
		expect(container.textContent).toContain("The sun does not rise today");
		expect(container.textContent).toContain("The ebb runs.");
		expect(container.textContent).toMatch(/high .*, 9 ft/);
		expect(container.querySelectorAll("path").length).toBeGreaterThanOrEqual(2);
	});
});

describe("bringing a file in", () => {
	class Request {
		static last: Request;
		upload: { onprogress?: (event: object) => void; onload?: () => void } = {};
		responseText = "";
		onprogress?: () => void;
		onload?: () => void;
		onabort?: () => void;
		sent: FormData | null = null;
		constructor() {
			Request.last = this;
		}
		open() {}
		setRequestHeader() {}
		send(body: FormData) {
			this.sent = body;
		}
		abort() {
			this.onabort?.();
		}
		hear(text: string) {
			this.responseText += text;
			this.onprogress?.();
		}
	}

	beforeEach(() => {
		vi.stubGlobal("XMLHttpRequest", Request);
		reload.mockClear();
	});

	it("tells how far it is from half lines too, and what was done in the end", () => {
		const { result } = renderHook(() => useImport(1));
		act(() => result.current.take(new File(["x"], "day.gpx")));
		expect(result.current.busy).toBe("Sending it");
		act(() => Request.last.upload.onload?.());
		act(() => Request.last.hear('{"done":0.2}\n{"do'));
		expect(result.current.share).toBeCloseTo(0.44);
		act(() => Request.last.hear('ne":0.5}\n'));
		expect(result.current.share).toBeCloseTo(0.65);
		Request.last.responseText += '{"said":"12 soundings."}\n';
		act(() => Request.last.onload?.());
		expect([result.current.busy, result.current.said, result.current.trouble]).toEqual([null, "12 soundings.", null]);
		expect(reload).toHaveBeenCalledTimes(1);
	});

	it("says why it is refused, and that nothing came of what was called off", () => {
		const { result } = renderHook(() => useImport(1));
		act(() => result.current.take(new File(["x"], "day.gpx")));
		Request.last.responseText = '{"trouble":"That GPX file is broken on line 1; export it anew."}\n';
		act(() => Request.last.onload?.());
		expect(result.current.trouble).toContain("broken on line 1");
		act(() => result.current.take(new File(["x"], "day.gpx")));
		act(() => result.current.cancel());
		expect(result.current.trouble).toBe("Canceled: nothing was read in.");
		expect(reload).not.toHaveBeenCalled();
	});
});
