import { router } from "@inertiajs/react";
import { setClock } from "../parts/clock";

/** Where the worker keeps pages as they were last seen: only of who is signed in. */
const PAGES = "pages";

/** What opens without a connection though it has not been opened yet. */
const NEEDED = ["/fish", "/work", "/boat-card", "/boat-card.html", "/places"];

/** ms after a page is there before what is needed without a connection is fetched: it must not stand in the way. */
const LATER = 4_000;

/** Who is signed in on this page; null while nobody is. */
let here: number | null = null;

/** Makes Fish, the pick, the trainer and the plans open without a connection, and sends what waits here. */
export function workOffline(angler: number | null): void {
	const others = new BroadcastChannel("signed out");
	others.onmessage = ({ data }) => {
		if (data !== here) return;
		// Signed out in another tab: this one shows nothing of theirs any longer.
		void import("../outbox/wire").then(({ leave }) => leave());
		window.location.replace("/sign-in");
	};
	const follow = (now: number | null | undefined) => {
		const before = here;
		// A page that only says what went wrong does not know who is signed in.
		if (now === undefined || now === before) return;
		here = now;
		if (now === null) {
			void import("../outbox/wire").then(({ leave }) => leave());
			others.postMessage(before);
		} else if (before !== null) {
			// Somebody else has signed in meanwhile, in another tab: this page is of the one before.
			window.location.reload();
		} else {
			void import("../outbox/wire").then(({ outboxOf }) => outboxOf(now).flush(true));
			if (isKept()) window.setTimeout(() => void Promise.all([prepare(), setClock()]).catch(() => {}), LATER);
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

async function prepare(): Promise<void> {
	await navigator.serviceWorker.register("/build/sw.js", { scope: "/" });
	await navigator.serviceWorker.ready;
	const pages = await caches.open(PAGES);
	await pages.addAll(NEEDED);
}

/** Nothing that was seen stays on the device for the next who signs in; what is not sent yet stays for who logged it. */
export function forgetPages(): void {
	if ("caches" in window) void caches.delete(PAGES);
	void import("../outbox/device").then(({ forgetSaid }) => forgetSaid()).catch(() => {});
}
