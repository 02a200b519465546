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
	onClose: () => void;
	onMended: (answer: Answer) => void;
}

type Draft = LoggedBiteData & { count: string; depth: string };

/** Mends what was logged: where a bite came, which fish it was, what became of it; whether a lure stayed down. */
export function EventEditor({ event, onClose, onMended }: Props) {
	const { bite } = event;
	const [draft, setDraft] = useState<Draft | null>(bite && { ...bite, count: "", depth: "" });
	const [lureLost, setLureLost] = useState(event.lureLost ?? false);
	const [trouble, setTrouble] = useState<string | null>(null);
	const [fields, setFields] = useState<Record<string, string>>({});
	const [sure, setSure] = useState(false);
	const set = (changes: Partial<Draft>) => setDraft((before) => before && { ...before, ...changes });
	const couldLose = event.lureLost !== null && !draft?.landed;
	const tell = async (method: "PUT" | "DELETE", body?: unknown) => {
		try {
			onMended(await send<Answer>(method, `/events/${event.uuid}`, body));
			onClose();
		} catch (error) {
			setFields(error instanceof Refused ? error.fields : {});
			setTrouble(troubleOf(error, "No connection: nothing was changed. Try again."));
		}
	};
	const keep = () =>
		tell("PUT", {
			...(draft ? changesOf(draft) : {}),
			...(event.lureLost === null ? {} : { lure_lost: couldLose && lureLost }),
		});
	return (
		<Dialog open onOpenChange={(open) => !open && onClose()} title={event.words}>
			<form
				noValidate
				onSubmit={(submitted) => {
					submitted.preventDefault();
					void keep();
				}}
			>
				{draft && <Where draft={draft} set={set} fields={fields} known={event.depthText} />}
				{draft?.fish && <OfFish draft={draft} set={set} fields={fields} />}
				{couldLose && <LureLost lost={lureLost} onChange={setLureLost} snag={!draft} />}
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

/** As the server takes them. */
function changesOf({
	fish,
	came: where,
	count,
	depth,
	species,
	length,
	landed,
	hook,
	bent,
	lostAt: lost,
	kept,
}: Draft) {
	const ofFish = { species, length, landed, hook: hook || null, bent, lost_at: landed ? null : lost || null };
	return {
		came: where || null,
		...(count ? { count } : {}),
		...(depth ? { depth } : {}),
		...(fish ? { ...ofFish, ...(kept ? { kept: kept === "kept" } : {}) } : {}),
	};
}

interface WhereProps {
	draft: Draft;
	set: (changes: Partial<Draft>) => void;
	fields: Record<string, string>;
	known: string;
}

/** When in the drop, and how deep. */
function Where({ draft, set, fields, known }: WhereProps) {
	return (
		<>
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
					placeholder={known || "not known"}
					value={draft.depth}
					trouble={fields.depth}
					onChange={(changed) => set({ depth: changed.target.value })}
				/>
			</div>
		</>
	);
}

/** Whether the lure stayed down: then it leaves the box and the rod. */
function LureLost({ lost, onChange, snag }: { lost: boolean; onChange: (lost: boolean) => void; snag: boolean }) {
	return (
		<>
			<Choice
				label="The lure"
				value={lost ? "lost" : "freed"}
				onChange={(what) => onChange(what === "lost")}
				options={[
					["freed", snag ? "came free" : "came back"],
					["lost", "is lost"],
				]}
			/>
			<p className="mt-1.5 text-slate">
				{lost ? "It leaves the box and the rod; tie the next one on." : "It stays in the box and on the rod."}
			</p>
		</>
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
