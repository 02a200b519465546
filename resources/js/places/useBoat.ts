import { useQuery } from "@tanstack/react-query";
import { queries } from "../parts/queries";
import { send } from "../parts/send";
import type { BoatData, RecordingData } from "../types";

/** ms between two looks while the instruments speak or something is recorded, and while they are silent. */
const looks = { live: 2_000, silent: 20_000 };

/** Where the boat is, what is being recorded, and the way back onto a mark, kept current. */
export function useBoat(water: number | null, mark: string | null, recording: RecordingData | null): BoatData | null {
	const { data } = useQuery(
		{
			queryKey: ["boat", water, mark, recording?.uuid],
			queryFn: ({ signal }) => send<BoatData>("GET", `/places/${water}/boat${backTo(mark)}`, undefined, signal),
			enabled: water !== null,
			refetchInterval: ({ state }) => (state.data?.x != null || recording !== null ? looks.live : looks.silent),
		},
		queries,
	);
	return data ?? null;
}

const backTo = (mark: string | null) => (mark ? `?mark=${mark}` : "");
