import { now } from "./clock";
import { keep, kept } from "./kept";

/** Readings as they were typed, by name; null takes one away. */
export type Texts = Record<string, string | null>;

/** What was typed, and when, ms. */
interface Typed {
	text: string | null;
	at: number;
}

/** Who is signed in on this page; null while nobody is. */
let here: number | null = null;

export function setAngler(angler: number | null): void {
	here = angler;
}

/** Readings that were typed on this device and have not reached the server: of who is signed in, and of nobody else. */
export function unsentReadings(): Texts {
	return Object.fromEntries(typed().map(([name, { text }]) => [name, text]));
}

/** When each of them was typed. */
export function unsentSince(): Record<string, string> {
	return Object.fromEntries(typed().map(([name, { at }]) => [name, new Date(at).toISOString()]));
}

/** Keeps these too until they are sent. False when this device has no room, or nobody is signed in. */
export function keepUnsent(texts: Texts): boolean {
	const before = Object.fromEntries(typed());
	const added = Object.entries(texts).map(([name, text]) => {
		const same = before[name]?.text === text ? before[name] : undefined;
		return [name, same ?? { text, at: now() }] as const;
	});
	return here !== null && keep(key(here), { ...before, ...Object.fromEntries(added) });
}

/** Lets go of those that were sent, or that cannot be. */
export function letGoUnsent(names: string[]): void {
	const left = typed().filter(([name]) => !names.includes(name));
	if (here !== null && left.length < typed().length) keep(key(here), Object.fromEntries(left));
}

const key = (angler: number) => `readings of ${angler} not sent`;

function typed(): [string, Typed][] {
	const all = here === null ? null : kept<Record<string, Partial<Typed> | null>>(key(here));
	return Object.entries(all ?? {}).filter((one): one is [string, Typed] => Number.isFinite(one[1]?.at));
}
