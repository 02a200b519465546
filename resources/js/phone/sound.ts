interface Tone {
	hertz: number;
	/** s until it has faded, and s after which it begins. */
	seconds: number;
	after?: number;
	/** 1 is as loud as can be. */
	gain: number;
}

/** Tones that fade, one beside the other; nothing on a device that has no sound. */
export function sound(...tones: Tone[]): void {
	try {
		const audio = new AudioContext();
		let playing = tones.length;
		for (const { hertz, seconds, after = 0, gain } of tones) {
			const [tone, loud] = [audio.createOscillator(), audio.createGain()];
			const from = audio.currentTime + after;
			tone.frequency.value = hertz;
			loud.gain.setValueAtTime(gain, from);
			loud.gain.exponentialRampToValueAtTime(0.001, from + seconds);
			tone.connect(loud).connect(audio.destination);
			tone.start(from);
			tone.stop(from + seconds);
			tone.onended = () => {
				playing--;
				if (playing === 0) void audio.close();
			};
		}
	} catch {
		// It is felt then, or said on the page.
	}
}
