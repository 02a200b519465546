import { SURE_M } from "../figures";
import { now } from "../parts/clock";
import { keep, kept } from "../parts/kept";

/** Where this phone says it is: degrees, m within which it lies, and when it said so. */
export interface PhoneFix {
	lat: number;
	lon: number;
	accuracy: number;
	/** ms, by the server's clock as far as it is known here. */
	at: number;
}

export interface Position {
	/** Whether this phone is to say where it is. */
	used: boolean;
	/** What it said last; null until it does. */
	fix: PhoneFix | null;
	/** Why it does not, in a sentence. */
	trouble: string | null;
}

/** Whether this phone says where it is: of the device, not of the angler. */
const USED = "this phone says where it is";

/** ms after which a fix says nothing of now: a boat has drifted on by then. */
const FRESH = 5_000;

/** ms between two fixes at least. */
const APART = 1_000;

/** ms in which a phone finds itself. */
const SOON = 20_000;

export const NO_POSITION = {
	insecure: "Browsers tell the position only to pages with https. Settings, This phone, says how.",
	missing: "This device can't tell where it is.",
	refused: "The browser keeps the position to itself. Allow it for this page.",
	unknown: "No position here yet. It keeps trying.",
	late: "No position yet. Hold the phone under the open sky.",
};

/** ms of fixes that are kept to see how the boat drifts. */
const KEPT = 180_000;

const listeners = new Set<(position: Position) => void>();
let watching: number | null = null;
let way: PhoneFix[] = [];
/** Until what was said last says nothing of now any more. */
let fading: ReturnType<typeof setTimeout> | undefined;
let position: Position = { used: kept<boolean>(USED) === true, fix: null, trouble: null };

function tell(change: Partial<Position>): void {
	position = { ...position, ...change };
	for (const listener of listeners) listener(position);
}

/** Asks for it while somebody listens and it is to be used, and never else: it costs battery. */
function follow(): void {
	const wanted = position.used && listeners.size > 0;
	if (!wanted && watching !== null) {
		navigator.geolocation.clearWatch(watching);
		watching = null;
		forget();
	}
	if (!wanted || watching !== null) return;
	const cannot = lacking();
	if (cannot) {
		tell({ trouble: cannot });
		return;
	}
	watching = navigator.geolocation.watchPosition(heard, failed, {
		enableHighAccuracy: true,
		maximumAge: APART,
		timeout: SOON,
	});
}

/** Why this page can have no position at all; null where it can. */
function lacking(): string | null {
	if (!window.isSecureContext) return NO_POSITION.insecure;
	return "geolocation" in navigator ? null : NO_POSITION.missing;
}

function heard({ coords, timestamp }: GeolocationPosition): void {
	const at = timestamp - Date.now() + now();
	// More than that costs what it is shown by; after a time without any the first counts.
	if (position.fix && !position.trouble && at - position.fix.at < APART / 2) return;
	const { latitude: lat, longitude: lon, accuracy } = coords;
	const fix = { lat, lon, accuracy, at };
	way = [...way.filter((one) => at - one.at < KEPT), fix];
	tell({ fix, trouble: null });
	clearTimeout(fading);
	fading = setTimeout(forget, FRESH);
}

/** What is shown of where it is and what a press marks with are one: both end with it. */
function forget(): void {
	clearTimeout(fading);
	tell({ fix: null });
}

/** The fixes of the last minutes, as they are asked about: s, two degrees, and m within which each lies. */
export function wayOfLate(): [number, number, number, number][] {
	return way.map(({ at, lat, lon, accuracy }) => [at / 1000, lat, lon, accuracy]);
}

function failed({ code }: { code: number }): void {
	const why = { 1: NO_POSITION.refused, 2: NO_POSITION.unknown, 3: NO_POSITION.late }[code] ?? NO_POSITION.unknown;
	tell({ trouble: why });
}

/** Tells where this phone is, now and whenever it says so; gives back how to stop. */
export function watchPosition(listener: (position: Position) => void): () => void {
	listeners.add(listener);
	listener(position);
	follow();
	return () => {
		listeners.delete(listener);
		follow();
	};
}

/** This phone is to say where it is from now on, or not any more. */
export function setUsed(used: boolean): void {
	keep(USED, used);
	way = [];
	tell({ used, fix: null, trouble: null });
	follow();
}

/** What a press marks with: what the phone said just now, where it is sure enough; null where it is not. */
export function fixToMarkWith(at = now()): Pick<PhoneFix, "lat" | "lon" | "accuracy"> | null {
	const { fix } = position;
	if (!fix || at - fix.at > FRESH || fix.accuracy > SURE_M) return null;
	return { lat: fix.lat, lon: fix.lon, accuracy: fix.accuracy };
}
