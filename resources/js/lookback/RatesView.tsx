import { say } from "../parts/words";
import type { DotData, OptionData, RatesData } from "../types";
import { Dots } from "./Dots";
import { FactorChoice } from "./FactorChoice";

/** Bites per rod-hour by one factor, the highest first, hours beside. */
export function RatesView({ rates, factors }: { rates: RatesData; factors: OptionData[] }) {
	return (
		<section aria-label="Rates">
			<div className="flex flex-wrap items-center justify-between gap-x-4">
				<h2 className="text-[19px]">Bites an hour</h2>
				<FactorChoice label="by" name="by" value={rates.factor} factors={factors} />
			</div>
			<p className="mt-1 mb-3">{rates.words}</p>
			{rates.dots.length > 0 && (
				<Dots
					caption={say("Bites per rod-hour by {factor}, with their 80 % intervals", { factor: rates.factor })}
					upTo={1}
					rows={rates.dots.map((dot) => ({
						key: dot.level,
						label: dot.level,
						beside: say("{touches} in {hours}", { touches: dot.touches, hours: dot.hours }),
						mean: dot.mean,
						low: dot.low,
						high: dot.high,
						words: said(dot),
					}))}
				/>
			)}
			<table className="mt-4 w-full text-left text-[14px]">
				<caption className="sr-only">The same in figures</caption>
				<thead className="text-slate">
					<tr>
						<th className="py-1 font-normal">{rates.factor}</th>
						<th className="font-normal">an hour</th>
						<th className="font-normal">likely</th>
						<th className="font-normal">outings</th>
						<th className="font-normal">likely the best</th>
					</tr>
				</thead>
				<tbody>
					{rates.dots.map((dot) => (
						<tr key={dot.level} className="border-t border-rule">
							<td className="py-1">{dot.level}</td>
							<td>{one(dot.mean)}</td>
							<td>
								{one(dot.low)} – {one(dot.high)}
							</td>
							<td>{dot.outings}</td>
							<td>{dot.best} %</td>
						</tr>
					))}
				</tbody>
			</table>
		</section>
	);
}

const one = (value: number) => value.toFixed(value < 10 ? 1 : 0);

function said({ level, mean, low, high, touches, hours, outings, best }: DotData): string {
	const rate = say("{level}: {mean} bites an hour, likely {low} to {high}", {
		level,
		mean: one(mean),
		low: one(low),
		high: one(high),
	});
	return say("{rate}, {touches} in {hours}, {outings} outings; {best} % likely the best", {
		rate,
		touches,
		hours,
		outings,
		best,
	});
}
