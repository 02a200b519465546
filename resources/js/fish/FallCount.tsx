import { useEffect, useState } from "react";
import type { FallData } from "../types";

interface Props {
	fall: FallData[];
	/** ms */
	droppedAt: number | null;
	/** How deep it is, as it was read. */
	depthText: string;
}

/** Counts down a drop: the seconds since, of how many; nothing once it is on the bottom for a while. */
export function FallCount({ fall, droppedAt, depthText }: Props) {
	const seconds = useSeconds(droppedAt);
	const down = fall.at(-1)?.t ?? 0;
	if (seconds === null || down === 0 || seconds > down + 4) return null;
	return (
		<p className="figure pb-1 text-[22px] text-brass-deep">
			{seconds < down ? `falling: ${Math.floor(seconds)} of ${Math.round(down)}` : `on the bottom, ${depthText}`}
		</p>
	);
}

/** s since a moment, counted while it is of use. */
function useSeconds(since: number | null): number | null {
	const [now, setNow] = useState(() => Date.now());
	useEffect(() => {
		if (since === null) return;
		setNow(Date.now());
		const timer = window.setInterval(() => setNow(Date.now()), 250);
		return () => window.clearInterval(timer);
	}, [since]);
	return since === null ? null : Math.max(0, (now - since) / 1000);
}
