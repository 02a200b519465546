/** Asked for on some phones before motion is told. */
type Asking = { requestPermission?: () => Promise<string> };

export const NO_MOTION = {
	insecure: "Browsers tell motion only to pages with https. Settings, This phone, says how.",
	missing: "This device doesn't tell its motion.",
	refused: "Motion was refused. Allow it in the browser's settings.",
	silent: "No motion came from this device.",
};

/** Why this device tells no motion; null where it does, or was just allowed to. To be asked for by a press. */
export async function lacksMotion(): Promise<string | null> {
	if (!window.isSecureContext) return NO_MOTION.insecure;
	if (!("DeviceMotionEvent" in window)) return NO_MOTION.missing;
	const asking = window.DeviceMotionEvent as unknown as Asking;
	try {
		return asking.requestPermission && (await asking.requestPermission()) !== "granted" ? NO_MOTION.refused : null;
	} catch {
		return NO_MOTION.refused;
	}
}

/** Decimals of what a sensor feels that say anything. */
const round = (value: number | null) => Math.round(1000 * (value ?? 0)) / 1000;

/** Gives on what this phone feels of gravity, as s and m/s² across, along and out of it; gives back how to stop. */
export function listenToGravity(take: (sample: number[]) => void): () => void {
	const hear = ({ accelerationIncludingGravity: felt, timeStamp }: DeviceMotionEvent) => {
		if (felt) take([timeStamp / 1000, felt.x, felt.y, felt.z].map(round));
	};
	window.addEventListener("devicemotion", hear);
	return () => window.removeEventListener("devicemotion", hear);
}
