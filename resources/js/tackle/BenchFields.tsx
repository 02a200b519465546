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
];

type OnChange = (set: Record<string, unknown>, words: string) => Promise<boolean>;

/** The places typed, in millimetres. */
export function Places({ fields, onChange }: { fields: Fields; onChange: OnChange }) {
	const number = (label: string, value: number | "", keep: (text: string) => void) => (
		<input
			key={value}
			aria-label={label}
			defaultValue={value}
			onBlur={(event) => event.target.value !== `${value}` && keep(event.target.value)}
			onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
			className="min-h-10 w-20 rounded-md border-2 border-slate bg-paper px-2 text-[16px] text-ink"
		/>
	);
	const hole = (index: number, part: "x" | "y") => (text: string) =>
		void onChange(
			{ holes: fields.holes.map((one, at) => (at === index ? { ...one, [part]: text } : one)) },
			"A hole is moved.",
		);
	const balance = (x: string | number, y: string | number) =>
		void onChange({ balance: [x, y] }, "The balance point is moved.");
	const cell = "py-1 pr-3";
	return (
		<table className="mt-2 text-[15px]">
			<thead className="text-left text-[13px] text-slate">
				<tr>
					<th scope="col" className={`${cell} font-normal`}>
						mm
					</th>
					<th scope="col" className={`${cell} font-normal`}>
						from the nose
					</th>
					<th scope="col" className={`${cell} font-normal`}>
						up
					</th>
				</tr>
			</thead>
			<tbody>
				<tr>
					<th scope="row" className={`${cell} text-left font-normal`}>
						whole lure
					</th>
					<td className={cell}>
						{number("length, mm", fields.length, (length) => void onChange({ length }, "The length is changed."))}
					</td>
					<td className={cell}>
						{number("height, mm", fields.height, (height) => void onChange({ height }, "The height is changed."))}
					</td>
				</tr>
				{fields.holes.map((one, index) => (
					<tr key={one.name}>
						<th scope="row" className={`${cell} text-left font-normal`}>
							{one.name} hole
						</th>
						<td className={cell}>{number(`${one.name} hole from the nose, mm`, one.x, hole(index, "x"))}</td>
						<td className={cell}>{number(`${one.name} hole up, mm`, one.y, hole(index, "y"))}</td>
					</tr>
				))}
				<tr>
					<th scope="row" className={`${cell} text-left font-normal`}>
						balance point
					</th>
					<td className={cell}>
						{number("balance point from the nose, mm", fields.balance?.[0] ?? "", (x) =>
							balance(x, fields.balance?.[1] ?? 0),
						)}
					</td>
					<td className={cell}>
						{number("balance point up, mm", fields.balance?.[1] ?? "", (y) => balance(fields.balance?.[0] ?? 0, y))}
					</td>
					<td>
						{fields.balance && (
							<button
								type="button"
								className="min-h-10 text-slate underline underline-offset-4"
								onClick={() => void onChange({ balance: null }, "The balance point is taken away.")}
							>
								Take away
							</button>
						)}
					</td>
				</tr>
			</tbody>
		</table>
	);
}

/** What finish and body are made of. */
export function MadeOf({ fields, onChange }: { fields: Fields; onChange: OnChange }) {
	const keep = (name: string, value: string | boolean) =>
		void onChange({ build: { [name]: value } }, "What it is made of is kept.");
	return (
		<section aria-label="What it is made of" className="mt-5 border-t border-rule pt-3">
			<h2 className="text-[19px]">Made of</h2>
			<div className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-3">
				{build.map(([name, label]) => (
					<label key={name} className="text-[14px] text-slate">
						{label}
						<input
							key={`${fields.build[name] ?? ""}`}
							defaultValue={`${fields.build[name] ?? ""}`}
							onBlur={(event) => event.target.value !== `${fields.build[name] ?? ""}` && keep(name, event.target.value)}
							className="block min-h-11 w-full rounded-md border-2 border-slate bg-paper px-2 text-[16px] text-ink"
						/>
					</label>
				))}
			</div>
			<fieldset className="mt-2 flex flex-wrap gap-x-5">
				<legend className="text-[14px] text-slate">added to the finish</legend>
				{added.map(([name, label]) => (
					<label key={name} className="flex min-h-11 items-center gap-2">
						<input
							type="checkbox"
							className="size-5 accent-[var(--ember)]"
							checked={fields.accents.includes(name)}
							onChange={(event) =>
								void onChange(
									{
										accents: event.target.checked
											? [...fields.accents, name]
											: fields.accents.filter((one) => one !== name),
									},
									"What was added is kept.",
								)
							}
						/>
						{label}
					</label>
				))}
				<label className="flex min-h-11 items-center gap-2">
					<input
						type="checkbox"
						className="size-5 accent-[var(--ember)]"
						checked={fields.red}
						onChange={(event) => void onChange({ red: event.target.checked }, "What was added is kept.")}
					/>
					red near the hooks
				</label>
			</fieldset>
			<div className="mt-2 flex flex-wrap gap-x-5">
				{shaped.map(([name, label]) => (
					<label key={name} className="flex min-h-11 items-center gap-2">
						<input
							type="checkbox"
							className="size-5 accent-[var(--ember)]"
							checked={fields.build[name] === true}
							onChange={(event) => keep(name, event.target.checked)}
						/>
						{label}
					</label>
				))}
			</div>
		</section>
	);
}
