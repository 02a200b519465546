import { Button } from "../parts/Button";
import { Notice } from "../parts/Notice";
import { useMinutesSince } from "../parts/useMinutesSince";
import { say } from "../parts/words";
import type { OutingData } from "../types";

/** That nobody fishes for a while, and the way on. */
export function Paused({ outing, onGoOn }: { outing: OutingData; onGoOn: () => void }) {
	const minutes = useMinutesSince(outing.pause?.since ?? null);
	if (!outing.pause) return null;
	const rod = outing.rods.find((one) => one.uuid === outing.pause?.rod);
	return (
		<Notice tone="done" className="mt-1 mb-2 flex flex-wrap items-center justify-between gap-x-4 py-2">
			<span>
				{rod
					? say("{rod}: not fishing for {minutes} min: {why}.", { rod: rod.name, minutes, why: outing.pause.why })
					: say("Not fishing for {minutes} min: {why}.", { minutes, why: outing.pause.why })}
			</span>
			<Button look="strong" size="big" onClick={onGoOn}>
				Go on
			</Button>
		</Notice>
	);
}
