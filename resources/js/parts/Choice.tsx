import { ToggleGroup } from "radix-ui";

interface Props {
	label: string;
	value: string;
	onChange: (value: string) => void;
	options: readonly (readonly [string, string])[];
}

/** One of a few, each big enough for a thumb. */
export function Choice({ label, value, onChange, options }: Props) {
	return (
		<fieldset className="mt-5">
			<legend className="pb-1 font-semibold">{label}</legend>
			<ToggleGroup.Root
				type="single"
				value={value}
				onValueChange={(next) => next && onChange(next)}
				aria-label={label}
				className="flex flex-wrap gap-2"
			>
				{options.map(([option, word]) => (
					<ToggleGroup.Item
						key={option}
						value={option}
						className="min-h-14 min-w-12 rounded-md lg:min-h-11 border border-slate px-3 data-[state=on]:border-[3px]
							data-[state=on]:border-ember data-[state=on]:font-bold"
					>
						{word}
					</ToggleGroup.Item>
				))}
			</ToggleGroup.Root>
		</fieldset>
	);
}
