import { act, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Live } from "../../resources/js/readings/useAnswer";
import { InAndOut } from "../../resources/js/tackle/InAndOut";
import type { CastData, ChartData, ImportData, MeasurementData } from "../../resources/js/types";
import Calibrate from "../../resources/js/water/Calibrate";
import Cast from "../../resources/js/water/Cast";
import Instruments from "../../resources/js/water/Instruments";
import WeightChart from "../../resources/js/water/WeightChart";
import { visits as posted } from "./inertia";
import { answer, pick, reading } from "./make";

vi.mock("@inertiajs/react", () => import("./inertia"));

let replies: Record<string, unknown> = {};
const asked: string[] = [];

beforeEach(() => {
	posted.length = 0;
	asked.length = 0;
	vi.stubGlobal("fetch", async (url: string) => {
		asked.push(url);
		const key = Object.keys(replies).find((start) => url.startsWith(start));
		const [status, body] = key ? (replies[key] as [number, unknown]) : [404, {}];
		return new Response(JSON.stringify(body), { status });
	});
});

afterEach(() => vi.unstubAllGlobals());

function live(over: Partial<Live> = {}) {
	const changed: Record<string, string | null>[] = [];
	const pinned: [string, boolean][] = [];
	return {
		changed,
		pinned,
		live: {
			answer: answer(),
			pending: {},
			troubles: {},
			changeMany: (texts: Record<string, string | null>) => changed.push(texts),
			pin: (name: string, on: boolean) => pinned.push([name, on]),
			...over,
		} as unknown as Live,
	};
}

const chart: ChartData = {
	across: "drift",
	of: "box",
	acrossLabel: "drift, on 0.2 mm line",
	columns: ["0 mph", "0.3 mph"],
	columnTexts: ["0 mph", "0.3 mph"],
	rows: [
		{
			depth: "10 ft",
			cells: [
				{ words: "¼ oz", massKg: 0.0071, here: false },
				{ words: "½ oz", massKg: 0.0142, here: false },
			],
		},
		{
			depth: "26 ft",
			cells: [
				{ words: "¼ oz", massKg: 0.0071, here: false },
				{ words: "–", massKg: null, here: true },
			],
		},
	],
	sentence: "Nothing here stays straight down at today's readings",
	note: "A dash where none is.",
};

describe("which weight where", () => {
	beforeEach(() => {
		replies = { "/chart": [200, chart] };
	});
	const cell = (name: string) => screen.getByRole("button", { name });

	it("has its weights in words and frames today in words too", async () => {
		render(<WeightChart live={live().live} />);
		await waitFor(() => screen.getByText(chart.sentence));
		expect(cell("10 ft, 0.3 mph: ½ oz").textContent).toBe("½");
		expect(cell("26 ft, 0.3 mph: none stays straight down, today").textContent).toBe("–");
		expect(screen.getByText("none of these stays straight down.")).toBeTruthy();
	});

	it("is read with the arrow keys, one cell in the order of Tab", async () => {
		render(<WeightChart live={live().live} />);
		await waitFor(() => screen.getByText(chart.sentence));
		const here = cell("26 ft, 0.3 mph: none stays straight down, today");
		expect(here.tabIndex).toBe(0);
		here.focus();
		fireEvent.keyDown(here, { key: "ArrowUp" });
		expect(document.activeElement).toBe(cell("10 ft, 0.3 mph: ½ oz"));
		fireEvent.keyDown(cell("10 ft, 0.3 mph: ½ oz"), { key: "ArrowUp" });
		fireEvent.keyDown(cell("10 ft, 0.3 mph: ½ oz"), { key: "ArrowLeft" });
		expect(document.activeElement).toBe(cell("10 ft, 0 mph: ¼ oz"));
		expect(screen.getAllByRole("button").filter((button) => button.dataset.cell && button.tabIndex === 0)).toHaveLength(
			1,
		);
		expect(screen.getByText("¼ oz and heavier stay straight down.")).toBeTruthy();
	});

	it("sets depth and drift by a click, depth alone where lines stand across", async () => {
		const to = live();
		const { unmount } = render(<WeightChart live={to.live} />);
		await waitFor(() => screen.getByText(chart.sentence));
		fireEvent.click(cell("10 ft, 0.3 mph: ½ oz"));
		expect(to.changed).toEqual([{ depth: "10 ft", drift: "0.3 mph" }]);
		unmount();
		replies = { "/chart": [200, { ...chart, across: "line", columns: ["0.1 mm", "0.2 mm"], columnTexts: [] }] };
		render(<WeightChart live={to.live} />);
		await waitFor(() => screen.getByText(chart.sentence));
		fireEvent.click(cell("10 ft, 0.2 mm: ½ oz"));
		expect(to.changed[1]).toEqual({ depth: "10 ft" });
	});

	it("asks again across lines and for the whole series", async () => {
		render(<WeightChart live={live().live} />);
		await waitFor(() => screen.getByText(chart.sentence));
		fireEvent.click(screen.getByRole("radio", { name: "line diameter" }));
		fireEvent.click(screen.getByRole("radio", { name: "the whole series" }));
		await waitFor(() => expect(asked.at(-1)).toBe("/chart?across=line&of=series"));
	});
});

describe("a cast", () => {
	const cast: CastData = {
		path: [
			{ x: 24, h: 8 },
			{ x: 23, h: 0 },
		],
		lengthM: 24,
		depthM: 8,
		landsText: "76 ft",
		secondsText: "24 s",
		aim: "Bail closed: cast 4.3 ft past the fish",
		numbers: ["swings in 4.3 ft"],
		work: "32 hops.",
	};

	it("leads with where to aim and says in words what it draws", async () => {
		replies = { "/cast": [200, cast] };
		render(<Cast live={live().live} pick={pick()} depthUnit="ft" />);
		await waitFor(() => screen.getByRole("heading", { name: cast.aim }));
		expect(screen.getByRole("img").getAttribute("aria-label")).toContain("swings in 4.3 ft");
		// As it is read today.
		expect(asked[0]).toContain("length=80+ft&bail=open");
		fireEvent.click(screen.getByRole("radio", { name: "closed, tight line" }));
		await waitFor(() => expect(asked.at(-1)).toContain("bail=closed"));
	});

	it("draws nothing of a cast that cannot be", async () => {
		replies = {
			"/cast": [422, { message: "no", errors: { length: ["The cast is shorter than the water is deep."] } }],
		};
		render(<Cast live={live().live} pick={pick()} depthUnit="ft" />);
		await waitFor(() =>
			expect(screen.getByRole("alert").textContent).toBe("The cast is shorter than the water is deep."),
		);
		expect(screen.queryByRole("img")).toBeNull();
	});
});

describe("measuring", () => {
	const one: MeasurementData = {
		uuid: "m1",
		kind: "drop",
		title: "½ oz blade",
		measured: "sinks at 0.8 m/s",
		estimate: "estimate 0.95 m/s",
		method: "timed",
		at: new Date().toISOString(),
	};

	it("times with one button and keeps what it timed", () => {
		vi.useFakeTimers();
		render(<Calibrate pick={pick()} readings={{}} measurements={[]} />);
		fireEvent.click(screen.getByRole("button", { name: "Start" }));
		act(() => void vi.advanceTimersByTime(9300));
		fireEvent.click(screen.getByRole("button", { name: /stop/ }));
		vi.useRealTimers();
		expect((screen.getByLabelText("Time") as HTMLInputElement).value).toBe("9.3 s");
		fireEvent.click(screen.getByRole("button", { name: "Keep this measurement" }));
		expect(posted[0]?.[0]).toBe("/measurements");
		expect(posted[0]?.[1]).toMatchObject({ kind: "drop", pick: "1.middle.low_hop", seconds: "9.3 s" });
	});

	it("repeats under the same id after a refusal, and takes a new one after it was kept", () => {
		render(<Calibrate pick={pick()} readings={{}} measurements={[]} />);
		const keep = () => fireEvent.click(screen.getByRole("button", { name: "Keep this measurement" }));
		keep();
		act(() => posted[0]?.[2].onError?.({ seconds: "Say how long it took." }));
		expect(screen.getByRole("alert").textContent).toBe("Say how long it took.");
		keep();
		expect(posted[1]?.[1].uuid).toBe(posted[0]?.[1].uuid);
		act(() => posted[1]?.[2].onSuccess?.());
		keep();
		expect(posted[2]?.[1].uuid).not.toBe(posted[0]?.[1].uuid);
		expect(screen.queryByRole("alert")).toBeNull();
	});

	it("shows each measurement beside its estimate and takes it away", () => {
		render(<Calibrate pick={pick()} readings={{}} measurements={[one]} />);
		expect(screen.getByText(/estimate 0.95 m\/s/)).toBeTruthy();
		fireEvent.click(screen.getByRole("button", { name: "Take away ½ oz blade: sinks at 0.8 m/s" }));
		expect(posted[0]?.[0]).toBe("/measurements/m1");
	});
});

describe("instruments", () => {
	it("say that there are none, that they speak, that they are silent", () => {
		const feed = { address: "boat", live: true, words: "heard" };
		const { rerender } = render(<Instruments live={live().live} />);
		expect(screen.getByText("No instruments are connected")).toBeTruthy();
		rerender(<Instruments live={live({ answer: answer({ feed }) }).live} />);
		expect(screen.getByText("Instruments fill the readings")).toBeTruthy();
		rerender(<Instruments live={live({ answer: answer({ feed: { ...feed, live: false } }) }).live} />);
		expect(screen.getByText("The instruments are silent")).toBeTruthy();
	});

	it("pin a reading, and mark one that is stale", () => {
		const to = live({
			answer: answer({
				readings: {
					depth: reading({ source: "instrument", stale: true, readAt: new Date(Date.now() - 40_000).toISOString() }),
				},
			}),
		});
		render(<Instruments live={to.live} />);
		expect(screen.getByText("40 s ago, stale")).toBeTruthy();
		fireEvent.click(screen.getByRole("checkbox", { name: "Pin depth" }));
		expect(to.pinned).toEqual([["depth", true]]);
	});
});

describe("the box as a file", () => {
	const plan: ImportData = {
		add: 2,
		change: 1,
		same: 0,
		refused: 1,
		lines: [{ line: 4, status: "refused", words: "weight: can't be read." }],
	};

	it("shows what would happen before anything does, then takes the good ones in", async () => {
		replies = { "/box/preview": [200, plan], "/box/import": [200, plan] };
		let taken = 0;
		render(<InAndOut onTaken={() => taken++} />);
		fireEvent.click(screen.getByRole("button", { name: "In and out" }));
		fireEvent.change(screen.getByLabelText("Bring in a CSV or JSON file"), {
			target: { files: [new File(["a"], "box.csv")] },
		});
		await waitFor(() => screen.getByText("weight: can't be read."));
		expect(asked).toEqual(["/box/preview"]);
		await act(async () => fireEvent.click(screen.getByRole("button", { name: "Take in 3" })));
		await waitFor(() => expect(taken).toBe(1));
		expect(asked).toEqual(["/box/preview", "/box/import"]);
		expect(screen.getByText(/Taken in: 2 added/)).toBeTruthy();
	});

	it("says why a file cannot be used", async () => {
		replies = { "/box/preview": [422, { message: "no", errors: { file: ["That is a packed or other file."] } }] };
		render(<InAndOut onTaken={() => {}} />);
		fireEvent.click(screen.getByRole("button", { name: "In and out" }));
		fireEvent.change(screen.getByLabelText("Bring in a CSV or JSON file"), {
			target: { files: [new File(["PK"], "box.zip")] },
		});
		await waitFor(() => expect(screen.getByRole("alert").textContent).toBe("That is a packed or other file."));
		expect(screen.queryByRole("button", { name: /Take in/ })).toBeNull();
	});
});
