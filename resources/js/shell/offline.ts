import { router } from "@inertiajs/react";
import { setClock } from "../parts/clock";

/** Where the worker keeps pages as they were last seen: only of who is signed in. */
const PAGES = "pages";

/** What opens without a connection though it has not been opened yet. */
const NEEDED = ["/fish", "/work", "/boat-card", "/boat-card.html", "/places"];

/** ms after a page is there before what is needed without a connection is fetched: it must not stand in the way. */
const LATER = 4_000;

/** Makes Fish, the pick, the trainer and the plans open without a connection, and sends what waits here. */
export function workOffline(angler: number | null): void {
	if (angler !== null) void import("../outbox/wire").then(({ outboxOf }) => outboxOf(angler));
	if (!("serviceWorker" in navigator) || !import.meta.env.PROD) return;
	if (angler !== null) window.setTimeout(() => void Promise.all([prepare(), setClock()]).catch(() => {}), LATER);
	// A visit within the application asks the server; without one the page as it was last seen is opened instead.
	let asked: URL | null = null;
	router.on("start", (event) => {
		asked = event.detail.visit.method === "get" ? event.detail.visit.url : null;
	});
	router.on("networkError", (event) => {
		if (!asked || !navigator.serviceWorker.controller) return;
		event.preventDefault();
		window.location.assign(asked);
	});
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
