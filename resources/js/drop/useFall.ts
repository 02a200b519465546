import { useEffect, useState } from "react";
import { isCalm } from "../parts/calm";
import type { FallData } from "../types";

/** Plays a fall at true speed: seconds since it began, and where the lure is. Null while nothing falls. */
export function useFall(fall: FallData[], run: number): { seconds: number; at: FallData } | null {
	const [seconds, setSeconds] = useState<number | null>(null);
	const last = fall.at(-1)?.t ?? 0;
	useEffect(() => {
		if (run === 0 || last === 0) return;
		const calm = isCalm();
		const start = performance.now();
		let frame = 0;
		const step = () => {
			const now = (performance.now() - start) / 1000;
			setSeconds(calm ? Math.floor(now) : now);
			if (now < last + 1.5) frame = requestAnimationFrame(step);
			else setSeconds(null);
		};
		frame = requestAnimationFrame(step);
		return () => {
			cancelAnimationFrame(frame);
			setSeconds(null);
		};
	}, [run, last]);
	if (seconds === null) return null;
	const after = fall.findIndex((point) => point.t >= seconds);
	const b = after === -1 ? fall.at(-1) : fall[after];
	const a = fall[Math.max(0, after === -1 ? fall.length - 1 : after - 1)];
	if (!a || !b) return null;
	const share = b.t > a.t ? (Math.min(seconds, b.t) - a.t) / (b.t - a.t) : 1;
	return {
		seconds: Math.min(seconds, last),
		at: { t: seconds, h: a.h + (b.h - a.h) * share, x: a.x + (b.x - a.x) * share },
	};
}
