import { useState } from "react";
import { Button } from "../parts/Button";
import { Check } from "../parts/Check";
import { Choice } from "../parts/Choice";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Notice";
import { troubleOf } from "../parts/queries";
import { Refused, send } from "../parts/send";
import type { EventData, LoggedBiteData } from "../types";
import { came, hooks, lostAt } from "./biteChoices";
import type { Answer } from "./useOuting";

interface Props {
	event: EventData;
	bite: LoggedBiteData;
	onClose: () => void;
	onMended: (answer: Answer) => void;
}

/** Mends a bite that was logged: where it came, which fish it was, what became of it. */
export function EventEditor({ event, bite, onClose, onMended }: Props) {
	const [draft, setDraft] = useState({ ...bite, count: "", depth: "" });
	const [trouble, setTrouble] = useState<string | null>(null);
	const [fields, setFields] = useState<Record<string, string>>({});
	const [sure, setSure] = useState(false);
	const set = (changes: Partial<typeof draft>) => setDraft((before) => ({ ...before, ...changes }));
	const tell = async (method: "PUT" | "DELETE", body?: unknown) => {
		try {
			onMended(await send<Answer>(method, `/events/${event.uuid}`, body));
			onClose();
		} catch (error) {
			setFields(error instanceof Refused ? error.fields : {});
			setTrouble(troubleOf(error, "No connection: nothing was changed. Try again."));
		}
	};
	const keep = () => {
		const { came: where, count, depth, species, length, landed, hook, bent, lostAt: lost, kept } = draft;
		const fish = { species, length, landed, hook: hook || null, bent, lost_at: landed ? null : lost || null };
		return tell("PUT", {
			came: where || null,
			...(count ? { count } : {}),
			...(depth ? { depth } : {}),
			...(bite.fish ? { ...fish, ...(kept ? { kept: kept === "kept" } : {}) } : {}),
		});
	};
	return (
		<Dialog open onOpenChange={(open) => !open && onClose()} title={event.words}>
			<form
				noValidate
				onSubmit={(submitted) => {
					submitted.preventDefault();
					void keep();
				}}
			>
				<Choice label="Where it came" value={draft.came} onChange={(where) => set({ came: where })} options={came} />
				<div className="mt-4 grid grid-cols-2 gap-x-3">
					<Field
						label="Or at count"
						placeholder="7"
						inputMode="decimal"
						value={draft.count}
						trouble={fields.count}
						onChange={(changed) => set({ count: changed.target.value })}
					/>
					<Field
						label="Or at depth"
						placeholder={event.depthText || "not known"}
						value={draft.depth}
						trouble={fields.depth}
						onChange={(changed) => set({ depth: changed.target.value })}
					/>
				</div>
				{bite.fish && <OfFish draft={draft} set={set} fields={fields} />}
				<Trouble words={Object.keys(fields).length === 0 ? trouble : null} />
				<div className="mt-4 grid grid-cols-2 gap-2.5">
					<Button type="submit" look="next" size="big">
						Keep
					</Button>
					<Button look="danger" size="big" onClick={() => (sure ? void tell("DELETE") : setSure(true))}>
						{sure ? "Yes, take it away" : "Take it away"}
					</Button>
				</div>
			</form>
		</Dialog>
	);
}

interface OfFishProps {
	draft: LoggedBiteData;
	set: (changes: Partial<LoggedBiteData>) => void;
	fields: Record<string, string>;
}

/** Which fish, which hook held it, and what became of it. */
export function OfFish({ draft, set, fields }: OfFishProps) {
	return (
		<>
			<div className="grid grid-cols-2 gap-x-3">
				<Field
					label="Which fish"
					value={draft.species.replace("_", " ")}
					trouble={fields.species}
					onChange={(changed) => set({ species: changed.target.value })}
				/>
				<Field
					label="Length"
					value={draft.length}
					trouble={fields.length}
					onChange={(changed) => set({ length: changed.target.value })}
				/>
			</div>
			<Choice
				label="Landed or lost"
				value={draft.landed ? "landed" : "lost"}
				onChange={(what) => set({ landed: what === "landed" })}
				options={[
					["landed", "landed"],
					["lost", "lost"],
				]}
			/>
			{!draft.landed && (
				<Choice label="Lost" value={draft.lostAt} onChange={(lost) => set({ lostAt: lost })} options={lostAt} />
			)}
			{draft.landed && (
				<Choice
					label="Kept or released"
					value={draft.kept}
					onChange={(kept) => set({ kept })}
					options={[
						["released", "released"],
						["kept", "kept"],
					]}
				/>
			)}
			<Choice label="Which hook held" value={draft.hook} onChange={(hook) => set({ hook })} options={hooks} />
			<Check checked={draft.bent} onChange={(bent) => set({ bent })}>
				The hook was bent
			</Check>
		</>
	);
}
