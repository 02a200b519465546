import type { WorkData } from "../types";

const looks = ["bg-[var(--water-mid)]", "bg-ink", "bg-slate", "bg-brass"];

/** Where an hour goes, as one bar with its words, and what would save some of it. */
export function HourView({ work }: { work: WorkData }) {
	if (work.hour.length === 0) return <p className="mt-4 text-slate">A straight retrieve has no repeats to time.</p>;
	return (
		<section aria-label="Where the hour goes" className="mt-4">
			<h2 className="text-[20px]">{work.hourSays}</h2>
			<div aria-hidden="true" className="mt-3 flex h-5">
				{work.hour.map((part, index) => (
					<span key={part.word} className={`${looks[index]} block h-full`} style={{ width: `${100 * part.share}%` }} />
				))}
			</div>
			<dl className="mt-2 flex flex-wrap gap-x-8 gap-y-2">
				{work.hour.map((part, index) => (
					<div key={part.word} className="flex items-baseline gap-2">
						<dt className="flex items-baseline gap-2 text-slate">
							<span aria-hidden="true" className={`${looks[index]} inline-block size-3`} />
							{part.word}
						</dt>
						<dd className="figure">{part.text}</dd>
					</div>
				))}
			</dl>
			<ul className="mt-3">
				{work.saves.map((words) => (
					<li key={words} className="py-0.5">
						{words}
					</li>
				))}
			</ul>
		</section>
	);
}
