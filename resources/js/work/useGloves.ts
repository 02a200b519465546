import { useState } from "react";
import { sound } from "../phone/sound";
import { useHeadset } from "../phone/useHeadset";
import type { Trainer } from "./useTrainer";

/** Heard through gloves: two tones up for a bite that is logged, one low where none can be. */
const LOGGED = [
	{ hertz: 880, seconds: 0.12, gain: 0.25 },
	{ hertz: 1175, seconds: 0.2, after: 0.14, gain: 0.25 },
];
const NONE = { hertz: 220, seconds: 0.4, gain: 0.25 };

/**
 * While time is kept the keys of a headset are the angler's: next track logs a bite, play and pause start and stop it.
 *
 * @param outing uuid of the one under way
 * @param rod uuid of the one in hand
 * @returns what the last key did, in a sentence
 */
export function useGloves(trainer: Trainer, title: string, outing: string | null, rod: string | null): string | null {
	const [said, setSaid] = useState<string | null>(null);
	const bite = async () => {
		const { biteHere } = await import("../outbox/day");
		const logged = await biteHere(outing, rod);
		sound(...(logged ? LOGGED : [NONE]));
		setSaid(logged ? "Bite logged from the headset. Undo it on Fish." : "No outing is under way. Start one on Fish.");
	};
	useHeadset(trainer.running, title, { onToggle: trainer.toggle, onNext: () => void bite().catch(() => sound(NONE)) });
	return said ?? (trainer.running ? "Headset: next track logs a bite, pause stops." : null);
}
