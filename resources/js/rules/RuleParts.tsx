import { Choices } from "../parts/Choices";
import { Field } from "../parts/Field";
import { Select } from "../parts/Select";
import { say } from "../parts/words";
import type { ConditionData, ReadingWordsData } from "../types";
import { ConditionFields } from "./ConditionFields";

interface WhenProps {
	when: ConditionData[];
	readings: ReadingWordsData[];
	onChange: (when: ConditionData[]) => void;
}

/** Which readings a rule asks for. */
export function RuleWhen({ when, readings, onChange }: WhenProps) {
	const free = readings.filter((reading) => !when.some((condition) => condition.reading === reading.name));
	return (
		<>
			<h3 className="figure text-[17px]">When</h3>
			<ul>
				{when.map((condition) => (
					<ConditionFields
						key={condition.reading}
						condition={condition}
						reading={readings.find((reading) => reading.name === condition.reading)}
						onChange={(next) => onChange(when.map((one) => (one.reading === next.reading ? next : one)))}
						onDrop={() => onChange(when.filter((one) => one.reading !== condition.reading))}
					/>
				))}
			</ul>
			{when.length === 0 && <p className="text-[15px] text-slate">Always, until you choose a reading.</p>}
			{free.length > 0 && (
				<Select
					label="Add a reading"
					value=""
					options={[["", "Add a reading"], ...free.map((reading) => [reading.name, reading.word] as const)]}
					onChange={(reading) => reading && onChange([...when, { reading, from: "", to: "", any: [] }])}
					className="mt-1 mb-4"
				/>
			)}
		</>
	);
}

interface Lures {
	families: string[];
	finishes: string[];
	from: string;
	to: string;
}

interface LuresProps {
	lures: Lures;
	families: string[];
	finishes: string[];
	onChange: (lures: Lures) => void;
}

/** Which lures get the points. */
export function RuleLures({ lures, families, finishes, onChange }: LuresProps) {
	const groups = [
		["Family", "families", families],
		["Finish", "finishes", finishes],
	] as const;
	return (
		<>
			<h3 className="figure text-[17px]">Then for</h3>
			{groups.map(([label, of, options]) => (
				<fieldset key={of} className="pb-3">
					<legend className="pb-1 text-[15px] text-slate">{say("{label}, any when none is chosen", { label })}</legend>
					<Choices
						label={label}
						values={lures[of]}
						onChange={(next) => onChange({ ...lures, [of]: next })}
						options={options.map((option) => [option, option.replaceAll("_", " ")] as const)}
					/>
				</fieldset>
			))}
			<div className="grid grid-cols-2 gap-4">
				<Field
					label="Weight from"
					placeholder="any"
					value={lures.from}
					onChange={(event) => onChange({ ...lures, from: event.target.value })}
				/>
				<Field
					label="up to"
					placeholder="any"
					value={lures.to}
					onChange={(event) => onChange({ ...lures, to: event.target.value })}
				/>
			</div>
		</>
	);
}
