import { useCallback, useEffect, useRef, useState } from "react";
import { keepScreenOn, lacksScreen } from "../phone/screen";
import type { WorkData } from "../types";
import { Metronome } from "./Metronome";
import { beatsOf, cycleOf } from "./repeat";

export interface Cues {
	sound: boolean;
	buzz: boolean;
	voice: boolean;
}

export interface Trainer {
	running: boolean;
	toggle: () => void;
	/** s since the first beat; null while it does not run */
	now: () => number | null;
	trouble: string | null;
}

/** Keeps the time of a cadence: heard, felt and seen, from one tap to the next. */
export function useTrainer(work: WorkData, cues: Cues): Trainer {
	const [running, setRunning] = useState(false);
	const [trouble, setTrouble] = useState<string | null>(null);
	const metronome = useRef<Metronome | null>(null);
	const audio = useRef<AudioContext | null>(null);
	const stop = useCallback(() => {
		metronome.current?.stop();
		metronome.current = null;
		void audio.current?.suspend();
		setRunning(false);
	}, []);
	const start = useCallback(() => {
		try {
			audio.current ??= new AudioContext();
			void audio.current.resume();
			metronome.current = new Metronome(audio.current, work, cues.sound);
			setTrouble(null);
			setRunning(true);
		} catch {
			setTrouble("This browser has no sound to keep time by; count along with the figures.");
		}
	}, [work, cues.sound]);
	// Other numbers are another rhythm.
	const rhythm = `${work.cadence} ${work.liftS} ${work.fallS} ${work.pauseS}`;
	useEffect(() => {
		if (rhythm) return stop;
	}, [rhythm, stop]);
	useEffect(() => metronome.current?.setSound(cues.sound), [cues.sound]);
	useEffect(
		() => () => {
			void audio.current?.close();
			audio.current = null;
		},
		[],
	);
	const now = useCallback(() => metronome.current?.now() ?? null, []);
	useBuzz(work, cues, running, now);
	useEffect(() => {
		if (running && lacksScreen() === null) return keepScreenOn();
	}, [running]);
	return { running, toggle: running ? stop : start, now, trouble };
}

/** Felt and spoken on each beat, while the page is seen: neither can be laid down ahead. */
function useBuzz(work: WorkData, cues: Cues, running: boolean, now: () => number | null): void {
	const { buzz, voice } = cues;
	useEffect(() => {
		if (!running || (!buzz && !voice)) return;
		const beats = beatsOf(work);
		const cycle = cycleOf(work);
		let last = -1;
		const timer = window.setInterval(() => {
			const seconds = now();
			if (seconds === null || seconds < 0) return;
			const into = seconds % cycle;
			const index = beats.findLastIndex((beat) => beat.at <= into);
			const number = Math.floor(seconds / cycle) * beats.length + index;
			const beat = beats[index];
			if (number === last || !beat) return;
			last = number;
			if (buzz && beat.kind !== "count") navigator.vibrate?.(beat.kind === "lift" ? 60 : 25);
			if (voice && "speechSynthesis" in window) {
				window.speechSynthesis.cancel();
				window.speechSynthesis.speak(new SpeechSynthesisUtterance(beat.says));
			}
		}, 20);
		return () => window.clearInterval(timer);
	}, [running, buzz, voice, work, now]);
}
