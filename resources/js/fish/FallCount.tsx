import { useEffect, useState } from "react";
import { say } from "../parts/words";
import type { FallData } from "../types";

interface Props {
	fall: FallData[];
	/** ms */
	droppedAt: number | null;
	/** How deep it is, as it was read. */
	depthText: string;
	/** What stands here while nothing falls. */
	children: string;
}

/**
 * Counts down a drop: the seconds since, of how many, until it is on the bottom for a while. It stands in the place of what is
 * told otherwise, so that nothing below it moves under a thumb or a pointer.
 */
export function FallCount({ fall, droppedAt, depthText, children }: Props) {
	const seconds = useSeconds(droppedAt);
	const down = fall.at(-1)?.t ?? 0;
	const falls = seconds !== null && down > 0 && seconds <= down + 4;
	return (
		<div className="grid min-h-9 items-center pb-1 *:[grid-area:1/1]">
			<p className={`text-slate ${falls ? "invisible" : ""}`}>{children}</p>
			{falls && (
				<p className="figure text-[22px] leading-8 text-brass-deep">
					{seconds < down
						? `falling: ${Math.floor(seconds)} of ${Math.round(down)}`
						: say("on the bottom, {depthText}", { depthText })}
				</p>
			)}
		</div>
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
