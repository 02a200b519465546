import { router } from "@inertiajs/react";
import { useEffect, useState } from "react";
import { Button } from "../parts/Button";
import { Notice } from "../parts/Notice";
import { say, timeOf } from "../parts/words";
import type { OutingData } from "../types";

/** Asked once more, since it closes the day. */
export function EndOuting({ onEnd }: { onEnd: () => void }) {
	const [asked, setAsked] = useState(false);
	if (!asked)
		return (
			<Button look="aside" size="big" className="justify-self-start" onClick={() => setAsked(true)}>
				End the outing
			</Button>
		);
	return (
		<div className="grid grid-cols-2 gap-2.5">
			<Button look="danger" size="big" onClick={onEnd}>
				Yes, end it
			</Button>
			<Button look="soft" size="big" onClick={() => setAsked(false)}>
				Go on fishing
			</Button>
		</div>
	);
}

/** It is over, here at least: nothing more is logged in it. */
export function Ended({ outing, waiting }: { outing: OutingData; waiting: number | null }) {
	const kept = waiting === 0;
	useEffect(() => {
		if (kept) router.visit("/fish", { replace: true });
	}, [kept]);
	if (!outing.endedAt) return null;
	return (
		<div className="sticky bottom-(--bar) mt-2 self-start bg-frost pt-1 pb-3 lg:static">
			<Notice tone="done" className="py-2">
				{kept
					? say("Ended at {endedAt}, all saved.", { endedAt: timeOf(outing.endedAt) })
					: say("Ended at {endedAt}. {waiting} to send, as soon as there's a connection.", {
							endedAt: timeOf(outing.endedAt),
							waiting: waiting ?? 0,
						})}
			</Notice>
		</div>
	);
}

/** After hours of silence: it was probably over then. */
export function Forgotten({ outing }: { outing: OutingData }) {
	if (!outing.forgotten) return null;
	return (
		<Notice tone="done" className="mt-2 flex flex-wrap items-center justify-between gap-x-4 py-2">
			{say("Nothing logged since {forgotten}.", { forgotten: timeOf(outing.forgotten) })}
			<Button
				look="strong"
				size="big"
				onClick={() => router.post(`/outings/${outing.uuid}/end`, { at_last_tap: true })}
			>
				End it then
			</Button>
		</Notice>
	);
}
