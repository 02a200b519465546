import { useCallback, useState } from "react";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { troubleOf } from "../parts/queries";
import { ask } from "../parts/send";
import { lacksMotion, listenToGravity, NO_MOTION } from "../phone/motion";
import { useHeld } from "../phone/useHeld";
import type { LineTiltData } from "../types";

/** s in which the phone is brought to the line and held there. */
const HELD = 6;

/** How far the line leans, by this phone held along it: one press, then both hands are free. */
export function LineTilt({ onAngle }: { onAngle: (angle: string) => void }) {
	const [said, setSaid] = useState<string | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
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
	const { left, hold, stop } = useHeld(HELD, listenToGravity, (samples: number[][]) => void tell(samples));
	const begin = async () => {
		setSaid(null);
		const lacking = await lacksMotion();
		setTrouble(lacking);
		if (!lacking) hold();
	};
	return (
		<div className="mb-3">
			<Button onClick={() => (left === null ? void begin() : stop())}>
				{left === null ? "Hold this phone along the line" : `Hold it still: ${left} s`}
			</Button>
			<p role="status" className="text-[15px] text-slate empty:hidden">
				{said}
			</p>
			<Trouble words={trouble} className="text-[15px]" />
		</div>
	);
}
