import { keep, kept } from "./kept";

/** Whether this device has taken along what it answers with. */
const TAKEN = "on board";

/** Said on the window when a page was opened that this device kept, and the server cannot be heard. */
export const NO_SIGNAL = "no signal";

/** ms after the last change before what is known here is fetched anew. */
const CALM = 5_000;

let timer: ReturnType<typeof setTimeout> | undefined;

export function isOnBoard(): boolean {
	return kept<boolean>(TAKEN) === true;
}

export function setOnBoard(taken: boolean): void {
	keep(TAKEN, taken);
}

/** Something was kept on the server: what this device knows is fetched anew, once it is calm. */
export function kitIsOld(): void {
	if (!isOnBoard()) return;
	clearTimeout(timer);
	timer = setTimeout(() => void import("./onBoard").then(({ takeKit }) => takeKit()).catch(() => {}), CALM);
}
