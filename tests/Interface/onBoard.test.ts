import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { setOnBoard } from "../../resources/js/parts/kit";
import { answerOnBoard, end, takeKit } from "../../resources/js/parts/onBoard";

const ALL = vi.hoisted(() => [
	"/build/assets/php.mjs",
	"/build/assets/php.wasm",
	"/build/assets/rooms.json",
	"/build/assets/worker.js",
]);
vi.mock("../../resources/js/onboard/files", () => ({
	FILES: { runtime: ALL[0], wasm: ALL[1], rooms: ALL[2] },
	WORKER: ALL[3],
	ALL,
}));

/** A worker that answers when it is told to. */
class Held {
	static all: Held[] = [];
	onmessage: ((event: { data: unknown }) => void) | null = null;
	onerror: (() => void) | null = null;
	sent: { id?: number; asked?: string; open?: { kit: string } }[] = [];
	ended = false;
	constructor() {
		Held.all.push(this);
	}
	postMessage(message: Held["sent"][number]) {
		this.sent.push(message);
	}
	terminate() {
		this.ended = true;
	}
	answer(at: number, answered: string) {
		this.onmessage?.({ data: { id: this.sent[at]?.id, answered } });
	}
}

/** What is kept on the device, by cache and address. */
let kept: Record<string, Map<string, string>>;

beforeEach(() => {
	kept = { pages: new Map([["/kit", "the kit"]]), "on board": new Map(ALL.map((url) => [url, ""])) };
	Held.all = [];
	localStorage.clear();
	setOnBoard(true);
	vi.stubGlobal("Worker", Held);
	vi.stubGlobal("fetch", async () => new Response("a newer kit"));
	vi.stubGlobal("caches", {
		has: async (name: string) => name in kept,
		open: async (name: string) => ({
			match: async (url: string) => (kept[name]?.has(url) ? new Response(kept[name]?.get(url)) : undefined),
			put: async (url: string, answer: Response) => void kept[name]?.set(url, await answer.text()),
		}),
	});
});

afterEach(() => {
	end();
	vi.unstubAllGlobals();
	vi.useRealTimers();
});

const started = () => vi.waitFor(() => expect(Held.all.at(-1)?.sent.length).toBeGreaterThan(1));

describe("a device that has taken it along", () => {
	it("answers each question in its own time, from one PHP that is opened with the kit", async () => {
		const [chart, answer] = [answerOnBoard("/chart?of=box"), answerOnBoard("/answer?depth=31+ft")];
		await vi.waitFor(() => expect(Held.all[0]?.sent).toHaveLength(3));
		expect(Held.all).toHaveLength(1);
		expect(Held.all[0]?.sent[0]?.open?.kit).toBe("the kit");
		expect(JSON.parse(Held.all[0]?.sent[2]?.asked ?? "")).toMatchObject({
			question: "answer",
			given: { depth: "31 ft" },
		});
		Held.all[0]?.answer(2, '{"status":200,"body":2}');
		Held.all[0]?.answer(1, '{"status":422,"body":1}');
		expect([await chart, await answer]).toEqual([
			{ status: 422, body: 1 },
			{ status: 200, body: 2 },
		]);
	});

	it("leaves nobody waiting where PHP is ended for a newer kit or dies, and starts anew with what is known then", async () => {
		for (const [at, stop] of [takeKit, () => Held.all.at(-1)?.onerror?.()].entries()) {
			const lost = answerOnBoard("/answer");
			await vi.waitFor(() => expect(Held.all).toHaveLength(at + 1));
			await started();
			await Promise.all([stop(), expect(lost).rejects.toThrow("PHP was ended")]);
			expect(Held.all.at(-1)?.ended).toBe(true);
		}
		const again = answerOnBoard("/answer");
		await vi.waitFor(() => expect(Held.all).toHaveLength(3));
		await started();
		expect(Held.all[2]?.sent[0]?.open?.kit).toBe("a newer kit");
		Held.all[2]?.answer(1, '{"status":200,"body":{}}');
		await again;
	});

	it("ends PHP half a minute after the last answer, and not while one is waited for", async () => {
		const first = answerOnBoard("/answer");
		await started();
		const second = answerOnBoard("/chart");
		await vi.waitFor(() => expect(Held.all[0]?.sent).toHaveLength(3));
		vi.useFakeTimers();
		Held.all[0]?.answer(1, '{"status":200,"body":{}}');
		await first;
		await vi.advanceTimersByTimeAsync(60_000);
		expect(Held.all[0]?.ended).toBe(false);
		Held.all[0]?.answer(2, '{"status":200,"body":{}}');
		await second;
		await vi.advanceTimersByTimeAsync(29_000);
		expect(Held.all[0]?.ended).toBe(false);
		await vi.advanceTimersByTimeAsync(2_000);
		expect(Held.all[0]?.ended).toBe(true);
	});

	it("answers nothing else, and nothing without its files or its kit", async () => {
		expect(await answerOnBoard("/outings/choices")).toBeNull();
		kept.pages?.delete("/kit");
		expect(await answerOnBoard("/answer")).toBeNull();
		kept.pages?.set("/kit", "the kit");
		kept["on board"]?.delete(ALL[2] ?? "");
		expect(await answerOnBoard("/answer")).toBeNull();
		setOnBoard(false);
		expect(Held.all).toHaveLength(0);
	});
});
