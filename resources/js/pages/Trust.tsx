import { Dots } from "../lookback/Dots";
import { ButtonLink } from "../parts/Button";
import { say } from "../parts/words";
import { AppLayout } from "../shell/AppLayout";
import type { TrustData, TrustPage } from "../types";

const percent = (value: number) => `${Math.round(100 * value)} %`;

/** Each past outing chosen with what was known before it: did the better one come first? */
export default function Trust({ headline, trust }: TrustPage) {
	return (
		<AppLayout title="Rules or record?">
			<div className="max-w-[70ch] px-4 py-4 lg:px-7">
				<h1 className="text-[21px] lg:text-[25px]">{headline}</h1>
				<p className="mt-1 mb-4 text-slate">
					Each past outing is chosen for again with what was known before it. Of two things fished in it, the one with
					more bites should come first. Half right is chance.
				</p>
				<Dots
					caption="How often the better one came first, with 80 % intervals"
					upTo={1}
					even={0.5}
					format={percent}
					rows={trust.map((one) => ({
						key: one.by,
						label: one.by,
						beside: say("{right} of {pairs}", { right: one.right, pairs: one.pairs }),
						mean: one.pairs > 0 ? one.mean : null,
						low: one.pairs > 0 ? one.low : null,
						high: one.pairs > 0 ? one.high : null,
						words: said(one),
					}))}
				/>
				<ul className="mt-4 grid gap-1 text-[15px]">
					{trust.map((one) => (
						<li key={one.by}>{said(one)}</li>
					))}
				</ul>
				<ButtonLink href="/look-back" className="mt-4">
					Back to Look back
				</ButtonLink>
			</div>
		</AppLayout>
	);
}

function said({ by, right, pairs, outings, low, high, correlation }: TrustData): string {
	if (pairs === 0) return say("By {by}: nothing was told apart.", { by });
	const rank =
		correlation === null ? "" : say("; rank correlation {correlation}", { correlation: correlation.toFixed(2) });
	return say("By {by}: {right} of {pairs} pairs in {outings} outings, 80 % between {low} and {high}{rank}.", {
		by,
		right,
		pairs,
		outings,
		low: percent(low),
		high: percent(high),
		rank,
	});
}
