import { useCallback, useEffect, useRef, useState } from "react";

interface Held {
	/** s for which it is still to be held; null while nothing is listened to. */
	left: number | null;
	hold: () => void;
	stop: () => void;
}

/**
 * Listens to a sensor for some seconds after one press: both hands are free then.
 *
 * @param listen gives each sample on, and gives back how to stop
 * @param onHeld is given all of them once the time is over
 */
export function useHeld<S>(
	seconds: number,
	listen: (take: (sample: S) => void) => () => void,
	onHeld: (samples: S[]) => void,
): Held {
	const [left, setLeft] = useState<number | null>(null);
	const stopping = useRef(() => {});
	const stop = useCallback(() => stopping.current(), []);
	useEffect(() => stop, [stop]);
	const hold = () => {
		const samples: S[] = [];
		const deaf = listen((sample) => samples.push(sample));
		setLeft(seconds);
		const timer = window.setInterval(() => setLeft((before) => Math.max(0, (before ?? 0) - 1)), 1000);
		const over = window.setTimeout(() => {
			stop();
			// Felt, since nobody looks at it there.
			navigator.vibrate?.(120);
			onHeld(samples);
		}, seconds * 1000);
		stopping.current = () => {
			deaf();
			window.clearInterval(timer);
			window.clearTimeout(over);
			setLeft(null);
			stopping.current = () => {};
		};
	};
	return { left, hold, stop };
}
