import { Button } from "../parts/Button";
import { Check } from "../parts/Check";
import { SmallField } from "../parts/SmallField";
import { say } from "../parts/words";

interface Hole {
	name: string;
	x: number;
	y: number;
}

/** The fields of a lure that the bench changes. */
export interface Fields {
	length: number;
	height: number;
	holes: Hole[];
	balance: [number, number] | null;
	build: Record<string, string | boolean>;
	red: boolean;
	accents: string[];
	hooks: Record<string, string | number | null>;
}

const build: [string, string][] = [
	["base", "base metal"],
	["paint", "paint"],
	["pattern", "pattern"],
	["tape", "tape"],
	["scent", "scent"],
	["tail", "feather or soft tail"],
];

/** What is ticked of what was added; tape, scent and tail are told by their words. */
const added: [string, string][] = [
	["gold", "a little gold"],
	["red", "red"],
];

const shaped: [string, string][] = [
	["bent", "bent"],
	["drilled", "drilled at the tail"],
	["stinger", "stinger at the head"],
	["assist", "assist hooks"],
	["weedless", "weedless hooks"],
];

type OnChange = (set: Record<string, unknown>, words: string) => Promise<boolean>;

interface NumberProps {
	label: string;
	value: number | "";
	onKeep: (text: string) => void;
}

/** A figure kept when it is left. */
function NumberCell({ label, value, onKeep }: NumberProps) {
	return (
		<td className="py-1 pr-3">
			<input
				key={value}
				aria-label={say("{label}, mm", { label })}
				defaultValue={value}
				onBlur={(event) => event.target.value !== `${value}` && onKeep(event.target.value)}
				onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
				className="min-h-10 w-20 rounded-md border-2 border-slate bg-paper px-2 text-[16px] text-ink"
			/>
		</td>
	);
}

function RowHead({ words }: { words: string }) {
	return (
		<th scope="row" className="py-1 pr-3 text-left font-normal">
			{words}
		</th>
	);
}

/** The places typed, in millimetres. */
export function Places({ fields, onChange }: { fields: Fields; onChange: OnChange }) {
	const { balance } = fields;
	const move = (index: number, part: "x" | "y") => (text: string) =>
		void onChange(
			{ holes: fields.holes.map((one, at) => (at === index ? { ...one, [part]: text } : one)) },
			"A hole is moved.",
		);
	const moveBalance = (x: string | number, y: string | number) =>
		void onChange({ balance: [x, y] }, "The balance point is moved.");
	return (
		<table className="mt-2 text-[15px]">
			<thead className="text-left text-[13px] text-slate">
				<tr>
					{["mm", "from the nose", "up"].map((words) => (
						<th key={words} scope="col" className="py-1 pr-3 font-normal">
							{words}
						</th>
					))}
				</tr>
			</thead>
			<tbody>
				<tr>
					<RowHead words="whole lure" />
					<NumberCell
						label="length"
						value={fields.length}
						onKeep={(length) => void onChange({ length }, "The length is changed.")}
					/>
					<NumberCell
						label="height"
						value={fields.height}
						onKeep={(height) => void onChange({ height }, "The height is changed.")}
					/>
				</tr>
				{fields.holes.map((one, index) => (
					<tr key={one.name}>
						<RowHead words={say("{name} hole", { name: one.name })} />
						<NumberCell
							label={say("{name} hole from the nose", { name: one.name })}
							value={one.x}
							onKeep={move(index, "x")}
						/>
						<NumberCell label={say("{name} hole up", { name: one.name })} value={one.y} onKeep={move(index, "y")} />
					</tr>
				))}
				<tr>
					<RowHead words="balance point" />
					<NumberCell
						label="balance point from the nose"
						value={balance?.[0] ?? ""}
						onKeep={(x) => moveBalance(x, balance?.[1] ?? 0)}
					/>
					<NumberCell
						label="balance point up"
						value={balance?.[1] ?? ""}
						onKeep={(y) => moveBalance(balance?.[0] ?? 0, y)}
					/>
					<td>
						{balance && (
							<Button look="aside" onClick={() => void onChange({ balance: null }, "The balance point is taken away.")}>
								Take away
							</Button>
						)}
					</td>
				</tr>
			</tbody>
		</table>
	);
}

const tick = "flex min-h-11 items-center gap-2";

/** What finish and body are made of. */
export function MadeOf({ fields, onChange }: { fields: Fields; onChange: OnChange }) {
	const keep = (name: string, value: string | boolean) =>
		void onChange({ build: { [name]: value } }, "What it is made of is kept.");
	const add = (name: string, on: boolean) => {
		const accents = on ? [...fields.accents, name] : fields.accents.filter((one) => one !== name);
		void onChange({ accents }, "What was added is kept.");
	};
	return (
		<section aria-label="What it is made of" className="mt-5 border-t border-rule pt-3">
			<h2 className="text-[19px]">Made of</h2>
			<div className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-3">
				{build.map(([name, label]) => {
					const now = `${fields.build[name] ?? ""}`;
					return (
						<SmallField
							key={`${name} ${now}`}
							label={label}
							defaultValue={now}
							onBlur={(event) => event.target.value !== now && keep(name, event.target.value)}
						/>
					);
				})}
			</div>
			<fieldset className="mt-2 flex flex-wrap gap-x-5">
				<legend className="text-[14px] text-slate">added to the finish</legend>
				{added.map(([name, label]) => (
					<Check key={name} className={tick} checked={fields.accents.includes(name)} onChange={(on) => add(name, on)}>
						{label}
					</Check>
				))}
				<Check
					className={tick}
					checked={fields.red}
					onChange={(red) => void onChange({ red }, "What was added is kept.")}
				>
					red near the hooks
				</Check>
			</fieldset>
			<div className="mt-2 flex flex-wrap gap-x-5">
				{shaped.map(([name, label]) => (
					<Check key={name} className={tick} checked={fields.build[name] === true} onChange={(on) => keep(name, on)}>
						{label}
					</Check>
				))}
			</div>
		</section>
	);
}
