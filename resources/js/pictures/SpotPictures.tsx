import { useState } from "react";
import { useAsk } from "../parts/useAsk";
import type { PictureData } from "../types";
import { Pictures } from "./Pictures";

/** Pictures of a spot, asked for once it is looked at by itself. */
export function SpotPictures({ spot }: { spot: number }) {
	const [times, setTimes] = useState(0);
	const { answer } = useAsk<{ pictures: PictureData[] }>(`/spots/${spot}/pictures`, { again: times });
	return (
		<Pictures
			shown={{ of: "spot", thing: String(spot), outing: null }}
			pictures={answer?.pictures ?? []}
			onChange={() => setTimes((before) => before + 1)}
		/>
	);
}
