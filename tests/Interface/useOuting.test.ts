import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { useOuting } from "../../resources/js/fish/useOuting";
import type { OutingData } from "../../resources/js/types";
import { column, heldFetch } from "./make";

class Silent {
	onmessage: (() => void) | null = null;
	static said = 0;
	static open: Silent[] = [];
	constructor() {
		Silent.open.push(this);
	}
	postMessage() {
		Silent.said++;
	}
	close() {
		Silent.open = Silent.open.filter((one) => one !== this);
	}
}

const outing = (over: Partial<OutingData> = {}): OutingData => ({
	uuid: "o1",
	asOf: "2026-11-25T06:30:00.000+00:00",
	place: "North bar",
	startedAt: "2026-11-25T06:00:00Z",
	title: "½ oz blade, white",
	subtitle: "middle hole",
	water: "26 ft",
	setup: "s1",
	dropsSinceTouch: 0,
	drops: 0,
	touches: 0,
	landed: 0,
	sinceTouch: null,
	touched: false,
	minutesPerDrop: null,
	events: [],
	species: [],
	sought: "walleye",
	lengthUnit: "in",
	pick: null,
	rig: null,
	move: null,
	forgotten: null,
	counts: "",
	pace: "",
	worked: null,
	pads: [],
	rods: [],
	takenBack: null,
	...over,
});

let held = heldFetch();
const firstColumn = column();

beforeEach(() => {
	held = heldFetch();
	localStorage.clear();
	Silent.said = 0;
	vi.stubGlobal("fetch", held.fetch);
	vi.stubGlobal("BroadcastChannel", Silent);
});

afterEach(() => vi.unstubAllGlobals());

const start = (first = outing(), onStale = () => {}) => renderHook(() => useOuting(first, firstColumn, onStale));

const idOf = (call: number) => (held.calls[call]?.body as { uuid?: string } | undefined)?.uuid;

describe("logging", () => {
	it("sends the entry with an id and a time of its own and shows the answer", async () => {
		const { result } = start();
		act(() => void result.current.log({ kind: "drop" }));
		await act(async () => {});
		expect(held.calls[0]).toMatchObject({ url: "/outings/o1/events", body: { kind: "drop" } });
		expect(idOf(0)).toMatch(/^[0-9a-f-]{36}$/);
		expect(result.current.waiting).toBe(1);
		await act(() => held.calls[0]?.answer(200, { outing: outing({ drops: 1 }), column: column() }));
		expect(result.current.outing.drops).toBe(1);
		expect(result.current.waiting).toBe(0);
		expect(Silent.said).toBe(1);
	});

	it("keeps quick taps in order and sends one after the other", async () => {
		const { result } = start();
		act(() => {
			void result.current.log({ kind: "drop" });
			void result.current.log({ kind: "touch", came: "fall" });
		});
		await act(async () => {});
		expect(held.calls).toHaveLength(1);
		await act(() => held.calls[0]?.answer(200, { outing: outing({ drops: 1 }), column: column() }));
		expect(held.calls[1]?.body).toMatchObject({ kind: "touch", came: "fall" });
	});

	it("keeps what could not be sent, over a reload too, under the same id", async () => {
		const { result, unmount } = start();
		act(() => void result.current.log({ kind: "drop" }));
		await act(async () => {});
		const id = idOf(0);
		await act(() => held.calls[0]?.fail());
		expect(result.current.trouble).toContain("No connection");
		expect(result.current.waiting).toBe(1);
		unmount();

		const again = start();
		await act(async () => {});
		expect(idOf(1)).toBe(id);
		await act(() => held.calls[1]?.answer(200, { outing: outing({ drops: 1 }), column: column() }));
		expect(again.result.current.waiting).toBe(0);
		expect(JSON.parse(localStorage.getItem("not sent o1") ?? "null")).toEqual([]);
	});

	it("sends again when the connection is back", async () => {
		const { result } = start();
		act(() => void result.current.log({ kind: "drop" }));
		await act(async () => {});
		await act(() => held.calls[0]?.fail());
		await act(async () => void window.dispatchEvent(new Event("online")));
		expect(held.calls).toHaveLength(2);
	});

	it("lets go of what was refused and says why, by field", async () => {
		const { result } = start();
		let kept: boolean | undefined;
		act(() => {
			void result.current.log({ kind: "fish", species: "walleye", length: "9 ft" }).then((answer) => {
				kept = answer;
			});
		});
		await act(async () => {});
		await act(() => held.calls[0]?.answer(422, { message: "no", errors: { length: ["A fish measures less."] } }));
		expect(kept).toBe(false);
		expect(result.current.fields).toEqual({ length: "A fish measures less." });
		expect(result.current.waiting).toBe(0);
	});
});

describe("what waited long", () => {
	const wait = (...kinds: string[]) =>
		localStorage.setItem(
			"not sent o1",
			JSON.stringify(
				kinds.map((kind, i) => ({ id: `w${i}`, entry: { kind }, at: "2026-11-25T06:00:00Z", setup: "s1" })),
			),
		);

	it("is shown as counted, sent all at once, and what is refused is told and holds up nothing", async () => {
		wait("drop", "drop", "nap");
		const { result } = start();
		await act(async () => {});
		expect(result.current.outing.drops).toBe(2);
		expect(held.calls[0]).toMatchObject({
			url: "/outings/o1/taps",
			body: { taps: [{ uuid: "w0" }, { uuid: "w1" }, { uuid: "w2" }] },
		});
		await act(() =>
			held.calls[0]?.answer(200, {
				outing: outing({ drops: 2 }),
				column: column(),
				refused: [{ id: "w2", why: "There is no such thing." }],
			}),
		);
		expect(result.current.waiting).toBe(0);
		expect(result.current.turned).toMatchObject([{ id: "w2", why: "There is no such thing." }]);
		act(() => result.current.letGo("w2"));
		expect(result.current.turned).toEqual([]);
		expect(JSON.parse(localStorage.getItem("not taken not sent o1") ?? "null")).toEqual([]);
	});

	it("is turned away alone where it stands alone, and the next goes on", async () => {
		wait("drop");
		const { result } = start();
		await act(async () => {});
		await act(() => held.calls[0]?.answer(422, { message: "This outing has ended.", errors: {} }));
		expect(result.current.turned).toMatchObject([{ id: "w0", why: "This outing has ended." }]);
		act(() => void result.current.log({ kind: "drop" }));
		await act(async () => {});
		await act(() => held.calls[1]?.answer(200, { outing: outing({ drops: 1 }), column: column() }));
		expect([result.current.waiting, result.current.outing.drops]).toEqual([0, 1]);
	});

	it("shows the last answer rather than an older page", () => {
		const newer = outing({ asOf: "2026-11-25T07:00:00.000+00:00", drops: 9 });
		localStorage.setItem("last o1", JSON.stringify({ outing: newer, column: column() }));
		expect(start().result.current.outing.drops).toBe(9);
		expect(start(outing({ asOf: "2026-11-25T08:00:00.000+00:00", drops: 10 })).result.current.outing.drops).toBe(10);
	});
});

describe("what was taken back", () => {
	it("is put back by its address", async () => {
		const { result } = start();
		act(() => void result.current.putBack("e7"));
		await act(async () => {});
		expect([held.calls[0]?.method, held.calls[0]?.url]).toEqual(["PUT", "/events/e7/put-back"]);
		await act(() => held.calls[0]?.answer(200, { outing: outing({ drops: 4 }), column: column() }));
		expect(result.current.outing.drops).toBe(4);
	});

	it("stays taken back, and that is said, where nothing answers", async () => {
		const { result } = start();
		act(() => void result.current.putBack("e7"));
		await act(async () => {});
		await act(() => held.calls[0]?.fail());
		expect(result.current.trouble).toBe("No connection. Nothing was put back; try again.");
	});
});

describe("undo", () => {
	it("takes the newest event back", async () => {
		const first = outing({
			drops: 2,
			events: [
				{
					uuid: "e2",
					kind: "drop",
					words: "2 drops",
					at: "",
					depthText: "",
					computed: false,
					bite: null,
					lureLost: null,
				},
			],
		});
		const { result } = start(first);
		act(() => void result.current.undo());
		await act(async () => {});
		expect(held.calls[0]).toMatchObject({ method: "DELETE", url: "/events/e2" });
		await act(() => held.calls[0]?.answer(200, { outing: outing({ drops: 1 }), column: column() }));
		expect(result.current.outing.drops).toBe(1);
	});

	it("takes back what was never sent without asking anybody", async () => {
		const { result } = start();
		act(() => void result.current.log({ kind: "drop" }));
		await act(async () => {});
		await act(() => held.calls[0]?.fail());
		await act(() => result.current.undo());
		expect(result.current.waiting).toBe(0);
		expect(held.calls).toHaveLength(1);
	});

	it("does not take the next entry along when one is taken back on its way", async () => {
		const { result } = start();
		act(() => void result.current.log({ kind: "drop" }));
		await act(async () => {});
		const first = idOf(0);
		act(() => void result.current.undo());
		act(() => void result.current.log({ kind: "touch" }));
		await act(() => held.calls[0]?.answer(200, { outing: outing({ drops: 1 }), column: column() }));
		expect(held.calls[1]?.body).toMatchObject({ kind: "touch" });
		await act(() => held.calls[1]?.answer(200, { outing: outing({ drops: 1, touches: 1 }), column: column() }));
		expect(held.calls[2]).toMatchObject({ method: "DELETE", url: `/events/${first}` });
		await act(() => held.calls[2]?.answer(200, { outing: outing({ touches: 1 }), column: column() }));
		expect(result.current.waiting).toBe(0);
		expect(result.current.outing.touches).toBe(1);
	});

	it("takes back what may have arrived once there is a connection again", async () => {
		const { result } = start();
		act(() => void result.current.log({ kind: "drop" }));
		await act(async () => {});
		const id = idOf(0);
		act(() => void result.current.undo());
		await act(() => held.calls[0]?.fail());
		expect(result.current.waiting).toBe(1);
		await act(async () => void window.dispatchEvent(new Event("online")));
		expect(held.calls[1]).toMatchObject({ method: "DELETE", url: `/events/${id}` });
		await act(() => held.calls[1]?.answer(404, { message: "There is nothing at this address." }));
		expect(result.current.waiting).toBe(0);
	});

	it("starts with nothing when what was left behind cannot be read", async () => {
		localStorage.setItem("not sent o1", "{broken");
		expect(start().result.current.waiting).toBe(0);
	});

	it("says when it could not", async () => {
		const { result } = start(
			outing({
				events: [
					{
						uuid: "e1",
						kind: "drop",
						words: "Drop",
						at: "",
						depthText: "",
						computed: false,
						bite: null,
						lureLost: null,
					},
				],
			}),
		);
		act(() => void result.current.undo());
		await act(async () => {});
		await act(() => held.calls[0]?.fail());
		expect(result.current.trouble).toBe("No connection. Nothing was undone; try again.");
	});
});

describe("another tab", () => {
	it("that has logged makes this one look again, until it is left", () => {
		const look = vi.fn();
		const { unmount } = start(outing(), look);
		expect(look).not.toHaveBeenCalled();
		for (const channel of Silent.open) channel.onmessage?.();
		expect(look).toHaveBeenCalledTimes(1);
		unmount();
		expect(Silent.open).toEqual([]);
	});
});
