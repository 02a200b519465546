import { keep, kept } from "./kept";

/** Whether this device has taken along what it answers with. */
const TAKEN = "on board";

/** Said on the window when a page was opened that this device kept, and the server cannot be heard. */
export const NO_SIGNAL = "no signal";

/** What the server took since the kit here was made. */
const LACKS = "kit lacks";

/** Of that at most so much is kept: by then the kit has been fetched anew, or never will be. */
const MOST = 300;

/** ms after the last change before what is known here is fetched anew. */
const CALM = 5_000;

let timer: ReturnType<typeof setTimeout> | undefined;

export function isOnBoard(): boolean {
	return kept<boolean>(TAKEN) === true;
}

export function setOnBoard(taken: boolean): void {
	keep(TAKEN, taken);
}

let undone: () => Promise<unknown[]> = async () => [];

/** Says how it is known what was done here and is not sent yet, as it will be. */
export function setUndone(of: () => Promise<unknown[]>): void {
	undone = of;
}

/** What was done here and is not in the kit, in order. */
export async function notInKit(): Promise<unknown[]> {
	return [...lacked(), ...(await undone())];
}

/** The server took these: the kit here knows nothing of them until it is fetched anew. */
export function lackedByKit(actions: unknown[]): void {
	keep(LACKS, [...lacked(), ...actions].slice(-MOST));
}

/** The kit was fetched anew: it has the first so many of them. */
export function kitHas(many: number): void {
	keep(LACKS, lacked().slice(many));
}

export function lacked(): unknown[] {
	const all = kept<unknown>(LACKS);
	return Array.isArray(all) ? all : [];
}

/** Something was kept on the server: what this device knows is fetched anew, once it is calm. */
export function kitIsOld(): void {
	if (!isOnBoard()) return;
	clearTimeout(timer);
	timer = setTimeout(() => void import("./onBoard").then(({ takeKit }) => takeKit()).catch(() => {}), CALM);
}
