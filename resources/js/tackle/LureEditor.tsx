import { type FormEvent, useState } from "react";
import { Button } from "../parts/Button";
import { Check } from "../parts/Check";
import { SmallField } from "../parts/SmallField";
import { say } from "../parts/words";
import type { LureData } from "../types";

interface Props {
	lure: LureData;
	/** What was refused, by field. */
	fields: Record<string, string>;
	onChange: (set: Record<string, unknown>, words: string) => Promise<boolean>;
	onDone: () => void;
}

const texts = [
	["weight", "weight", "w-24"],
	["finish", "finish", "w-36"],
	["quantity", "how many", "w-20"],
	["lost", "lost", "w-16"],
	["notes", "note", "min-w-40 flex-1"],
] as const;

const flags = [
	["red", "red"],
	["buy_again", "buy again"],
] as const;

/** The fields of a lure in its row; only what was changed is sent. */
export function LureEditor({ lure, fields, onChange, onDone }: Props) {
	const before = {
		weight: lure.weight,
		finish: lure.finish,
		quantity: `${lure.quantity}`,
		lost: `${lure.lost}`,
		notes: lure.notes,
		red: lure.red,
		buy_again: lure.buyAgain,
	};
	const [draft, setDraft] = useState(before);
	const keep = async (event: FormEvent) => {
		event.preventDefault();
		const set = Object.fromEntries(
			Object.entries(draft).filter(([name, value]) => value !== before[name as keyof typeof before]),
		);
		if (Object.keys(set).length === 0 || (await onChange(set, say("{title} is changed.", { title: lure.title }))))
			onDone();
	};
	return (
		<form className="flex flex-wrap items-end gap-3 py-2" onSubmit={keep}>
			{texts.map(([name, label, room]) => (
				<SmallField
					key={name}
					label={label}
					room={room}
					value={draft[name]}
					trouble={name in fields}
					onChange={(event) => setDraft({ ...draft, [name]: event.target.value })}
				/>
			))}
			{flags.map(([name, label]) => (
				<Check
					key={name}
					className="flex min-h-11 items-center gap-2"
					checked={draft[name]}
					onChange={(on) => setDraft({ ...draft, [name]: on })}
				>
					{label}
				</Check>
			))}
			<Button type="submit" look="next" className="px-4">
				Keep
			</Button>
		</form>
	);
}
