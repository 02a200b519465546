import { say } from "../parts/words";
import type { OptionData, ShareOfData, StageData, StagesData } from "../types";
import { Dots } from "./Dots";
import { FactorChoice } from "./FactorChoice";

/** Where fish are lost: from touch to hook to boat, each share with its interval. */
export function StagesView({ stages, factors }: { stages: StagesData; factors: OptionData[] }) {
	const { all, levels } = stages;
	if (all.touches === 0 && all.refused.of === 0) return <p className="text-slate">No bite is kept yet.</p>;
	return (
		<section aria-label="Where fish are lost">
			<h2 className="text-[19px]">Where fish are lost</h2>
			<Dots
				caption="Shares of all, with their 80 % intervals"
				upTo={1}
				format={percent}
				rows={[
					row("hooked of bites", all.hooked),
					row("landed of hooked", all.landed),
					row("fouled of drops", all.fouled),
					...(all.refused.of > 0 ? [row("turned away of seen following", all.refused)] : []),
				]}
			/>
			{stages.backDown.length > 0 && (
				<div className="mt-6">
					<h2 className="text-[19px]">Back down after a fish</h2>
					<Dots
						caption="Another bite within five minutes of the next drop, by how long that took"
						upTo={1}
						format={percent}
						rows={stages.backDown.map(({ words, share }) => row(words, share))}
					/>
				</div>
			)}
			<div className="mt-6 flex flex-wrap items-center justify-between gap-x-4">
				<h2 className="text-[19px]">Taken apart</h2>
				<FactorChoice label="by" name="lost" value={stages.factor} factors={factors} />
			</div>
			{levels.length === 0 && (
				<p className="mt-1 text-slate">Nothing yet. Note hooks, ring or loop on the bench of each lure.</p>
			)}
			{parts.map(
				([title, of]) =>
					levels.some((level) => of(level).of > 0) && (
						<div key={title} className="mt-3">
							<h3 className="pb-1 text-[17px]">{title}</h3>
							<Dots
								caption={title}
								upTo={1}
								format={percent}
								rows={levels.filter((level) => of(level).of > 0).map((level) => row(level.level, of(level)))}
							/>
						</div>
					),
			)}
		</section>
	);
}

const parts: [string, (stage: StageData) => ShareOfData][] = [
	["Hooked of bites", (stage) => stage.hooked],
	["Landed of hooked", (stage) => stage.landed],
	["Turned away of seen following", (stage) => stage.refused],
];

const percent = (value: number) => `${Math.round(100 * value)} %`;

function row(label: string, share: ShareOfData) {
	return {
		key: label,
		label,
		beside: say("{count} of {of}", { count: share.count, of: share.of }),
		mean: share.mean,
		low: share.low,
		high: share.high,
		words: say("{label}: {count} of {of}, 80 % between {low} and {high}", {
			label,
			count: share.count,
			of: share.of,
			low: percent(share.low),
			high: percent(share.high),
		}),
	};
}
