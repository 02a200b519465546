import { router } from "@inertiajs/react";
import { setAngler } from "../parts/angler";
import { now, setClock } from "../parts/clock";
import { keep, kept, PAGES } from "../parts/kept";
import { isOnBoard, kitHas, kitIsOld } from "../parts/kit";

/** What opens without a connection though it has not been opened yet: first what is needed on the water, as it is now. */
const NEEDED = ["/fish", "/work", "/boat-card", "/boat-card.html", "/places"];

/** Then the rest, where what is kept of it is not of this build or older than it may be. */
const WANTED = [
	"/lure",
	"/water",
	"/rig",
	"/look-back",
	"/outings",
	"/tackle",
	"/gear",
	"/rules",
	"/settings",
	"/this-phone",
	"/cadences",
];

/** ms */
const OLDEST = 15 * 60_000;

/** Of which build the pages are that are kept: those of another ask for scripts that are gone. */
const BUILD = "pages of";

/** ms after a page is there before what is needed without a connection is fetched: it must not stand in the way. */
const LATER = 4_000;

/** Who is signed in on this page; null while nobody is. */
let here: number | null = null;

/** Makes every station open without a connection, as it was last seen, and sends what waits here. */
export function workOffline(angler: number | null, build: string): void {
	const others = new BroadcastChannel("signed out");
	others.onmessage = ({ data }) => {
		if (data !== here) return;
		// Signed out in another tab: this one shows nothing of theirs any longer.
		void import("../outbox/wire").then(({ leave }) => leave());
		window.location.replace("/sign-in");
	};
	const follow = (who: number | null | undefined) => {
		const before = here;
		// A page that only says what went wrong does not know who is signed in.
		if (who === undefined || who === before) return;
		here = who;
		setAngler(who);
		if (who === null) {
			void import("../outbox/wire").then(({ leave }) => leave());
			others.postMessage(before);
		} else if (before !== null) {
			// Somebody else has signed in meanwhile, in another tab: this page is of the one before.
			window.location.reload();
		} else {
			void import("../outbox/wire").then(({ outboxOf }) => outboxOf(who).flush(true));
			if (isKept()) window.setTimeout(() => void Promise.all([prepare(build), setClock()]).catch(() => {}), LATER);
		}
	};
	follow(angler);
	router.on("navigate", (event) => follow(event.detail.page.props.anglerId as number | null | undefined));
	if (!isKept()) return;
	// A visit within the application asks the server; without one the page as it was last seen is opened instead.
	let asked: URL | null = null;
	router.on("start", (event) => {
		const { method, only, url } = event.detail.visit;
		asked = method === "get" && only.length === 0 ? url : null;
	});
	router.on("finish", ({ detail: { visit } }) => {
		if (visit.method !== "get" && visit.completed) kitIsOld();
	});
	router.on("networkError", (event) => {
		if (asked && !navigator.serviceWorker.controller) return;
		// A part of the page that could not be looked at anew stays as it is, with all that is typed in it.
		event.preventDefault();
		if (asked) window.location.assign(asked);
	});
}

/** Whether a worker keeps the application on this device. */
function isKept(): boolean {
	return "serviceWorker" in navigator && import.meta.env.PROD;
}

async function prepare(build: string): Promise<void> {
	await navigator.serviceWorker.register("/build/sw.js", { scope: "/" });
	await navigator.serviceWorker.ready;
	const pages = await caches.open(PAGES);
	const needed = await Promise.all(NEEDED.map((path) => fetch(path)));
	for (const [at, path] of NEEDED.entries()) await take(pages, path, needed[at]);
	const isSame = kept<string>(BUILD) === build;
	for (const path of WANTED) {
		const there = isSame ? await pages.match(path) : undefined;
		const made = Date.parse(there?.headers.get("Date") ?? "");
		// One after the other: the page that is open goes before.
		if (!(now() - made < OLDEST)) await take(pages, path);
	}
	keep(BUILD, build);
	// What answers on this device goes on with what is known now, and after a new build with that.
	if (isOnBoard()) await import("../parts/onBoard").then(({ goOn }) => goOn());
}

/** Keeps a page as it is now. One that leads elsewhere, as when nobody is signed in any more, is not kept. */
async function take(pages: Cache, path: string, answered?: Response): Promise<void> {
	const answer = answered ?? (await fetch(path));
	if (answer.ok && !answer.redirected) await pages.put(path, answer);
}

/** Addresses that open without a connection on this device. */
export async function keptPaths(): Promise<string[]> {
	if (!("caches" in window)) return [];
	const pages = await caches.open(PAGES);
	return (await pages.keys()).map(({ url }) => new URL(url).pathname);
}

/** Nothing that was seen stays on the device for the next who signs in; what is not sent yet stays for who logged it. */
export function forgetPages(): void {
	if ("caches" in window) void caches.delete(PAGES);
	kitHas(Number.POSITIVE_INFINITY);
	void import("../outbox/device").then(({ forgetSaid }) => forgetSaid()).catch(() => {});
}
