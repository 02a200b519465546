import { useEffect, useState } from "react";
import { keep, kept } from "../parts/kept";
import { say } from "../parts/words";

/** A stopwatch from a fish to back on the bottom, for schools that move on. */
export function BackDown() {
	const [start, setStart] = useState<number | null>(null);
	const [now, setNow] = useState(0);
	const [last, setLast] = useState<number | null>(null);
	const [best, setBest] = useState<number | null>(() => kept<number>("back down") ?? null);
	useEffect(() => {
		if (start === null) return;
		const timer = window.setInterval(() => setNow(performance.now()), 100);
		return () => window.clearInterval(timer);
	}, [start]);
	const press = () => {
		const at = performance.now();
		setNow(at);
		if (start === null) return setStart(at);
		const seconds = (at - start) / 1000;
		setStart(null);
		setLast(seconds);
		if (best === null || seconds < best) {
			setBest(seconds);
			keep("back down", seconds);
		}
	};
	const look = start === null ? "bg-ink text-frost" : "border-[3px] border-ember";
	return (
		<section aria-label="Back down" className="mt-6 max-w-[460px]">
			<h2 className="text-[20px]">Back on the bottom</h2>
			<p className="mt-1 text-slate">Start as the fish is off the hook, stop as the lure is down again.</p>
			<button
				type="button"
				onClick={press}
				className={`figure mt-2 min-h-[76px] w-full rounded-md text-[22px] ${look}`}
			>
				{start === null
					? "Fish off"
					: say("{seconds} s – on the bottom", { seconds: ((now - start) / 1000).toFixed(1) })}
			</button>
			<p className="mt-1 min-h-6 text-[15px] text-slate">
				{last !== null && `${last.toFixed(1)} s. `}
				{best !== null && say("Best on this device {best} s.", { best: best.toFixed(1) })}
			</p>
		</section>
	);
}
