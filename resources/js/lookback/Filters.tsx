import { router } from "@inertiajs/react";
import { useWide } from "../parts/useWide";
import type { OptionData } from "../types";
import { withChosen } from "./inAddress";

const labels: Record<string, string> = {
	water: "Water",
	species: "Fish",
	band: "Temperature",
	year: "Season",
	rod: "Rod",
	who: "Whose",
};

interface Props {
	filters: Record<string, OptionData[]>;
	chosen: Record<string, string>;
}

/** Which part of the record is looked at; it stands in the address. */
export function Filters({ filters, chosen }: Props) {
	const wide = useWide("lg");
	const few = Object.keys(chosen).length;
	return (
		<details open={wide || undefined} className="mt-3">
			<summary className="min-h-11 cursor-pointer py-2 underline underline-offset-4 lg:hidden">
				{few === 0 ? "Filter" : `Filtered: ${Object.values(chosen).join(", ").replaceAll("_", " ")}`}
			</summary>
			<div className="flex flex-wrap gap-x-3 gap-y-2">
				{Object.entries(filters).map(([name, options]) =>
					options.length < 2 && !chosen[name] ? null : (
						<label key={name} className="text-[14px] text-slate">
							{labels[name]}
							<select
								value={chosen[name] ?? ""}
								onChange={(event) =>
									router.visit(withChosen({ [name]: event.target.value }), { preserveScroll: true, replace: true })
								}
								className="ml-1.5 min-h-11 max-w-[170px] rounded-md border border-slate bg-paper px-2 text-ink"
							>
								<option value="">all</option>
								{options.map((option) => (
									<option key={option.value} value={option.value}>
										{option.word}
									</option>
								))}
							</select>
						</label>
					),
				)}
			</div>
		</details>
	);
}
