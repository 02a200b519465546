import { keep, kept } from "./kept";

const KEY = "clock";

/** ms: up to this it is a slow line or the rounding of a header; beyond it the clock of this device is wrong. */
const SURE = 2_000;

/** Between the clock of this device and the one that only counts, as the server was heard; null before that. */
let heardApart: number | null = null;

/** ms that the server's clock is ahead of this device's. It stays as it is until it is surely another, so that the time
 * between two taps is always right. */
export function ahead(): number {
	const known = kept<unknown>(KEY);
	return typeof known === "number" && Number.isFinite(known) ? known : 0;
}

/** What time it is by the server's clock, as far as it is known here; ms. */
export function now(): number {
	return Date.now() + ahead();
}

/** Whether the server was heard since this page is open, and nobody has set this device's clock since. */
export function isSure(): boolean {
	return heardApart !== null && Math.abs(Date.now() - performance.now() - heardApart) < SURE;
}

/** Takes note of the time at which a server answered what was asked at a moment of this device's clock. */
export function hear(response: Response, askedAt: number): void {
	const said = Date.parse(response.headers.get("Date") ?? "");
	if (Number.isNaN(said)) return;
	const heardAt = Date.now();
	// The header has whole seconds; the answer was made somewhere between asking and hearing.
	const found = said + 500 - (askedAt + heardAt) / 2;
	const sure = SURE + Math.abs(heardAt - askedAt) / 2;
	if (Math.abs(found - ahead()) > sure) keep(KEY, Math.abs(found) > sure ? Math.round(found) : 0);
	heardApart = heardAt - performance.now();
}

/** Asks the server what time it is. Throws a TypeError when nothing answers. */
export async function setClock(signal?: AbortSignal): Promise<void> {
	const askedAt = Date.now();
	hear(await fetch("/icon.svg", { method: "HEAD", cache: "no-store", signal }), askedAt);
}
