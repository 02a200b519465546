import { useQuery } from "@tanstack/react-query";
import { useRef } from "react";
import { queries } from "../parts/queries";
import { send } from "../parts/send";
import type { PhoneFix } from "../phone/position";
import { usePosition } from "../phone/usePosition";
import type { BoatData, RecordingData } from "../types";

/** ms between two looks while the boat is heard of or something is recorded, and while all is silent. */
const looks = { live: 2_000, silent: 20_000 };

/**
 * Where the boat is, what is being recorded, and the way back onto a mark, kept current; a phone that says where it is goes
 * before instruments.
 */
export function useBoat(water: number | null, mark: string | null, recording: RecordingData | null): BoatData | null {
	const { fix } = usePosition();
	const latest = useRef(fix);
	latest.current = fix;
	const { data } = useQuery(
		{
			// Where it is changes every second: it goes with the next look.
			queryKey: ["boat", water, mark, recording?.uuid, fix !== null],
			queryFn: ({ signal }) =>
				send<BoatData>("GET", `/places/${water}/boat?${asked(mark, latest.current)}`, undefined, signal),
			enabled: water !== null,
			refetchInterval: ({ state }) =>
				state.data?.x != null || recording !== null || fix !== null ? looks.live : looks.silent,
		},
		queries,
	);
	return data ?? null;
}

function asked(mark: string | null, fix: PhoneFix | null): URLSearchParams {
	return new URLSearchParams({
		...(mark && { mark }),
		...(fix && { lat: `${fix.lat}`, lon: `${fix.lon}`, accuracy: `${fix.accuracy}` }),
	});
}
