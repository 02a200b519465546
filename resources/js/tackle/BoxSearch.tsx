import { FAMILY } from "../kinds";
import { Select } from "../parts/Select";
import type { Filter } from "./useBox";

/** Every family, and the small ones of it where they have a name. */
const families: [string, string][] = [
	["", "every family"],
	...Object.entries(FAMILY).flatMap(([family, { word, small }]): [string, string][] => [
		[family, `${word}s`],
		...(small ? [[small, `${small}s`] as [string, string]] : []),
	]),
];

const shows = [
	["", "in the box"],
	["buy", "to buy again"],
	["retired", "put away"],
] as const;

/** Lures looked for by words, by family, and by where they are. */
export function BoxSearch({ filter, onFilter }: { filter: Filter; onFilter: (part: Partial<Filter>) => void }) {
	return (
		<div className="mt-2 flex flex-wrap gap-2">
			<input
				type="search"
				aria-label="Search the box"
				placeholder="Search: gold 1/2, spoon, buy again …"
				value={filter.q}
				onChange={(event) => onFilter({ q: event.target.value })}
				className="min-h-11 min-w-48 flex-1 rounded-md border-2 border-slate bg-paper px-3 text-ink"
			/>
			<Select label="Family" value={filter.family} options={families} onChange={(family) => onFilter({ family })} />
			<Select label="Show" value={filter.show} options={shows} onChange={(show) => onFilter({ show })} />
		</div>
	);
}
