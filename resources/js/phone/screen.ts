import { useEffect } from "react";
import { keep, kept } from "../parts/kept";

/** Whether the screen stays on in an outing: of the device, not of the angler. */
const WANTED = "the screen stays on in an outing";

export function isScreenWanted(): boolean {
	return kept<boolean>(WANTED) === true;
}

/** The screen is to stay on in an outing from now on, or not any more. */
export function wantScreen(wanted: boolean): void {
	keep(WANTED, wanted);
}

/** Why this page cannot keep the screen on; null where it can. */
export function lacksScreen(): string | null {
	if (!window.isSecureContext) return "Browsers keep the screen on only for pages with https.";
	return "wakeLock" in navigator ? null : "This browser can't keep the screen on.";
}

/** Keeps it on while this page is looked at, also once one comes back to it; gives back how to stop. */
export function keepScreenOn(): () => void {
	let lock: WakeLockSentinel | null = null;
	let over = false;
	const ask = async () => {
		if (over || document.visibilityState !== "visible") return;
		try {
			const given = await navigator.wakeLock.request("screen");
			// It was left while that was asked for.
			if (over) void given.release().catch(() => {});
			else lock = given;
		} catch {
			// A low battery may refuse it: the screen goes off as it always did.
		}
	};
	const again = () => void ask();
	document.addEventListener("visibilitychange", again);
	again();
	return () => {
		over = true;
		document.removeEventListener("visibilitychange", again);
		void lock?.release().catch(() => {});
	};
}

/** Keeps the screen on while an outing is under way, where that is wanted here. */
export function useScreenOn(underWay: boolean): void {
	useEffect(() => {
		if (underWay && isScreenWanted() && lacksScreen() === null) return keepScreenOn();
	}, [underWay]);
}
