import { router } from "@inertiajs/react";
import type { OptionData } from "../types";
import { withChosen } from "./inAddress";

interface Props {
	label: string;
	/** In the address. */
	name: string;
	value: string;
	factors: OptionData[];
}

/** By what the record is taken apart. */
export function FactorChoice({ label, name, value, factors }: Props) {
	return (
		<label className="text-[15px] text-slate">
			{label}
			<select
				value={value}
				onChange={(event) =>
					router.visit(withChosen({ [name]: event.target.value }), {
						preserveScroll: true,
						preserveState: true,
						replace: true,
					})
				}
				className="ml-2 min-h-11 rounded-md border border-slate bg-paper px-2 text-ink"
			>
				{factors.map((factor) => (
					<option key={factor.value} value={factor.value}>
						{factor.word}
					</option>
				))}
			</select>
		</label>
	);
}
