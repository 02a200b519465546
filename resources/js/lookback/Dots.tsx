import { scaleLinear } from "d3-scale";

export interface DotRow {
	key: string;
	label: string;
	/** Beside the label: hours, or so many of so many. */
	beside: string;
	mean: number | null;
	low: number | null;
	high: number | null;
	/** What it says, read aloud. */
	words: string;
}

/** Figures under a scale for which a phone has room; of more, every other stands on a desk alone. */
const ROOM = 4;

interface Props {
	rows: DotRow[];
	/** Of the scale, at least. */
	upTo: number;
	/** Where a line stands for "as often". */
	even?: number;
	format?: (value: number) => string;
	caption: string;
}

/** Dots with their intervals on one scale, sorted as given; and the same as a table for who cannot see them. */
export function Dots({ rows, upTo, even, format = (value) => `${value}`, caption }: Props) {
	const most = Math.max(upTo, ...rows.map((row) => row.high ?? row.mean ?? row.low ?? 0));
	const scale = scaleLinear().domain([0, most]).nice(4).range([2, 98]);
	const ticks = scale.ticks(4);
	const at = (value: number) => `${scale(value)}%`;
	return (
		<figure>
			<figcaption className="sr-only">{caption}</figcaption>
			<ul>
				{rows.map((row) => (
					<li
						key={row.key}
						className="grid grid-cols-[minmax(96px,1fr)_86px_minmax(0,2.4fr)] items-center gap-x-3 border-b border-rule/60"
					>
						<span className="py-1 text-[15px] leading-tight">{row.label}</span>
						<span className="text-[14px] whitespace-nowrap text-slate">{row.beside}</span>
						<span role="img" aria-label={row.words} className="relative block h-8">
							{ticks.map((tick) => (
								<span
									key={tick}
									className={`absolute inset-y-0 w-px ${tick === even ? "bg-slate" : "bg-rule"}`}
									style={{ left: at(tick) }}
								/>
							))}
							{(row.low !== null || row.high !== null) && (
								<span
									className={`absolute top-1/2 -mt-px border-t-2 border-ink ${row.low === null || row.high === null ? "border-dashed" : ""}`}
									style={{ left: at(row.low ?? 0), right: `calc(100% - ${row.high === null ? "100%" : at(row.high)})` }}
								/>
							)}
							{row.mean !== null && (
								<span
									className="absolute top-1/2 -mt-1.5 -ml-1.5 size-3 rounded-full border-2 border-ink bg-brass"
									style={{ left: at(row.mean) }}
								/>
							)}
						</span>
					</li>
				))}
			</ul>
			<div aria-hidden="true" className="grid grid-cols-[minmax(96px,1fr)_86px_minmax(0,2.4fr)] gap-x-3">
				<span className="col-start-3 block h-6">
					<span className="relative block text-[13px] text-slate">
						{ticks.map((tick, i) => (
							<span
								key={tick}
								className={`absolute whitespace-nowrap ${scale(tick) > 90 ? "-translate-x-full" : "-translate-x-1/2"}
									${ticks.length > ROOM && i % 2 === 1 ? "max-lg:hidden" : ""}`}
								style={{ left: at(tick) }}
							>
								{format(tick)}
							</span>
						))}
					</span>
				</span>
			</div>
		</figure>
	);
}
