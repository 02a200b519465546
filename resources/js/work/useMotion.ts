import { useCallback, useRef, useState } from "react";
import { say } from "../parts/words";
import { lacksMotion, NO_MOTION } from "../phone/motion";
import type { Sample } from "./usePractice";

/**
 * The way a phone goes up, from its motion: acceleration along gravity summed twice. It stands still at both ends, which takes
 * out what the sums drift by.
 */
export function heightsFrom(motion: { at: number; up: number }[]): Sample[] {
	const first = motion[0];
	const last = motion.at(-1);
	if (!first || !last || last.at <= first.at) return [];
	const speeds = [0];
	for (let i = 1; i < motion.length; i++) {
		const [a, b] = [motion[i - 1], motion[i]];
		if (a && b) speeds.push((speeds[i - 1] ?? 0) + ((a.up + b.up) / 2) * (b.at - a.at));
	}
	const drift = (speeds.at(-1) ?? 0) / (last.at - first.at);
	let height = 0;
	return motion.map(({ at }, i) => {
		const before = motion[i - 1];
		if (before) {
			const [v, w] = [i - 1, i].map((n) => (speeds[n] ?? 0) - drift * ((motion[n]?.at ?? 0) - first.at));
			height += (((v ?? 0) + (w ?? 0)) / 2) * (at - before.at);
		}
		return [at - first.at, height];
	});
}

/** Records the phone's way up between two taps. */
export function useMotion(onLift: (samples: Sample[]) => void) {
	const [recording, setRecording] = useState(false);
	const [refused, setRefused] = useState<string | null>(null);
	const stop = useRef<(() => void) | null>(null);
	const toggle = useCallback(async () => {
		if (stop.current) return stop.current();
		const lacking = await lacksMotion();
		if (lacking) return setRefused(say("{lacking} Drag instead.", { lacking }));
		setRefused(null);
		const motion: { at: number; up: number }[] = [];
		const listen = ({ acceleration, accelerationIncludingGravity: all, timeStamp }: DeviceMotionEvent) => {
			if (!acceleration || !all) return;
			const own = [acceleration.x ?? 0, acceleration.y ?? 0, acceleration.z ?? 0];
			const up = [(all.x ?? 0) - (own[0] ?? 0), (all.y ?? 0) - (own[1] ?? 0), (all.z ?? 0) - (own[2] ?? 0)];
			const size = Math.hypot(...up) || 1;
			motion.push({ at: timeStamp / 1000, up: own.reduce((sum, one, i) => sum + (one * (up[i] ?? 0)) / size, 0) });
		};
		window.addEventListener("devicemotion", listen);
		setRecording(true);
		stop.current = () => {
			window.removeEventListener("devicemotion", listen);
			stop.current = null;
			setRecording(false);
			if (motion.length < 4) setRefused(say("{silent} Drag instead.", { silent: NO_MOTION.silent }));
			else onLift(heightsFrom(motion));
		};
	}, [onLift]);
	return { recording, refused, toggle: () => void toggle() };
}
