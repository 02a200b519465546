/// <reference types="node" />
import "fake-indexeddb/auto";
import { appendFileSync, existsSync } from "node:fs";
import { expect, it } from "vitest";
import { glance, ofRodInHand } from "../../resources/js/fish/tally";
import { withWaiting } from "../../resources/js/fish/withWaiting";
import { asSent, type Deed } from "../../resources/js/outbox/deeds";
import { Outbox, type Refusal } from "../../resources/js/outbox/Outbox";
import * as clock from "../../resources/js/parts/clock";
import type { OutingData } from "../../resources/js/types";

/** What tests/Server/ChaosTest.php tells this phone. */
const { url, cookies, outing, rods, taps, seed, skew, log, calm } = JSON.parse(process.env.CHAOS ?? "{}") as {
	url: string;
	cookies: string;
	outing: string;
	/** Each with what is on it. */
	rods: { uuid: string; setup: string }[];
	taps: number;
	seed: number;
	/** ms that this phone's clock is fast. */
	skew: number;
	/** Where every deed is written down, a line each. */
	log: string;
	/** A file that is there once all phones are done. */
	calm: string;
};

// A phone keeps its clock's error, and has a clock that is wrong.
const kept = new Map<string, string>();
Object.assign(globalThis, {
	localStorage: {
		getItem: (key: string) => kept.get(key) ?? null,
		setItem: (key: string, value: string) => void kept.set(key, value),
	},
});
const right = Date.now;
Date.now = () => right() + skew;

let state = seed;
/** Mulberry32: the same phone does the same every time. */
function random(): number {
	state = (state + 0x6d2b79f5) | 0;
	let t = Math.imul(state ^ (state >>> 15), 1 | state);
	t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
	return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
}
const below = (most: number) => Math.floor(random() * most);
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

let wild = true;
let last: OutingData | null = null;
const late: Promise<unknown>[] = [];

async function post(deeds: Deed[]): Promise<{ outing: OutingData; refused: Refusal[] }> {
	const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(cookies)?.[1] ?? "");
	const askedAt = Date.now();
	const response = await fetch(`${url}/outings/${outing}/taps`, {
		method: "POST",
		headers: {
			Accept: "application/json",
			"Content-Type": "application/json",
			Cookie: cookies,
			"X-XSRF-TOKEN": token,
		},
		body: JSON.stringify({ taps: deeds.map(asSent) }),
		signal: AbortSignal.timeout(20_000),
	});
	clock.hear(response, askedAt);
	if (!response.ok) throw new Error(`${response.status} ${await response.text()}`);
	return response.json();
}

/** A network that cuts, loses answers, sends twice, and brings an old copy long after. */
async function wire(_: string, deeds: Deed[]): Promise<Refusal[]> {
	const luck = wild ? random() : 1;
	if (luck < 0.15) throw new Error("cut before it went");
	if (luck < 0.25) late.push(pause(below(4_000)).then(() => post(deeds).catch(() => {})));
	if (luck < 0.35) void post(deeds).catch(() => {});
	const answer = await post(deeds).catch((error) => {
		if (!wild) console.error(String(error).slice(0, 300));
		throw error;
	});
	if (luck < 0.45) throw new Error("the answer was lost");
	last = answer.outing;
	return answer.refused;
}

const id = () => crypto.randomUUID();

/** One deed of a phone in use. */
function next(mine: string[], rod: { uuid: string; setup: string }): Deed {
	const head = { id: id(), outing, at: new Date(clock.now()).toISOString() };
	const known = [...mine.slice(-40), ...(last?.events.map((event) => event.uuid) ?? [])];
	const event = known[below(known.length)];
	const luck = random();
	if (event && luck < 0.08) return { ...head, do: "undo", event };
	if (event && luck < 0.13) return { ...head, do: "put_back", event };
	if (event && luck < 0.2) return { ...head, do: "amend", event, changes: { note: `note ${below(1e6)}` } };
	if (luck < 0.22) return { ...head, do: "take_in_hand", rod: rod.uuid };
	const kinds = ["drop", "drop", "drop", "drop", "touch", "fish", "foul", "drift"] as const;
	const kind = kinds[below(kinds.length)] ?? "drop";
	const entry = kind === "fish" ? { kind, species: "walleye", landed: random() < 0.7 } : { kind };
	mine.push(head.id);
	return { ...head, do: "log", rod: rod.uuid, setup: rod.setup, entry };
}

it("loses nothing and doubles nothing", async () => {
	let outbox = new Outbox(1, wire);
	const mine: string[] = [];
	// The first answer tells what time it is.
	while (
		!(await post([]).then(
			() => true,
			() => false,
		))
	)
		await pause(200);
	for (let done = 0; done < taps; ) {
		const burst = 1 + below(40);
		for (let i = 0; i < burst && done < taps; i++, done++) {
			const deed = next(mine, rods[below(rods.length)] ?? { uuid: "", setup: "" });
			expect(await outbox.add(deed)).toBe(true);
			appendFileSync(log, `${JSON.stringify(deed)}\n`);
			await pause(below(3));
		}
		if (random() < 0.3) void outbox.flush();
		else await outbox.flush();
		// The page is loaded anew: only what the device keeps is known then.
		if (random() < 0.2) outbox = new Outbox(1, wire);
	}
	wild = false;
	while ((await outbox.waiting()).length > 0) {
		await outbox.flush();
		await pause(100);
	}
	await Promise.all(late);
	expect(await outbox.turned()).toEqual([]);
	appendFileSync(log, "done\n");
	while (!existsSync(calm)) await pause(100);
	const { outing: told } = await post([]);
	const shown = withWaiting(told, []);
	appendFileSync(
		log,
		`${JSON.stringify({ shown: { ...glance(shown.tally, ofRodInHand(shown)), drift: shown.drift } })}\n`,
	);
	const { drops, touches, landed, dropsSinceTouch, sinceTouch, touched } = told;
	expect(glance(told.tally, ofRodInHand(told))).toEqual({
		drops,
		touches,
		landed,
		dropsSinceTouch,
		sinceTouch,
		touched,
	});
});
