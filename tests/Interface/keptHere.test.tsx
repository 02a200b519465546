import "fake-indexeddb/auto";
import { act, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { device } from "../../resources/js/outbox/device";
import { DAY } from "../../resources/js/outbox/offlineActions";
import { leave, outboxOf } from "../../resources/js/outbox/wire";
import { setAngler } from "../../resources/js/parts/angler";
import * as clock from "../../resources/js/parts/clock";
import { setOnBoard } from "../../resources/js/parts/kit";
import { PlanView } from "../../resources/js/plans/PlanView";
import { Retied } from "../../resources/js/rig/Retied";
import { StartPart } from "../../resources/js/rig/StartPart";
import type { PlanData, WorkData } from "../../resources/js/types";
import Calibrate from "../../resources/js/water/Calibrate";
import { Practice } from "../../resources/js/work/Practice";
import { visits } from "./inertia";
import { heldFetch, pick, reading } from "./make";

vi.mock("@inertiajs/react", () => import("./inertia"));

const told = vi.hoisted(() => ({ device: vi.fn() }));
vi.mock("../../resources/js/parts/onBoard", () => ({ answerOnBoard: told.device, takeKit: async () => {} }));

let held = heldFetch();

beforeEach(async () => {
	leave();
	for (const table of [device().deeds, device().turned, device().said]) await table.clear();
	held = heldFetch();
	visits.length = 0;
	vi.stubGlobal("fetch", held.fetch);
	vi.spyOn(clock, "isSure").mockReturnValue(true);
	localStorage.clear();
	told.device.mockReset().mockResolvedValue(null);
	setAngler(7);
});

afterEach(() => {
	vi.unstubAllGlobals();
	vi.restoreAllMocks();
	setAngler(null);
});

const waiting = () => outboxOf(7).waiting();

/** What waits here, once anything does. */
const kept = () =>
	vi.waitFor(async () => {
		const all = await waiting();
		expect(all).not.toEqual([]);
		return all;
	});

/** The id by which the server was asked. */
const sentWith = (call: number) => ({ id: (held.calls[call]?.body as { uuid: string } | undefined)?.uuid });

/** What was sent last does not reach the server. */
const unheard = () => act(async () => expect(visits.at(-1)?.[2].onNetworkError?.()).toBe(false));

const readings = {
	depth: reading({ name: "depth", text: "31 ft" }),
	drift: reading({ name: "drift", text: "0.3 mph", source: "assumed" }),
	light: reading({ name: "light", text: null, source: "missing" }),
};

describe("a measurement with no signal", () => {
	const measure = async () => {
		render(<Calibrate pick={pick()} readings={readings} measurements={[]} />);
		fireEvent.change(screen.getByLabelText("Time"), { target: { value: "9 s" } });
		fireEvent.click(screen.getByRole("button", { name: "Keep this measurement" }));
		await unheard();
	};

	it("waits here under the id it was sent with, with the water as it was read, and is listed", async () => {
		await measure();
		expect(await kept()).toMatchObject([
			{
				id: visits[0]?.[1].uuid,
				outing: DAY,
				do: "measure",
				kind: "drop",
				pick: "1.middle.low_hop",
				seconds: "9 s",
				readings: { depth: "31 ft" },
			},
		]);
		await screen.findByText("on this phone, not sent yet");
		expect(screen.getByRole("status").textContent).toBe("Kept. It waits here for a signal.");
		expect((screen.getByLabelText("Time") as HTMLInputElement).value).toBe("");
		// The next is another.
		fireEvent.change(screen.getByLabelText("Time"), { target: { value: "10 s" } });
		fireEvent.click(screen.getByRole("button", { name: "Keep this measurement" }));
		expect(visits[1]?.[1].uuid).not.toBe(visits[0]?.[1].uuid);
	});

	it("is refused by this device where it cannot be, and says what it changes where it can", async () => {
		setOnBoard(true);
		const words = "The time must be more than 0 and at most an hour.";
		told.device.mockResolvedValueOnce({ status: 422, body: { message: words, errors: { seconds: [words] } } });
		await measure();
		await screen.findByText(words);
		expect(await waiting()).toEqual([]);
		expect((screen.getByLabelText("Time") as HTMLInputElement).value).toBe("9 s");
		told.device.mockResolvedValueOnce({ status: 200, body: { said: "Kept. It falls by your drop." } });
		fireEvent.click(screen.getByRole("button", { name: "Keep this measurement" }));
		await unheard();
		await screen.findByText("Kept. It falls by your drop. It waits here for a signal.");
		expect(told.device.mock.lastCall?.[0]).toBe("/measured?kind=drop&pick=1.middle.low_hop&seconds=9+s");
	});

	it("of a start is kept so on Rig too, and told where nobody is signed in", async () => {
		render(<StartPart pick={pick()} readings={readings} />);
		fireEvent.change(screen.getByLabelText(/Tip travel/), { target: { value: "2 in" } });
		fireEvent.click(screen.getByRole("button", { name: "Keep this measurement" }));
		setAngler(null);
		await unheard();
		await screen.findByText("No signal, and it could not be kept here. Try again.");
		setAngler(7);
		fireEvent.click(screen.getByRole("button", { name: "Keep this measurement" }));
		await unheard();
		expect(await kept()).toMatchObject([{ do: "measure", kind: "start", travel: "2 in" }]);
	});
});

describe("with no signal", () => {
	it("a leader that was retied waits here, and nothing is kept of what the server refuses", async () => {
		render(<Retied rod="rod 1" />);
		const press = () => fireEvent.click(screen.getByRole("button", { name: "Retied" }));
		press();
		await act(() => held.calls[0]?.answer(422, { message: "That rod is gone." }));
		await screen.findByText("That rod is gone.");
		expect(await waiting()).toEqual([]);
		press();
		await act(() => held.calls[1]?.fail());
		expect(await kept()).toMatchObject([{ ...sentWith(1), outing: DAY, do: "retie", rod: "rod 1" }]);
		expect(screen.queryByRole("alert")).toBeNull();
	});

	it("a cast is ticked off here, and the next one told", async () => {
		const mark = (n: number) => ({ n, fromX: 0, fromY: 0, toX: n, toY: 1, made: false });
		const plan = {
			uuid: "p1",
			kind: "fan",
			name: "point",
			line: [],
			steps: [],
			marks: [mark(1), mark(2)],
			made: 0,
			total: 2,
			next: 1,
			left: "",
			notes: [],
			sentence: "Two casts",
		} as unknown as PlanData;
		const { rerender } = render(<PlanView first={plan} ticks={[]} />);
		fireEvent.click(screen.getByRole("button", { name: "Made" }));
		await act(() => held.calls[0]?.fail());
		const ticks = await kept();
		expect(ticks).toMatchObject([{ do: "tick", plan: "p1", number: 1, made: true }]);
		rerender(<PlanView first={plan} ticks={ticks as never} />);
		expect(screen.getByText("cast 2 of 2")).toBeTruthy();
	});

	it("a lift from practice becomes one's own here", async () => {
		const work = { cadence: "low_hop", liftM: 0.09, liftS: 0.3, pauseS: 2 } as WorkData;
		const lifts = { said: "even", together: "", wanted: "", made: "", against: "", riseM: 0.12, durationS: 0.4 };
		const practice = {
			told: { ...lifts, speeds: [0.3], wantedMs: 0.3 },
			last: null,
			count: 1,
			trouble: null,
			add: () => {},
			again: () => {},
		};
		render(<Practice work={work} practice={practice} />);
		fireEvent.click(screen.getByRole("button", { name: "Keep this one" }));
		await unheard();
		expect(await kept()).toMatchObject([
			{ do: "own_cadence", cadence: "low_hop", lift: "12 cm", seconds: "0.40", pause: "2" },
		]);
		await waitFor(() => expect(screen.getByRole("status").textContent).toContain("Kept here"));
	});
});
