import { type Beat, beatsOf, cycleOf, type Timing } from "./repeat";

/** s that beats are laid down ahead: a hidden tab may be woken only once a minute. */
const AHEAD = 90;

/** ms between two looks whether more have to be laid down. */
const LOOK = 5_000;

/** s from the start to the first beat. */
const LEAD = 0.25;

const tones: Record<Beat["kind"], { hertz: number; loud: number }> = {
	lift: { hertz: 1320, loud: 0.5 },
	top: { hertz: 880, loud: 0.3 },
	bottom: { hertz: 440, loud: 0.4 },
	count: { hertz: 660, loud: 0.15 },
};

/**
 * Keeps time by the audio clock. Beats are laid down far ahead, each at its own place from the start and not after the one
 * before, so that nothing adds up and a busy or hidden tab does not matter.
 */
export class Metronome {
	private readonly beats: Beat[];
	private readonly cycle: number;
	private readonly out: GainNode;
	private readonly start: number;
	private readonly timer: number;
	private laid = 0;
	private waiting: OscillatorNode[] = [];

	constructor(
		private readonly audio: AudioContext,
		timing: Timing,
		sound: boolean,
	) {
		this.beats = beatsOf(timing);
		this.cycle = cycleOf(timing);
		this.out = audio.createGain();
		this.out.gain.value = sound ? 1 : 0;
		this.out.connect(audio.destination);
		this.start = audio.currentTime + LEAD;
		this.layDown();
		this.timer = window.setInterval(() => this.layDown(), LOOK);
	}

	/** s since the first beat; below 0 before it */
	now(): number {
		return this.audio.currentTime - this.start;
	}

	setSound(on: boolean): void {
		this.out.gain.setTargetAtTime(on ? 1 : 0, this.audio.currentTime, 0.01);
	}

	stop(): void {
		window.clearInterval(this.timer);
		for (const tone of this.waiting) tone.stop();
		this.out.disconnect();
		this.waiting = [];
	}

	/** Beats are numbered through all repeats, so that each is laid down once. */
	private layDown(): void {
		for (;;) {
			const beat = this.beats[this.laid % this.beats.length];
			if (!beat) return;
			const at = this.start + Math.floor(this.laid / this.beats.length) * this.cycle + beat.at;
			if (at > this.audio.currentTime + AHEAD) return;
			this.laid++;
			// What is late by then is left out: a beat at the wrong time is worse than none.
			if (at >= this.audio.currentTime) this.tone(beat, at);
		}
	}

	private tone({ kind }: Beat, at: number): void {
		const { hertz, loud } = tones[kind];
		const tone = this.audio.createOscillator();
		const envelope = this.audio.createGain();
		tone.frequency.value = hertz;
		envelope.gain.setValueAtTime(loud, at);
		envelope.gain.exponentialRampToValueAtTime(0.001, at + 0.08);
		tone.connect(envelope).connect(this.out);
		tone.onended = () => {
			envelope.disconnect();
			this.waiting = this.waiting.filter((one) => one !== tone);
		};
		tone.start(at);
		tone.stop(at + 0.1);
		this.waiting.push(tone);
	}
}
