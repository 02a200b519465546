import { ToggleGroup } from "radix-ui";
import { Field } from "../parts/Field";
import type { ConditionData } from "../types";
import type { ReadingWords } from "./OwnRule";

interface Props {
	condition: ConditionData;
	reading: ReadingWords | undefined;
	onChange: (condition: ConditionData) => void;
	onDrop: () => void;
}

/** A reading that a rule asks for: a measure from and to, or any of some choices. */
export function ConditionFields({ condition, reading, onChange, onDrop }: Props) {
	if (!reading) return null;
	return (
		<li className="border-t border-rule py-2">
			<div className="flex items-center justify-between">
				<span className="font-semibold">{reading.word}</span>
				<button
					type="button"
					onClick={onDrop}
					aria-label={`Leave out ${reading.word}`}
					className="min-h-11 text-[15px] text-slate underline underline-offset-4"
				>
					Leave out
				</button>
			</div>
			{reading.measure ? (
				<div className="grid grid-cols-2 gap-4">
					<Field
						label="from"
						aria-label={`${reading.word} from`}
						placeholder="any"
						value={condition.from}
						onChange={(event) => onChange({ ...condition, from: event.target.value })}
					/>
					<Field
						label="to"
						aria-label={`${reading.word} to`}
						placeholder="any"
						value={condition.to}
						onChange={(event) => onChange({ ...condition, to: event.target.value })}
					/>
				</div>
			) : (
				<ToggleGroup.Root
					type="multiple"
					aria-label={reading.word}
					value={condition.any}
					onValueChange={(any) => onChange({ ...condition, any })}
					className="flex flex-wrap gap-2 pb-1"
				>
					{reading.choices.map(([value, words]) => (
						<ToggleGroup.Item
							key={value}
							value={value}
							className="min-h-11 rounded-md border border-slate px-3 text-[15px] data-[state=on]:border-2 data-[state=on]:border-ember data-[state=on]:font-bold"
						>
							{words}
						</ToggleGroup.Item>
					))}
				</ToggleGroup.Root>
			)}
		</li>
	);
}
