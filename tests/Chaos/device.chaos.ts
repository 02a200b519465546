/// <reference types="node" />
import "fake-indexeddb/auto";
import { appendFileSync, existsSync } from "node:fs";
import { expect, it } from "vitest";
import { withWaiting } from "../../resources/js/fish/withWaiting";
import { Outbox, type Verdict } from "../../resources/js/outbox/Outbox";
import { asSent, DAY, type OfflineAction } from "../../resources/js/outbox/offlineActions";
import * as clock from "../../resources/js/parts/clock";
import type { OutingData, OutingNowData, TapAnswerData } from "../../resources/js/types";

/** Somebody who fishes with this phone. */
interface Angler {
	id: number;
	cookies: string;
	outing: string;
	/** Each with what is on it. */
	rods: { uuid: string; setup: string }[];
}

/** What tests/Server/ChaosTest.php tells this phone. */
const { url, anglers, taps, seed, skew, log, calm } = JSON.parse(process.env.CHAOS ?? "{}") as {
	url: string;
	anglers: Angler[];
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
/** What the server told each last. */
const last = new Map<number, OutingData>();
const late: Promise<unknown>[] = [];
/** Who is signed in: whoever sends, it is by their cookie. */
let signedIn = anglers[seed % anglers.length] as Angler;

async function post(whose: Angler, deeds: OfflineAction[]): Promise<TapAnswerData> {
	const { cookies } = signedIn;
	const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(cookies)?.[1] ?? "");
	const askedAt = Date.now();
	const to = deeds[0]?.outing === DAY ? "taps" : `outings/${whose.outing}/taps`;
	const response = await fetch(`${url}/${to}`, {
		method: "POST",
		headers: {
			Accept: "application/json",
			"Content-Type": "application/json",
			Cookie: cookies,
			"X-XSRF-TOKEN": token,
		},
		body: JSON.stringify({ angler: whose.id, taps: deeds.map(asSent) }),
		signal: AbortSignal.timeout(20_000),
	});
	clock.hear(response, askedAt);
	if (!response.ok && response.status !== 409) throw new Error(`${response.status} ${await response.text()}`);
	return response.json();
}

/** The outing as the server has it now; undefined where it does not say. */
async function word(whose: Angler): Promise<OutingData | undefined> {
	const headers = { Accept: "application/json", Cookie: signedIn.cookies };
	const response = await fetch(`${url}/outings/${whose.outing}/now`, { headers, signal: AbortSignal.timeout(20_000) });
	return response.ok ? ((await response.json()) as OutingNowData).outing : undefined;
}

/** A network that cuts, loses answers, sends twice, and brings an old copy long after. */
const wireOf = (whose: Angler) =>
	async function wire(_: string, deeds: OfflineAction[]): Promise<Verdict> {
		const luck = wild ? random() : 1;
		if (luck < 0.15) throw new Error("cut before it went");
		if (luck < 0.25) late.push(pause(below(4_000)).then(() => post(whose, deeds).catch(() => {})));
		if (luck < 0.35) void post(whose, deeds).catch(() => {});
		const answer = await post(whose, deeds).catch((error) => {
			if (!wild) console.error(String(error).slice(0, 300));
			throw error;
		});
		if (luck < 0.45) throw new Error("the answer was lost");
		// Its word is asked for after a burst.
		const told = random() < 0.1 ? await word(whose).catch(() => undefined) : undefined;
		if (told) last.set(whose.id, told);
		return answer;
	};

const id = () => crypto.randomUUID();

/** One deed of a phone in use. */
function next(whose: Angler, mine: string[]): OfflineAction {
	const head = { id: id(), outing: whose.outing, at: new Date(clock.now()).toISOString() };
	const known = [...mine.slice(-40), ...(last.get(whose.id)?.events.map((event) => event.uuid) ?? [])];
	const event = known[below(known.length)];
	const rod = whose.rods[below(whose.rods.length)] ?? { uuid: "", setup: "" };
	const luck = random();
	if (event && luck < 0.08) return { ...head, do: "undo", event };
	if (event && luck < 0.13) return { ...head, do: "put_back", event };
	if (event && luck < 0.2) return { ...head, do: "amend", event, changes: { note: `note ${below(1e6)}` } };
	if (luck < 0.22) return { ...head, do: "take_in_hand", rod: rod.uuid };
	if (luck < 0.26) return { ...head, outing: DAY, do: "read", name: "air", text: below(5) ? `${below(30)} °F` : null };
	if (luck < 0.28) {
		const name = ["North bar", "South hump", "East point"][below(3)] ?? "";
		return { ...head, do: "move", spot: null, name, water: "Chaos tarn", setups: {}, words: name, depth: "" };
	}
	// It goes into the outing that is under way.
	if (luck < 0.285) return { ...head, outing: DAY, do: "begin" };
	const kinds = ["drop", "drop", "drop", "drop", "touch", "fish", "foul", "drift"] as const;
	const kind = kinds[below(kinds.length)] ?? "drop";
	const entry = kind === "fish" ? { kind, species: "walleye", landed: random() < 0.7 } : { kind };
	mine.push(head.id);
	return { ...head, do: "log", rod: rod.uuid, setup: rod.setup, entry };
}

it("loses nothing, doubles nothing and brings nothing into another's record", async () => {
	const outboxes = new Map(anglers.map((one) => [one.id, new Outbox(one.id, wireOf(one))]));
	const of = (whose: Angler) => outboxes.get(whose.id) as Outbox;
	const mine = new Map(anglers.map((one) => [one.id, [] as string[]]));
	// The first answer tells what time it is.
	while (
		!(await post(signedIn, []).then(
			() => true,
			() => false,
		))
	)
		await pause(200);
	for (let done = 0; done < taps; ) {
		// They change places. Now and then a tab of the one before stays open, and goes on tapping and sending.
		const here = signedIn;
		if (random() < 0.25) {
			if (random() < 0.5) of(here).stop();
			signedIn = anglers[below(anglers.length)] as Angler;
			of(signedIn).resume();
		}
		const whose = random() < 0.2 ? here : signedIn;
		const burst = 1 + below(40);
		for (let i = 0; i < burst && done < taps; i++, done++) {
			const deed = next(whose, mine.get(whose.id) ?? []);
			expect(await of(whose).add(deed)).toBe(true);
			appendFileSync(log, `${JSON.stringify({ angler: whose.id, ...deed })}\n`);
			await pause(below(3));
		}
		if (random() < 0.3) void of(whose).flush(true);
		else await of(whose).flush(true);
		// The page is loaded anew: only what the device keeps is known then.
		if (random() < 0.2) outboxes.set(whose.id, new Outbox(whose.id, wireOf(whose)));
	}
	wild = false;
	for (const whose of anglers) {
		signedIn = whose;
		of(whose).resume();
		while ((await of(whose).waiting()).length > 0) {
			await of(whose).flush(true);
			await pause(100);
		}
	}
	await Promise.all(late);
	for (const whose of anglers) expect(await of(whose).turned()).toEqual([]);
	appendFileSync(log, "done\n");
	while (!existsSync(calm)) await pause(100);
	for (const whose of anglers) {
		signedIn = whose;
		const told = await word(whose);
		if (!told) throw new Error("The outing is not there.");
		const { drops, touches, landed, dropsSinceTouch, sinceTouch, touched, drift } = withWaiting(told, []);
		const shown = { drops, touches, landed, dropsSinceTouch, sinceTouch, touched, drift };
		appendFileSync(log, `${JSON.stringify({ angler: whose.id, shown })}\n`);
	}
});
