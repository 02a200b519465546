import "fake-indexeddb/auto";
import { act, renderHook, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { useOuting } from "../../resources/js/fish/useOuting";
import { device } from "../../resources/js/outbox/device";
import type { OfflineAction } from "../../resources/js/outbox/offlineActions";
import { outboxOf } from "../../resources/js/outbox/wire";
import { column, heldFetch } from "./make";
import { event, outing, tally } from "./outing";

let angler = 7;
vi.mock("@inertiajs/react", () => ({ usePage: () => ({ props: { anglerId: angler } }) }));

class Silent {
	onmessage: ((message: { data: unknown }) => void) | null = null;
	static said: unknown[] = [];
	static open: Silent[] = [];
	constructor() {
		Silent.open.push(this);
	}
	postMessage(data: unknown) {
		Silent.said.push(data);
	}
	close() {
		Silent.open = Silent.open.filter((one) => one !== this);
	}
}

let held = heldFetch();
const firstColumn = column();

beforeEach(async () => {
	held = heldFetch();
	angler++;
	localStorage.clear();
	Silent.said = [];
	vi.stubGlobal("fetch", held.fetch);
	vi.stubGlobal("BroadcastChannel", Silent);
	await device().deeds.clear();
	await device().turned.clear();
	await device().said.clear();
});

afterEach(() => vi.unstubAllGlobals());

const start = (first = outing(), onStale = () => {}) => renderHook(() => useOuting(first, firstColumn, onStale));

type Sent = { taps: { uuid: string; kind?: string; do: string; event?: string }[] };
const sent = () => held.calls.filter(({ url }) => url.endsWith("/taps"));
const taps = (call: number) => (sent()[call]?.body as Sent | undefined)?.taps ?? [];
const asked = (count: number) => waitFor(() => expect(sent()).toHaveLength(count));
/** What the device asks once something has arrived. */
const words = () => held.calls.filter(({ url }) => url.endsWith("/now"));
const later = (ms: number) => new Date(Date.now() + ms).toISOString();
/** What the server says: of all that was sent, what it does not refuse is taken. */
const told = (call: number, over = {}, refused: { id: string; why: string; because?: string }[] = []) => ({
	form: "eskith-taps",
	angler,
	goes: "here",
	place: "North bar",
	taken: taps(call)
		.map(({ uuid }) => uuid)
		.filter((id) => !refused.some((one) => one.id === id)),
	refused,
	into: "o1",
	asOf: new Date().toISOString(),
	...over,
});
const answer = (call: number, over = {}, refused: { id: string; why: string; because?: string }[] = []) =>
	act(async () => sent()[call]?.answer(200, told(call, over, refused)));
const notSent = async (whose: number) => device().deeds.where({ angler: whose }).count();

describe("what is tapped right after another thing", () => {
	it("goes to what was just tied on, though the device has not kept that yet", async () => {
		const { result } = start();
		await waitFor(() => expect(result.current.waiting).toBe(0));
		act(() => {
			result.current.tieOn({ lure: 5, hole: null, cadence: "hand_feed", words: "¾ oz spoon", way: "hand feed" });
			result.current.log({ kind: "drop" });
			result.current.move({ spot: 2, name: null, water: null, words: "South hump · Slate Lake", depth: "" });
			result.current.log({ kind: "touch" });
		});
		await waitFor(() => expect(result.current.waiting).toBe(4));
		const deeds = (await device().deeds.where({ angler }).toArray()).map(({ deed }) => deed);
		const [tied, drop, moved, touch] = deeds as [OfflineAction, OfflineAction, OfflineAction, OfflineAction];
		expect(drop).toMatchObject({ do: "log", setup: tied.id });
		expect(touch).toMatchObject({ do: "log", setup: moved.do === "move" ? moved.setups.this : "" });
	});
});

describe("logging", () => {
	it("is kept on the device before anything is sent, shown at once, and gone when it has arrived", async () => {
		const { result } = start();
		act(() => result.current.log({ kind: "drop" }));
		await waitFor(() => expect(result.current.waiting).toBe(1));
		expect(await notSent(angler)).toBe(1);
		expect(result.current.outing.drops).toBe(1);
		await asked(1);
		expect(sent()[0]?.url).toBe("/outings/o1/taps");
		expect(taps(0)).toMatchObject([{ kind: "drop", do: "log", rod: "this", setup: "s1" }]);
		expect(taps(0)[0]?.uuid).toMatch(/^[0-9a-f-]{36}$/);
		await answer(0);
		await waitFor(() => expect(result.current.waiting).toBe(0));
		expect(result.current.outing.drops).toBe(1);
		expect(Silent.said).toMatchObject([
			{ angler, answer: { outing: { tally: { drops: 0 } }, since: [{ do: "log" }] } },
		]);
	});

	it("asks for the server's word once after a burst, and shows what was tapped until that has it", async () => {
		const { result } = start();
		for (const n of [0, 1, 2]) {
			act(() => result.current.log({ kind: "drop" }));
			await asked(n + 1);
			await answer(n, { asOf: later(n) });
		}
		// Where the taps themselves took long it was asked before, and called off by the next.
		const standing = () => words().filter(({ signal }) => !signal?.aborted);
		await waitFor(() => expect(standing()).toHaveLength(1), { timeout: 10_000 });
		expect([result.current.waiting, result.current.outing.drops]).toEqual([0, 3]);
		// As the server counts them: one was of another rod.
		const word = outing({ asOf: later(9), tally: tally({ drops: 2 }) });
		await act(async () => standing()[0]?.answer(200, { outing: word, column: column() }));
		expect(result.current.outing.drops).toBe(2);
	});

	it("takes no word that was given before a tap was taken, and keeps what was taken over a reload", async () => {
		const { result, unmount } = start();
		act(() => result.current.log({ kind: "drop" }));
		await asked(1);
		await answer(0, { asOf: later(50) });
		await waitFor(() => expect(words()).toHaveLength(1), { timeout: 3_000 });
		const before = outing({ asOf: later(-500) });
		await act(async () => words()[0]?.answer(200, { outing: before, column: column() }));
		expect(result.current.outing.drops).toBe(1);
		unmount();
		const again = start();
		await waitFor(() => expect([again.result.current.waiting, again.result.current.outing.drops]).toEqual([0, 1]));
	});

	it("looks at the outing anew where the server knows it no more, and asks again where nothing answers", async () => {
		vi.useFakeTimers({ shouldAdvanceTime: true });
		const look = vi.fn();
		const { result } = start(outing(), look);
		act(() => result.current.log({ kind: "drop" }));
		await asked(1);
		await answer(0);
		await act(async () => void vi.advanceTimersByTime(500));
		await act(async () => words()[0]?.fail());
		expect(look).not.toHaveBeenCalled();
		await act(async () => void vi.advanceTimersByTime(16_000));
		expect(words()).toHaveLength(2);
		await act(async () => words()[1]?.answer(404, { message: "gone" }));
		await waitFor(() => expect(look).toHaveBeenCalledTimes(1));
		vi.useRealTimers();
	});

	it("sends what was tapped meanwhile together, in order, once the first has arrived", async () => {
		const { result } = start();
		act(() => result.current.log({ kind: "drop" }));
		await asked(1);
		act(() => result.current.log({ kind: "touch", came: "fall" }));
		act(() => result.current.log({ kind: "drop" }));
		await waitFor(() => expect(result.current.waiting).toBe(3));
		expect(sent()).toHaveLength(1);
		await answer(0);
		await asked(2);
		expect(taps(1).map((tap) => tap.kind)).toEqual(["touch", "drop"]);
	});

	it("keeps what could not be sent, over a reload too, under the same id", async () => {
		const { result, unmount } = start();
		act(() => result.current.log({ kind: "drop" }));
		await asked(1);
		const [first] = taps(0);
		await act(async () => sent()[0]?.fail());
		await waitFor(() => expect(result.current.trouble).toBe("offline"));
		expect(result.current.waiting).toBe(1);
		unmount();
		const again = start();
		await waitFor(() => expect(again.result.current.waiting).toBe(1));
		await act(async () => void outboxOf(angler).flush());
		await asked(2);
		expect(taps(1)[0]?.uuid).toBe(first?.uuid);
		await answer(1);
		await waitFor(() => expect(again.result.current.waiting).toBe(0));
		expect(await notSent(angler)).toBe(0);
	});

	it("sends again when the connection is back", async () => {
		const { result } = start();
		act(() => result.current.log({ kind: "drop" }));
		await asked(1);
		await act(async () => sent()[0]?.fail());
		await act(async () => void window.dispatchEvent(new Event("online")));
		await asked(2);
	});

	it("tells what the server did not take, with its reason, and goes on with the rest", async () => {
		const { result } = start();
		act(() => result.current.log({ kind: "fish", species: "walleye", length: "9 ft" }));
		await asked(1);
		const id = taps(0)[0]?.uuid ?? "";
		await answer(0, {}, [{ id, why: "A fish measures less.", because: "length" }]);
		await waitFor(() => expect(result.current.waiting).toBe(0));
		expect(result.current.outing.touches).toBe(0);
		const [turned] = await outboxOf(angler).turned();
		expect(turned).toMatchObject({ id, why: "A fish measures less.", deed: { words: "Walleye, 9 ft" } });
	});

	it("is of who did it: another angler of this browser neither sees nor sends it", async () => {
		const { result, unmount } = start();
		act(() => result.current.log({ kind: "drop" }));
		await asked(1);
		await act(async () => sent()[0]?.fail());
		unmount();
		const mine = angler;
		angler = 1000 + mine;
		const theirs = start();
		await waitFor(() => expect(theirs.result.current.waiting).toBe(0));
		await act(async () => outboxOf(angler).flush());
		expect(sent()).toHaveLength(1);
		expect(await notSent(mine)).toBe(1);
	});

	it("goes on where the device keeps nothing, and says so", async () => {
		vi.spyOn(device().deeds, "add").mockRejectedValue(new Error("full"));
		const { result } = start();
		act(() => result.current.log({ kind: "drop" }));
		await waitFor(() => expect(result.current.unkept).toBe(1));
		expect(result.current.outing.drops).toBe(1);
		await asked(1);
		await act(async () => sent()[0]?.fail());
		expect(result.current.unkept).toBe(1);
		await act(async () => void outboxOf(angler).flush());
		await asked(2);
		await answer(1);
		await waitFor(() => expect([result.current.waiting, result.current.unkept]).toEqual([0, 0]));
	});
});

describe("what waited long", () => {
	const wait = (count: number, of = "o1") =>
		device().deeds.bulkAdd(
			Array.from({ length: count }, (_, i) => ({
				angler,
				deed: {
					do: "log",
					id: `w${of}${i}`,
					outing: of,
					at: "2026-11-25T06:00:00Z",
					rod: "this",
					setup: "s1",
					entry: { kind: "drop" },
				} as OfflineAction,
			})),
		);

	it("goes a hundred at once, and that of another outing to that", async () => {
		await wait(130);
		await wait(2, "o0");
		const { result } = start();
		await asked(1);
		expect(taps(0)).toHaveLength(100);
		await answer(0);
		await asked(2);
		expect(taps(1)).toHaveLength(30);
		await answer(1);
		await asked(3);
		expect(sent()[2]?.url).toBe("/outings/o0/taps");
		const gone = taps(2).map(({ uuid }) => ({
			id: uuid,
			why: "Its outing is not in your record any more.",
			because: "outing",
		}));
		await act(async () => sent()[2]?.answer(404, told(2, { goes: "gone", into: null }, gone)));
		await waitFor(async () => expect(await outboxOf(angler).turned()).toHaveLength(2));
		// The page hears of it right after the device.
		await waitFor(() => expect([result.current.waiting, result.current.outing.drops]).toEqual([0, 130]));
	});

	it("shows the last answer rather than an older page, and a newer page rather than that", async () => {
		const newer = outing({ asOf: new Date().toISOString(), tally: tally({ drops: 9 }) });
		await device().said.put({
			key: `${angler} outing o1`,
			angler,
			about: "outing o1",
			asOf: newer.asOf,
			answer: { outing: newer, column: column() },
		});
		const { result } = start();
		await waitFor(() => expect(result.current.outing.drops).toBe(9));
		const later = start(outing({ asOf: new Date(Date.now() + 1_000).toISOString(), tally: tally({ drops: 10 }) }));
		await waitFor(() => expect(later.result.current.waiting).toBe(0));
		expect(later.result.current.outing.drops).toBe(10);
	});
});

describe("what was said days ago", () => {
	it("is let go of, what was said today is kept", async () => {
		const row = (about: string, asOf: Date) => ({
			key: `${angler} ${about}`,
			angler,
			about,
			asOf: asOf.toISOString(),
			answer: {},
		});
		await device().said.bulkPut([row("old", new Date(Date.now() - 4 * 86_400_000)), row("new", new Date())]);
		start();
		await waitFor(async () => expect((await device().said.toArray()).map((one) => one.about)).not.toContain("old"));
		expect((await device().said.toArray()).map((one) => one.about)).toContain("new");
	});
});

describe("undo", () => {
	it("takes the newest back, and it can be put back, both without a connection", async () => {
		const first = outing({ events: [event({ uuid: "e2" })], tally: tally({ drops: 1 }) });
		first.tally.drops = 1;
		const { result } = start(first);
		act(() => result.current.undo());
		await waitFor(() => expect(result.current.outing.drops).toBe(0));
		expect(result.current.outing.takenBack).toMatchObject([{ uuid: "e2" }]);
		await asked(1);
		expect(taps(0)).toMatchObject([{ do: "undo", event: "e2" }]);
		await act(async () => sent()[0]?.fail());
		act(() => result.current.putBack("e2"));
		await waitFor(() => expect(result.current.outing.drops).toBe(1));
		await asked(2);
		expect(taps(1).map((tap) => tap.do)).toEqual(["undo", "put_back"]);
	});

	it("of one on its way takes nothing else along: what is logged next is sent", async () => {
		const { result } = start();
		act(() => result.current.log({ kind: "drop" }));
		await asked(1);
		const [first] = taps(0);
		act(() => result.current.undo());
		await waitFor(() => expect(result.current.outing.drops).toBe(0));
		act(() => result.current.log({ kind: "touch" }));
		await waitFor(() => expect(result.current.waiting).toBe(3));
		await answer(0);
		await asked(2);
		expect(taps(1)).toMatchObject([
			{ do: "undo", event: first?.uuid },
			{ do: "log", kind: "touch" },
		]);
	});
});

describe("another rod", () => {
	it("is taken in hand at once, and its taps are its own", async () => {
		const { result } = start();
		act(() => result.current.takeInHand("other"));
		await waitFor(() => expect(result.current.outing.setup).toBe("s2"));
		act(() => result.current.log({ kind: "drop" }));
		await waitFor(() => expect(result.current.outing.drops).toBe(1));
		await asked(1);
		expect(result.current.outing.rods.map((one) => one.tally?.drops)).toEqual([0, 1]);
	});

	it("shows its own pick as it was last said, and none where none was", async () => {
		await device().said.put({
			key: `${angler} setup s2`,
			angler,
			about: "setup s2",
			asOf: new Date().toISOString(),
			answer: { shown: { counts: "up 1, down 2" }, column: column({ title: "the other" } as never) },
		});
		const { result } = start();
		act(() => result.current.takeInHand("other"));
		await waitFor(() => expect(result.current.outing.counts).toBe("up 1, down 2"));
		expect(result.current.column).toMatchObject({ title: "the other" });
		act(() =>
			result.current.tieOn({ lure: 5, hole: null, cadence: "hand_feed", words: "¾ oz spoon", way: "hand feed" }),
		);
		await waitFor(() => expect(result.current.outing.title).toBe("¾ oz spoon"));
		expect(result.current.outing.pick).toBeNull();
	});
});

describe("another tab", () => {
	it("that was answered tells it here, where nothing is loaded anew; what it logs is seen here", async () => {
		const look = vi.fn();
		const { result, unmount } = start(outing(), look);
		await waitFor(() => expect(result.current.waiting).toBe(0));
		const newer = {
			outing: outing({ asOf: new Date().toISOString(), tally: tally({ drops: 9 }) }),
			column: column(),
		};
		const tell = (data: unknown) =>
			act(async () => {
				for (const channel of Silent.open) channel.onmessage?.({ data });
			});
		await tell({ angler: angler + 1, answer: { ...newer, outing: { ...newer.outing, tally: tally({ drops: 5 }) } } });
		expect(result.current.outing.drops).toBe(0);
		await tell({ angler, answer: newer });
		expect(result.current.outing.drops).toBe(9);
		expect(look).not.toHaveBeenCalled();
		const other = start();
		act(() => other.result.current.log({ kind: "drop" }));
		await waitFor(() => expect(result.current.outing.drops).toBe(10));
		unmount();
		other.unmount();
		expect(Silent.open).toEqual([]);
	});

	it("in which its outing was joined to another makes this one look at that", async () => {
		const look = vi.fn();
		const { result } = start(outing(), look);
		act(() => result.current.log({ kind: "drop" }));
		await asked(1);
		await act(async () => sent()[0]?.answer(200, told(0, { into: "o2", goes: "joined" })));
		await waitFor(() => expect(look).toHaveBeenCalledTimes(1));
		expect(result.current.outing.uuid).toBe("o1");
		await waitFor(() => expect(result.current.waiting).toBe(0));
	});
});
