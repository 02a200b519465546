import { Link } from "@inertiajs/react";
import { scaleLinear } from "d3-scale";
import { dayOf } from "../parts/words";
import type { OutingBitesData } from "../types";

const WIDE = 640;
const HIGH = 170;

/** Outings on a line, higher where the water was warmer; as broad as much was touched an hour, filled with what was landed. */
export function SeasonView({ outings }: { outings: OutingBitesData[] }) {
	if (outings.length === 0) return <p className="text-slate">No outing is kept yet.</p>;
	const times = outings.map((outing) => Date.parse(outing.at));
	const at = scaleLinear()
		.domain([Math.min(...times), Math.max(...times, Math.min(...times) + 86_400_000)])
		.range([16, WIDE - 16]);
	const temps = outings.flatMap((outing) => (outing.tempC === null ? [] : [outing.tempC]));
	const height = scaleLinear()
		.domain([Math.min(0, ...temps), Math.max(12, ...temps)])
		.range([HIGH - 18, 18]);
	return (
		<section aria-label="The season">
			<h2 className="text-[19px]">Outing by outing</h2>
			<p className="mt-1 mb-2 text-slate">Higher: warmer water. Larger: more bites an hour. Filled: fish landed.</p>
			<svg
				role="img"
				aria-label={`${outings.length} outings by date and temperature; the list below has them in figures`}
				viewBox={`0 0 ${WIDE} ${HIGH}`}
				className="w-full"
			>
				<line x1={0} x2={WIDE} y1={height(4.5)} y2={height(4.5)} className="stroke-rule" />
				<line x1={0} x2={WIDE} y1={height(10)} y2={height(10)} className="stroke-rule" />
				{outings.map((outing) => (
					<circle
						key={outing.uuid}
						cx={at(Date.parse(outing.at))}
						cy={outing.tempC === null ? HIGH - 6 : height(outing.tempC)}
						r={3 + 5 * Math.sqrt(outing.hours > 0 ? outing.touches / outing.hours : 0)}
						className={outing.landed > 0 ? "fill-brass stroke-ink" : "fill-transparent stroke-ink"}
						strokeWidth={1.5}
					/>
				))}
			</svg>
			<ul className="mt-3">
				{[...outings].reverse().map((outing) => (
					<li key={outing.uuid} className="border-b border-rule">
						<Link
							href={`/outings/${outing.uuid}`}
							className="grid min-h-11 grid-cols-[104px_minmax(0,1fr)_auto] items-center gap-3 py-1"
						>
							<time dateTime={outing.at} className="text-slate">
								{dayOf(outing.at)}
							</time>
							<span className="underline underline-offset-4">{outing.place}</span>
							<span className="text-right text-[14px] text-slate">
								{[outing.temp, `${outing.hours.toFixed(1)} h`, `${outing.landed} / ${outing.touches}`]
									.filter(Boolean)
									.join(" · ")}
							</span>
						</Link>
					</li>
				))}
			</ul>
		</section>
	);
}
