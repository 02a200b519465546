import { useEffect, useState } from "react";
import { SURE_M } from "../figures";
import { ask } from "../parts/send";
import type { NearestSpotData } from "../types";
import type { PhoneFix } from "./position";

/** ms between two looks: a boat takes longer from one spot to the next. */
const AGAIN = 20_000;

/** The spot of one's own that this phone is at, where the day is read at another; null where there is none to propose. */
export function useNearestSpot(fix: PhoneFix | null, spot: number | null): (NearestSpotData & { spot: number }) | null {
	const [near, setNear] = useState<NearestSpotData | null>(null);
	const [asked, setAsked] = useState<{ at: number; spot: number | null } | null>(null);
	const isDue =
		fix !== null &&
		fix.accuracy <= SURE_M &&
		(asked === null || asked.spot !== spot || fix.at - asked.at >= AGAIN || fix.at < asked.at);
	useEffect(() => {
		if (!isDue || !fix) return;
		setAsked({ at: fix.at, spot });
		const { lat, lon, accuracy } = fix;
		const where = new URLSearchParams({ lat: `${lat}`, lon: `${lon}`, accuracy: `${accuracy}` });
		// What cannot be asked is proposed later.
		ask<NearestSpotData>(`/nearest-spot?${where}`)
			.then(setNear)
			.catch(() => {});
	}, [isDue, fix, spot]);
	// What it is near to ends with where it is.
	return fix && near && near.spot !== null && near.spot !== spot ? { ...near, spot: near.spot } : null;
}
