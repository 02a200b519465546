import * as clock from "../parts/clock";
import { keep, kept } from "../parts/kept";
import { sound } from "./sound";

/** When the time to change or to move is up, and what is to be done then. */
export interface Alarm {
	/** Told once: by what it is about. */
	key: string;
	/** ms, by the server's clock as far as it is known here; null for at once. */
	due: number | null;
	words: string;
}

/** Whether this device is quiet about it, what is expected, and what was told last: of the device, for one angler. */
const QUIET = "no buzz when time is up";
const EXPECTED = "time is up at";
const TOLD = "time was up of";

/** ms after which it is no news any more: the phone slept. */
const LATE = 600_000;

/** ms of the buzz: on, off, on. */
const BUZZ = [220, 120, 220];

/** Heard in the boat and not on the next one. */
const TONE = { hertz: 523, seconds: 0.45, gain: 0.12 };

export function isBuzzWanted(): boolean {
	return kept<boolean>(QUIET) !== true;
}

export function wantBuzz(wanted: boolean): void {
	keep(QUIET, !wanted);
}

/** What is expected now, on whatever page; null for nothing. */
export function expectAlarm(angler: number, alarm: Alarm | null): void {
	const next = JSON.stringify(alarm);
	if (JSON.stringify(expected(angler)) === next) return;
	keep(`${EXPECTED} ${angler}`, alarm);
	for (const hear of listeners) hear();
}

function expected(angler: number): Alarm | null {
	return kept<Alarm>(`${EXPECTED} ${angler}`);
}

const listeners = new Set<() => void>();

/** Tells once when the time is up, in whichever tab is first; gives back how to stop. */
export function watchAlarm(angler: number, tell: (alarm: Alarm) => void): () => void {
	let timer: ReturnType<typeof setTimeout> | undefined;
	const look = () => {
		clearTimeout(timer);
		const alarm = expected(angler);
		if (!alarm || kept<string>(`${TOLD} ${angler}`) === alarm.key) return;
		const left = alarm.due === null ? 0 : alarm.due - clock.now();
		if (left > 0) {
			timer = setTimeout(look, left);
			return;
		}
		keep(`${TOLD} ${angler}`, alarm.key);
		if (left > -LATE) tell(alarm);
	};
	listeners.add(look);
	window.addEventListener("storage", look);
	look();
	return () => {
		clearTimeout(timer);
		listeners.delete(look);
		window.removeEventListener("storage", look);
	};
}

/** A buzz and a quiet tone, where this device has them. */
export function buzz(): void {
	if (!isBuzzWanted()) return;
	navigator.vibrate?.(BUZZ);
	sound(TONE);
}
