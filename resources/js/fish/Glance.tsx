import { say, timeOf } from "../parts/words";
import { TodayStrip } from "../places/TodayStrip";
import type { TodayData } from "../types";
import type { Counted } from "./tally";

/** On a press: the cadence in counts, how the half hours go, which drift it is, the rig, and what light and tide do next. */
export function Glance({ outing, today }: { outing: Counted; today: TodayData | null }) {
	const { sky } = outing;
	const told = [
		outing.counts,
		outing.pace,
		outing.drift > 0 ? say("drift {drift}, drop {drops}", { drift: outing.drift, drops: outing.drops }) : "",
		sky.slack ? say("{tide} water {slack}", { tide: sky.tide, slack: timeOf(sky.slack) }) : "",
		sky.sunset ? say("sunset {sunset}", { sunset: timeOf(sky.sunset) }) : "",
	].filter(Boolean);
	if (told.length === 0 && !outing.rig && !today) return null;
	return (
		<details className="border-b border-rule text-[15px]">
			<summary className="min-h-11 cursor-pointer py-2.5">Pace, light, rig</summary>
			{told.length > 0 && <p className="pb-1.5 first-letter:uppercase">{told.join(" · ")}</p>}
			{outing.rig && <p className="border-t border-rule py-1.5">{outing.rig.bears}</p>}
			{today && (
				<div className="border-t border-rule py-2">
					<TodayStrip today={today} short />
				</div>
			)}
		</details>
	);
}
