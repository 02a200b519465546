import { now } from "./clock";
import { keep, kept } from "./kept";

const KEY = "readings not sent";

/** Readings as they were typed, by name; null takes one away. */
export type Texts = Record<string, string | null>;

interface Unsent {
	angler: number;
	/** With when each was typed, ms. */
	typed: Record<string, { text: string | null; at: number }>;
}

/** Who is signed in on this page; null while nobody is. */
let here: number | null = null;

export function setAngler(angler: number | null): void {
	here = angler;
}

/** Readings that were typed on this device and have not reached the server: of who is signed in, and of nobody else. */
export function unsentReadings(): Texts {
	return Object.fromEntries(Object.entries(typed()).map(([name, { text }]) => [name, text]));
}

/** When each of them was typed. */
export function unsentSince(): Record<string, string> {
	return Object.fromEntries(Object.entries(typed()).map(([name, { at }]) => [name, new Date(at).toISOString()]));
}

/** Keeps them until they are sent; none lets them go. False when this device has no room, or nobody is signed in. */
export function keepUnsent(texts: Texts): boolean {
	if (here === null) return false;
	const before = typed();
	const entries = Object.entries(texts).map(([name, text]) => {
		const same = before[name]?.text === text ? before[name] : undefined;
		return [name, same ?? { text, at: now() }] as const;
	});
	if (entries.length > 0) return keep(KEY, { angler: here, typed: Object.fromEntries(entries) } satisfies Unsent);
	if (Object.keys(before).length > 0) localStorage.removeItem(KEY);
	return true;
}

function typed(): Unsent["typed"] {
	const one = kept<Partial<Unsent>>(KEY);
	return one && here !== null && one.angler === here && typeof one.typed === "object" ? one.typed : {};
}
