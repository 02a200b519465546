import { ToggleGroup } from "radix-ui";

interface Props {
	label: string;
	values: string[];
	onChange: (values: string[]) => void;
	options: readonly (readonly [string, string])[];
}

/** Any of a few. */
export function Choices({ label, values, onChange, options }: Props) {
	return (
		<ToggleGroup.Root
			type="multiple"
			aria-label={label}
			value={values}
			onValueChange={onChange}
			className="flex flex-wrap gap-2 pb-1"
		>
			{options.map(([value, word]) => (
				<ToggleGroup.Item
					key={value}
					value={value}
					className="min-h-14 rounded-md border border-slate px-3 text-[15px] data-[state=on]:border-2
						data-[state=on]:border-ember data-[state=on]:font-bold lg:min-h-11"
				>
					{word}
				</ToggleGroup.Item>
			))}
		</ToggleGroup.Root>
	);
}
