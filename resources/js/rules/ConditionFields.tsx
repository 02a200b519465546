import { Choices } from "../parts/Choices";
import { Field } from "../parts/Field";
import { say } from "../parts/words";
import type { ConditionData, ReadingWordsData } from "../types";

interface Props {
	condition: ConditionData;
	reading: ReadingWordsData | undefined;
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
					aria-label={say("Leave out {word}", { word: reading.word })}
					className="min-h-11 text-[15px] text-slate underline underline-offset-4"
				>
					Leave out
				</button>
			</div>
			{reading.choices.length === 0 ? (
				<div className="grid grid-cols-2 gap-4">
					<Field
						label="from"
						aria-label={say("{word} from", { word: reading.word })}
						placeholder="any"
						value={condition.from}
						onChange={(event) => onChange({ ...condition, from: event.target.value })}
					/>
					<Field
						label="to"
						aria-label={say("{word} to", { word: reading.word })}
						placeholder="any"
						value={condition.to}
						onChange={(event) => onChange({ ...condition, to: event.target.value })}
					/>
				</div>
			) : (
				<Choices
					label={reading.word}
					values={condition.any}
					onChange={(any) => onChange({ ...condition, any })}
					options={reading.choices.map((choice) => [choice.value, choice.word] as const)}
				/>
			)}
		</li>
	);
}
