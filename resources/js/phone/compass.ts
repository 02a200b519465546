/** Asked for on some phones before a direction is told. */
type Asking = { requestPermission?: () => Promise<string> };

/** Some phones tell their heading in a field of their own. */
type Told = DeviceOrientationEvent & { webkitCompassHeading?: number };

/** s, degrees of the upper edge from north, and degrees from level. */
export type CompassSample = [number, number, number];

export const NO_COMPASS = {
	insecure: "Browsers tell the compass only to pages with https. Settings, This phone, says how.",
	missing: "This device has no compass.",
	refused: "The compass was refused. Allow it in the browser's settings.",
	silent: "No direction came from this device.",
};

/** By which a phone tells where it points against north; not all know north. */
const ABSOLUTE = "deviceorientationabsolute";
const ANY = "deviceorientation";

/** Why this device tells no direction; null where it does, or was just allowed to. To be asked for by a press. */
export async function lacksCompass(): Promise<string | null> {
	if (!window.isSecureContext) return NO_COMPASS.insecure;
	if (!("DeviceOrientationEvent" in window)) return NO_COMPASS.missing;
	const asking = window.DeviceOrientationEvent as unknown as Asking;
	try {
		return asking.requestPermission && (await asking.requestPermission()) !== "granted" ? NO_COMPASS.refused : null;
	} catch {
		return NO_COMPASS.refused;
	}
}

/** ms between two looks: browsers tell a direction only as it changes, and what counts is one that does not. */
const LOOK = 100;

/** Gives on where this phone points, again and again from the first time that it says so; gives back how to stop. */
export function listenToCompass(take: (sample: CompassSample) => void): () => void {
	let pointed: [degrees: number, lean: number] | null = null;
	const hear = (event: Event) => {
		const { alpha, beta, gamma, absolute, webkitCompassHeading: own } = event as Told;
		const heading = own ?? (absolute && alpha !== null ? 360 - alpha : null);
		if (heading !== null) pointed = [heading, Math.max(Math.abs(beta ?? 0), Math.abs(gamma ?? 0))];
	};
	const name = `on${ABSOLUTE}` in window ? ABSOLUTE : ANY;
	window.addEventListener(name, hear);
	const timer = window.setInterval(() => {
		if (pointed) take([Math.round(performance.now()) / 1000, tenth(pointed[0]), tenth(pointed[1])]);
	}, LOOK);
	return () => {
		window.clearInterval(timer);
		window.removeEventListener(name, hear);
	};
}

const tenth = (degrees: number) => Math.round(10 * degrees) / 10;
