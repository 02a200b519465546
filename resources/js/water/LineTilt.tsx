import { HeldPress, type Sensor } from "../phone/HeldPress";
import { lacksMotion, listenToGravity, NO_MOTION } from "../phone/motion";
import type { LineTiltData } from "../types";

const GRAVITY: Sensor<number[]> = {
	lacks: lacksMotion,
	listen: listenToGravity,
	silent: NO_MOTION.silent,
	// Brought to the line and held there.
	seconds: 6,
	question: "/angle-by-tilt",
};

/** How far the line leans, by this phone held along it. */
export function LineTilt({ onAngle }: { onAngle: (angle: string) => void }) {
	const told = ({ angle }: LineTiltData) => {
		if (angle) onAngle(angle);
	};
	return (
		<HeldPress
			sensor={GRAVITY}
			words="Hold this phone along the line"
			holding="Hold it still"
			onTold={told}
			className="mb-3"
		/>
	);
}
