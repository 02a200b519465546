import { useEffect, useState } from "react";
import { Button } from "../parts/Button";
import { say, timeOf } from "../parts/words";
import type { Run } from "../phone/underWay";
import { usePosition } from "../phone/usePosition";
import type { OutingData } from "../types";

interface Props {
	outing: OutingData;
	onRest: (why: string, from: number, until: number) => void;
}

/** A run that this phone saw: whether it was fished is asked, and nothing is taken from a lure silently. */
export function RunBetween({ outing, onRest }: Props) {
	const [run, setRun] = useState<Run | null>(null);
	const { used } = usePosition();
	const open = !outing.endedAt;
	useEffect(() => {
		if (!open || !used) return;
		let closed = false;
		let stop = () => {};
		const watch = async () => {
			const { watchRuns } = await import("../phone/underWay");
			if (!closed) stop = watchRuns(setRun);
		};
		void watch().catch(() => {});
		return () => {
			closed = true;
			stop();
		};
	}, [open, used]);
	if (!run || !open || outing.pause || wasFished(outing, run)) return null;
	const minutes = Math.round((run.until - run.from) / 60_000);
	return (
		<div role="status" className="flex flex-wrap items-center gap-x-4 border-b border-rule text-[15px]">
			<span>
				{say("Under way {minutes} min, until {until}. Not fishing time?", {
					minutes,
					until: timeOf(new Date(run.until).toISOString()),
				})}
			</span>
			<Button
				look="strong"
				size="big"
				onClick={() => {
					onRest("moving", run.from, run.until);
					setRun(null);
				}}
			>
				Leave it out
			</Button>
			<Button look="aside" size="big" onClick={() => setRun(null)}>
				I fished
			</Button>
		</div>
	);
}

/** Something was logged on the way: then it was fished. */
function wasFished({ events, startedAt }: OutingData, { from, until }: Run): boolean {
	return from < Date.parse(startedAt) || events.some(({ at }) => Date.parse(at) >= from && Date.parse(at) <= until);
}
