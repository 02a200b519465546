import { useState } from "react";
import { LadderSteps } from "../lure/LadderSteps";
import { Button } from "../parts/Button";
import { useMinutesSince } from "../parts/useMinutesSince";
import { say } from "../parts/words";
import { type Counted, isCast } from "./tally";
import type { Tying } from "./useOuting";

export function Counters({ outing }: { outing: Counted }) {
	const minutes = useMinutesSince(outing.sinceTouch);
	const drops = isCast(outing) ? "casts" : "drops";
	const figures: [string, string][] = [
		[
			`${outing.dropsSinceTouch}`,
			outing.touches > 0 ? say("{drops} since a bite", { drops }) : say("{drops}, no bite yet", { drops }),
		],
		...(outing.setup
			? [[say("{minutes} min", { minutes }), outing.touched ? "since a bite" : "on this, no bite"] as [string, string]]
			: []),
		[`${outing.landed} / ${outing.touches}`, "landed"],
	];
	return (
		<dl className="grid grid-cols-3 gap-3 border-y border-rule py-2">
			{figures.map(([figure, label]) => (
				<div key={label} className="flex flex-col-reverse justify-end">
					<dt className="text-[14px] leading-tight text-slate">{label}</dt>
					<dd className="figure text-[24px]">{figure}</dd>
				</div>
			))}
		</dl>
	);
}

/** How long to stay, and what to change then; what comes after that on a press. */
export function Advice({
	outing,
	onTieOn,
	onMove,
}: {
	outing: Counted;
	onTieOn: (tying: Tying) => void;
	onMove: () => void;
}) {
	const minutes = useMinutesSince(outing.sinceTouch);
	const [all, setAll] = useState(false);
	if (!outing.pick) return null;
	const { ladder } = outing.pick;
	const [next, ...later] = ladder;
	return (
		<section aria-label="If nothing bites" className="mt-2 rounded-md bg-brass-pale px-3 pb-1">
			{outing.move && (
				<>
					<div className="flex items-start justify-between gap-3 pt-2">
						<h2 className="text-[18px]">{outing.move}</h2>
						<Button look="strong" size="big" onClick={onMove}>
							Move to
						</Button>
					</div>
					<p className="text-[14px] text-slate">If you stay:</p>
				</>
			)}
			<div className="flex items-center justify-between gap-x-4">
				<LadderSteps steps={all ? ladder : ladder.slice(0, 1)} spent={minutes} pace={outing.minutesPerDrop} brief />
				{next && !next.hardly && (
					<Button
						look="strong"
						size="big"
						className="shrink-0"
						aria-label={`Done: ${next.words}`}
						onClick={() => onTieOn({ ...next.tying, words: next.title, way: next.subtitle })}
					>
						Done
					</Button>
				)}
			</div>
			{later.length > 0 && (
				// On a phone Change one thing lists them all.
				<Button size="big" className="max-lg:hidden" aria-expanded={all} onClick={() => setAll(!all)}>
					{all ? "Only the first" : say("{later} more", { later: later.length })}
				</Button>
			)}
		</section>
	);
}
