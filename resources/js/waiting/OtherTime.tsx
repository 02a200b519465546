import { useState } from "react";
import { type OfflineAction, shifted } from "../outbox/offlineActions";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";

interface Props {
	/** When the first of them was tapped, as the phone had it. */
	first: string;
	onMove: (mend: (deed: OfflineAction) => OfflineAction) => void;
}

/** All of them keep their distances: what is said of the first moves the rest along. */
export function OtherTime({ first, onMove }: Props) {
	const [time, setTime] = useState(local(first));
	const moment = Date.parse(time);
	return (
		<form
			noValidate
			className="mt-2 flex flex-wrap items-end gap-x-4"
			onSubmit={(event) => {
				event.preventDefault();
				const by = moment - Date.parse(first);
				onMove((deed) => moved(deed, by));
			}}
		>
			<Field
				label="When was the first of these?"
				type="datetime-local"
				value={time}
				onChange={(event) => setTime(event.target.value)}
			/>
			<Button type="submit" look="plain" size="normal" className="mb-4" disabled={Number.isNaN(moment)}>
				Move and send
			</Button>
		</form>
	);
}

function moved(deed: OfflineAction, by: number): OfflineAction {
	if (deed.do === "log") return shifted({ ...deed, typed: false }, by);
	if (deed.do !== "amend" || typeof deed.changes.at !== "string") return shifted(deed, by);
	const at = new Date(Date.parse(deed.changes.at) + by).toISOString();
	return { ...deed, changes: { ...deed.changes, at } };
}

/** As a field for a day and a time has it: "2026-11-30T09:41". */
function local(iso: string): string {
	const at = new Date(iso);
	return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}
