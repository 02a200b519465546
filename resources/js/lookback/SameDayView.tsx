import { Link } from "@inertiajs/react";
import { dayOf, say } from "../parts/words";
import type { PairData } from "../types";
import { Dots } from "./Dots";

const order = ["clear", "vanishes", "close", "thin"];
const titles: Record<string, string> = {
	clear: "Clear",
	vanishes: "No real difference: better days, not a better lure",
	close: "Too close to call",
	thin: "Not enough yet",
};

/** Two things side by side, only within outings in which both were fished: good days speak for neither. */
export function SameDayView({ pairs, compared }: { pairs: PairData[]; compared: string }) {
	return (
		<section aria-label="The same day">
			<h2 className="text-[19px]">Within the same outings</h2>
			<p className="mt-1 mb-3 text-slate">
				{say(
					"Bites of the first against the second, over {compared} pairs. Of ten equal ones, one looks clear by chance.",
					{ compared },
				)}
			</p>
			{order.map((standing) => {
				const of = pairs.filter((pair) => pair.standing === standing).slice(0, standing === "thin" ? 8 : 14);
				if (of.length === 0) return null;
				return (
					<div key={standing} className="mb-6">
						<h3 className="pb-1 text-[17px]">{titles[standing]}</h3>
						<Dots
							caption={titles[standing] ?? ""}
							upTo={2}
							even={1}
							format={(value) => `${value}×`}
							rows={of.map((pair) => ({
								key: `${pair.factor} ${pair.more} ${pair.less}`,
								label: say("{more} to {less}", { more: pair.more, less: pair.less }),
								beside: say("{outings|# outing|# outings}", { outings: pair.outings }),
								mean: pair.ratio,
								low: pair.low,
								high: pair.high === null ? null : Math.min(pair.high, 8),
								words: pair.words,
							}))}
						/>
						<details className="mt-1 text-[14px]">
							<summary className="cursor-pointer text-slate underline underline-offset-4">In words</summary>
							<ul className="mt-1 grid gap-1">
								{of.map((pair) => (
									<li key={`${pair.factor} ${pair.more} ${pair.less}`}>
										{say("{words} {hours} in all.", { words: pair.words, hours: pair.hours })}
										<Within pair={pair} />
									</li>
								))}
							</ul>
						</details>
					</div>
				);
			})}
			{pairs.length === 0 && <p className="text-slate">No outing has two things to compare yet.</p>}
		</section>
	);
}

/** The outings it is told from, each with what was logged in it. */
function Within({ pair }: { pair: PairData }) {
	if (pair.within.length === 0) return null;
	return (
		<ul className="mb-1 pl-4 text-slate">
			{pair.within.map(({ uuid, at, more, less }) => (
				<li key={uuid}>
					<Link href={`/outings/${uuid}`} className="underline underline-offset-4">
						{dayOf(at)}
					</Link>
					: {pair.more} {more}, {pair.less} {less}
				</li>
			))}
		</ul>
	);
}
