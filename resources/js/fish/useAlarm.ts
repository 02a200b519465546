import { useEffect } from "react";
import { anglerHere } from "../parts/angler";
import { say } from "../parts/words";
import { type Alarm, expectAlarm } from "../phone/patience";
import type { Counted } from "./tally";

/** Says when the time to change, or to move, is up: it is told once then, also while another station is open. */
export function useAlarm(outing: Counted): void {
	const alarm = alarmOf(outing);
	const key = JSON.stringify(alarm);
	useEffect(() => {
		const angler = anglerHere();
		if (angler !== null) expectAlarm(angler, JSON.parse(key) as Alarm | null);
	}, [key]);
}

/** Null while nothing is fished, and where nothing in the box is worth the change. */
export function alarmOf({ uuid, endedAt, pause, setup, sinceTouch, move, pick }: Counted): Alarm | null {
	const since = Date.parse(sinceTouch ?? "");
	if (endedAt || pause || !setup || Number.isNaN(since)) return null;
	if (move) return { key: `${uuid} move ${sinceTouch}`, due: null, words: move };
	const next = pick?.ladder[0];
	if (!next || next.hardly) return null;
	return {
		key: `${setup} ${sinceTouch} ${next.key}`,
		due: since + 60_000 * next.minutes,
		words: say("{minutes} min without a bite: {words}.", { minutes: next.minutes, words: next.words }),
	};
}
