import { timeOf } from "../parts/words";
import type { Counted } from "./tally";

/** The cadence in counts, how the half hours go, which drift it is, and what light and tide do next. */
export function Glance({ outing }: { outing: Counted }) {
	const { sky } = outing;
	const told = [
		outing.counts,
		outing.pace,
		outing.drift > 0 ? `drift ${outing.drift}, drop ${outing.drops}` : "",
		sky.slack ? `${sky.tide} water ${timeOf(sky.slack)}` : "",
		sky.sunset ? `sunset ${timeOf(sky.sunset)}` : "",
	].filter(Boolean);
	return told.length === 0 ? null : <p className="border-b border-rule py-1.5 text-[15px]">{told.join(" · ")}</p>;
}
