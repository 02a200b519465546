import { anglerHere } from "../parts/angler";
import * as clock from "../parts/clock";
import { plainTexts } from "../parts/plainText";
import { newId } from "../parts/send";
import {
	type Begun,
	DAY,
	type Measured,
	type OfflineAction,
	type Read,
	type Retied,
	type Ticked,
	type TiedOn,
	type WorkedAnew,
} from "./offlineActions";
import { outboxOf } from "./wire";

/** Readings as they were typed, by name; null takes one away. */
export type Texts = Record<string, string | null>;

/** What this device holds of who is signed in; null while nobody is. */
const outbox = () => {
	const angler = anglerHere();
	return angler === null ? null : outboxOf(angler);
};

/** Tells what waits here, now and whenever that changes, in any tab; gives back how to stop. */
export function watchWaiting(tell: (waiting: OfflineAction[]) => void): () => void {
	return outbox()?.watch(({ waiting }) => tell(waiting)) ?? (() => {});
}

/** Of no outing, as it is done. */
type DoneNow = { [Done in Measured | WorkedAnew | Ticked | Retied as Done["do"]]: Omit<Done, "id" | "outing" | "at"> };

/**
 * Keeps here what the server could not be told; it is sent once there is a signal. Throws where nobody is signed in.
 *
 * @param id by which the server was told: it may have heard, and its answer was lost
 */
export async function keepUntilHeard(done: DoneNow[keyof DoneNow], id = newId()): Promise<void> {
	const box = outbox();
	if (!box) throw new Error("Sign in here first.");
	await box.add(plainTexts({ id, outing: DAY, at: nowHere(), ...done } as OfflineAction));
	void box.flush();
}

/**
 * Keeps readings here until they are sent; one that was typed just before, with nothing done since, is typed over.
 *
 * @returns ids of what waits now; null where nobody is signed in, or this device has no room
 */
export async function keepTyped(texts: Texts): Promise<string[] | null> {
	const box = outbox();
	if (!box) return null;
	const waiting = await box.waiting();
	const since = waiting.slice(waiting.findLastIndex((one) => !isRead(one)) + 1).filter(isRead);
	const made = Object.entries(texts).map(
		([name, text]): Read => plainTexts({ id: newId(), outing: DAY, at: nowHere(), do: "read", name, text }),
	);
	for (const one of made) {
		if (!(await box.add(one))) {
			await box.letGo(made.map(({ id }) => id));
			return null;
		}
	}
	await box.letGo(since.filter(({ name }) => name in texts).map(({ id }) => id));
	void box.flush();
	return made.map(({ id }) => id);
}

/** Lets go of what waits here under these ids. */
export async function letGoTyped(ids: string[]): Promise<void> {
	await outbox()?.letGo(ids);
}

/**
 * An outing begins here, with no signal.
 *
 * @param id by which the server was asked to begin it: it may have, and its answer was lost
 * @returns its id; null where nobody is signed in
 */
export async function beginHere(id = newId()): Promise<string | null> {
	const box = outbox();
	if (!box) return null;
	await box.add({ id, outing: DAY, at: nowHere(), do: "begin" });
	void box.flush();
	return id;
}

/**
 * Ties on with no signal, in the outing under way, or in one that begins with it.
 *
 * @param on the outing that the server spoke of
 * @param id by which the server was asked to tie it on: it may have, and its answer was lost
 */
export async function tieOnHere(
	on: string | null,
	id: string,
	tied: Pick<TiedOn, "rod" | "lure" | "hole" | "cadence" | "words" | "way">,
): Promise<void> {
	const box = outbox();
	const outing = box && (outingNow(on, await box.waiting()) ?? (await beginHere()));
	if (!box || !outing) return;
	await box.add(plainTexts({ id, outing, at: nowHere(), do: "tie_on", ...tied }));
	void box.flush();
}

/**
 * A bite, logged without looking: on what is on a rod, in the outing under way.
 *
 * @param on the outing that the server spoke of
 * @returns false where none is under way
 */
export async function biteHere(on: string | null, rod: string | null): Promise<boolean> {
	const box = outbox();
	const outing = box && outingNow(on, await box.waiting());
	if (!box || !outing) return false;
	await box.add({ id: newId(), outing, at: nowHere(), do: "log", rod, setup: null, entry: { kind: "touch" } });
	void box.flush();
	return true;
}

/** What is on the rod in hand once all that waits was done: the way to fish, and since when nothing has touched it. */
export type TiedHere = { key: string; quietSince: string } | null;

/** Tells that, now and whenever it changes; undefined while nothing that waits says anything of it. Gives back how to stop. */
export function watchTied(tell: (tied: TiedHere | undefined) => void): () => void {
	return outbox()?.watch(({ waiting }) => tell(waiting.reduce(tiedAfter, undefined))) ?? (() => {});
}

function tiedAfter(before: TiedHere | undefined, done: OfflineAction): TiedHere | undefined {
	switch (done.do) {
		case "tie_on":
			return done.lure === null ? before : { key: keyOf(done), quietSince: done.at };
		case "begin":
		case "end":
			return null;
		case "amend":
			return done.changes.lure_lost === true ? null : before;
		default:
			return before;
	}
}

/** As ways to fish are called. */
export function keyOf({ lure, hole, cadence }: Pick<TiedOn, "lure" | "hole" | "cadence">): string {
	return [lure, hole ?? "", cadence ?? ""].join(".");
}

/** The outing that this device began and the server does not know yet; null where there is none. */
export function begunHere(waiting: OfflineAction[]): Begun | null {
	return waiting.filter((one): one is Begun => one.do === "begin").at(-1) ?? null;
}

/** The outing under way once all that waits was done; null between outings. @param on the one that the server spoke of */
function outingNow(on: string | null, waiting: OfflineAction[]): string | null {
	const outing = begunHere(waiting)?.id ?? on;
	return waiting.some((one) => one.do === "end" && one.outing === outing) ? null : outing;
}

function isRead(action: OfflineAction): action is Read {
	return action.do === "read";
}

const nowHere = () => new Date(clock.now()).toISOString();
