import { QUESTIONS } from "../figures";
import type { FromWorker, ToWorker } from "../onboard/worker";
import { now } from "./clock";
import { PAGES } from "./kept";
import { isOnBoard, kitHas, lacked, notInKit, setOnBoard } from "./kit";

/** What this device answered, as the server would have. */
export interface Told {
	status: number;
	body: unknown;
}

/** Where the worker of the pages keeps the files that this device answers with. */
const ON_BOARD = "on board";

/** Where what is known of the angler is kept: with their pages, and gone with them. */
const KIT = "/kit";

/** ms without a question after which PHP is ended: left alone it goes on using the processor. */
const IDLE = 30_000;

/** Where all of it lies, looked up when it is first needed. */
const files = () => {
	found ??= import("../onboard/files");
	return found;
};

let found: Promise<typeof import("../onboard/files")> | undefined;
let worker: Worker | null = null;
let idle: ReturnType<typeof setTimeout> | undefined;
let asked = 0;

/** Who waits for an answer, by the number of the question. */
const waiting = new Map<number, (told: FromWorker) => void>();

/** Answers a question by itself; null where it is none, or where nothing was taken along. */
export async function answerOnBoard(
	url: string,
	more: unknown[] = [],
	body: Record<string, unknown> = {},
): Promise<Told | null> {
	const { pathname, searchParams } = new URL(url, window.location.href);
	if (!isOnBoard() || !QUESTIONS.includes(pathname)) return null;
	const [open, done] = await Promise.all([opened(), notInKit()]);
	if (!open) return null;
	clearTimeout(idle);
	const id = ++asked;
	const text = JSON.stringify({
		question: pathname.slice(1),
		given: { ...Object.fromEntries(searchParams), ...body },
		done: [...done, ...more],
		now: now() / 1000,
	});
	const answered = await new Promise<FromWorker>((resolve) => {
		waiting.set(id, resolve);
		open.postMessage({ id, asked: text } satisfies ToWorker);
	});
	if ("answered" in answered) {
		if (waiting.size === 0) idle = setTimeout(end, IDLE);
		return JSON.parse(answered.answered) as Told;
	}
	// It starts anew with the next question.
	end();
	throw new Error(answered.failed);
}

/** Ends PHP, whoever waits for it; the next question starts it anew, with what is kept then. */
export function end(): void {
	clearTimeout(idle);
	worker?.terminate();
	worker = null;
	for (const id of waiting.keys()) hear({ id, failed: "PHP was ended." });
}

function hear(told: FromWorker): void {
	waiting.get(told.id)?.(told);
	waiting.delete(told.id);
}

async function opened(): Promise<Worker | null> {
	if (worker) return worker;
	const kit = await keptKit();
	if (kit === null || !(await isTaken())) return null;
	const { FILES, WORKER } = await files();
	worker ??= start(WORKER, { open: { ...FILES, kit } });
	return worker;
}

function start(address: string, open: ToWorker): Worker {
	const made = new Worker(address, { type: "module" });
	made.onmessage = ({ data }: MessageEvent<FromWorker>) => hear(data);
	made.onerror = end;
	made.postMessage(open);
	return made;
}

async function keptKit(): Promise<string | null> {
	return (await kitHere())?.text() ?? null;
}

async function kitHere(): Promise<Response | undefined> {
	return "caches" in window ? caches.open(PAGES).then((pages) => pages.match(KIT)) : undefined;
}

/** Of when what this device knows is; null where it knows nothing. */
export async function kitAt(): Promise<string | null> {
	const date = Date.parse((await kitHere())?.headers.get("Date") ?? "");
	return Number.isNaN(date) ? null : new Date(date).toISOString();
}

/** Whether the files of this build are on this device. */
export async function isTaken(): Promise<boolean> {
	if (!("caches" in window) || !(await caches.has(ON_BOARD))) return false;
	const { ALL } = await files();
	const kept = await caches.open(ON_BOARD);
	const there = await Promise.all(ALL.map((url) => kept.match(url)));
	return there.every((one) => one !== undefined);
}

/** Fetches what this device answers with, all of it before what an earlier build left goes. Tells how many bytes came. */
export async function takeAlong(tell: (bytes: number) => void): Promise<void> {
	const { ALL } = await files();
	const kept = await caches.open(ON_BOARD);
	let bytes = 0;
	for (const url of ALL) {
		if (await kept.match(url)) continue;
		const answer = await fetch(url);
		if (!answer.ok || !answer.body) throw new TypeError(`${url} did not come.`);
		const counted = answer.body.pipeThrough(
			new TransformStream<Uint8Array<ArrayBuffer>, Uint8Array<ArrayBuffer>>({
				transform(chunk, on) {
					bytes += chunk.byteLength;
					tell(bytes);
					on.enqueue(chunk);
				},
			}),
		);
		await kept.put(url, new Response(counted, { headers: answer.headers }));
	}
	await takeKit();
	setOnBoard(true);
	await leaveOld();
}

/** Lets go of what an earlier build left, once all of this one is here. */
async function leaveOld(): Promise<void> {
	const { ALL } = await files();
	const kept = await caches.open(ON_BOARD);
	for (const request of await kept.keys()) {
		if (!ALL.includes(request.url)) await kept.delete(request);
	}
}

/** Goes on with what is known now; after a new build, or where a page was left in the middle of it, with all of that. */
export async function goOn(): Promise<void> {
	if (!(await isTaken())) return takeAlong(() => {});
	await leaveOld();
	await takeKit();
}

/** Fetches what is known of the angler; PHP goes on with it from the next question. */
export async function takeKit(): Promise<void> {
	const before = lacked().length;
	const answer = await fetch(KIT, { headers: { Accept: "application/json", "X-Requested-With": "XMLHttpRequest" } });
	if (!answer.ok || answer.redirected) return;
	await (await caches.open(PAGES)).put(KIT, answer);
	kitHas(before);
	end();
}

/** Bytes over the line, as the server packs them; null when it cannot be asked. */
export async function sizeOnTheLine(): Promise<number | null> {
	const { ALL } = await files();
	const sizes = await Promise.all(
		ALL.map(async (url) => {
			const answer = await fetch(url, { method: "HEAD" });
			return Number(answer.headers.get("Content-Length") ?? Number.NaN);
		}),
	).catch(() => [Number.NaN]);
	const sum = sizes.reduce((all, one) => all + one, 0);
	return Number.isFinite(sum) ? sum : null;
}

/** Leaves nothing of it on this device. */
export async function leaveBehind(): Promise<void> {
	end();
	setOnBoard(false);
	await caches.delete(ON_BOARD);
	await (await caches.open(PAGES)).delete(KIT);
}
