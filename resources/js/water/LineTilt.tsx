import { useCallback, useEffect, useRef, useState } from "react";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { troubleOf } from "../parts/queries";
import { ask } from "../parts/send";
import { lacksMotion, NO_MOTION } from "../phone/motion";
import type { LineTiltData } from "../types";

/** s in which the phone is brought to the line and held there. */
const HELD = 6;

/** Decimals of what a sensor feels that say anything. */
const round = (value: number | null) => Math.round(1000 * (value ?? 0)) / 1000;

/** How far the line leans, by this phone held along it: one press, then both hands are free. */
export function LineTilt({ onAngle }: { onAngle: (angle: string) => void }) {
	const [left, setLeft] = useState<number | null>(null);
	const [said, setSaid] = useState<string | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	const stop = useRef(() => {});
	useEffect(() => () => stop.current(), []);
	const tell = useCallback(
		async (samples: number[][]) => {
			if (samples.length === 0) return setTrouble(NO_MOTION.silent);
			try {
				const tilt = await ask<LineTiltData>("/angle-by-tilt", undefined, { samples });
				setSaid(tilt.sentence);
				if (tilt.angle) onAngle(tilt.angle);
			} catch (error) {
				setTrouble(troubleOf(error, "No signal: take Eskith along in Settings, and this phone tells it."));
			}
		},
		[onAngle],
	);
	const hold = async () => {
		setSaid(null);
		const lacking = await lacksMotion();
		setTrouble(lacking);
		if (lacking) return;
		const samples: number[][] = [];
		const listen = ({ accelerationIncludingGravity: felt, timeStamp }: DeviceMotionEvent) => {
			if (felt) samples.push([timeStamp / 1000, felt.x, felt.y, felt.z].map(round));
		};
		window.addEventListener("devicemotion", listen);
		setLeft(HELD);
		const timer = window.setInterval(() => setLeft((before) => Math.max(0, (before ?? 0) - 1)), 1000);
		const over = window.setTimeout(() => {
			stop.current();
			// Felt, since nobody looks at it there.
			navigator.vibrate?.(120);
			void tell(samples);
		}, HELD * 1000);
		stop.current = () => {
			window.removeEventListener("devicemotion", listen);
			window.clearInterval(timer);
			window.clearTimeout(over);
			setLeft(null);
			stop.current = () => {};
		};
	};
	return (
		<div className="mb-3">
			<Button onClick={() => (left === null ? void hold() : stop.current())}>
				{left === null ? "Hold this phone along the line" : `Hold it still: ${left} s`}
			</Button>
			<p role="status" className="text-[15px] text-slate empty:hidden">
				{said}
			</p>
			<Trouble words={trouble} className="text-[15px]" />
		</div>
	);
}
