import { useState } from "react";
import type { Entry, OfflineAction } from "../outbox/offlineActions";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { plainText } from "../parts/plainText";

/** What of an entry is typed, and can be typed anew. */
const typed = [
	["species", "Which fish"],
	["length", "Length"],
	["girth", "Girth"],
	["tag", "Tag number"],
	["note", "Note"],
] as const;

interface Props {
	entry: Entry;
	onMend: (mend: (deed: OfflineAction) => OfflineAction) => void;
}

/** What was typed, to be typed anew; what was not is left alone. */
export function MendEntry({ entry, onMend }: Props) {
	const there = typed.filter(([name]) => entry[name] !== undefined);
	const [fields, setFields] = useState(() =>
		Object.fromEntries(there.map(([name]) => [name, plainText(entry[name] ?? "")])),
	);
	if (there.length === 0) return null;
	return (
		<form
			noValidate
			className="mt-2"
			onSubmit={(event) => {
				event.preventDefault();
				onMend((deed) =>
					deed.do === "log" ? { ...deed, entry: { ...deed.entry, ...fields }, words: undefined } : deed,
				);
			}}
		>
			<div className="grid grid-cols-2 gap-x-3">
				{there.map(([name, label]) => (
					<Field
						key={name}
						label={label}
						value={fields[name] ?? ""}
						onChange={(event) => setFields({ ...fields, [name]: plainText(event.target.value) })}
					/>
				))}
			</div>
			<Button type="submit" look="plain" size="normal">
				Mend and send
			</Button>
		</form>
	);
}
