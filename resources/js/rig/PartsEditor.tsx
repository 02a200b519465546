import { type FormEvent, type ReactNode, useState } from "react";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { TabList, TabPart, Tabs } from "../parts/Tabs";
import type { PickData, ReadingData, RigData, RigPage } from "../types";
import { HooksPart } from "./HooksPart";
import { StartPart } from "./StartPart";
import type { RodForm } from "./useRod";

interface Props {
	page: RigPage;
	form: RodForm;
}

interface Checked {
	rig: RigData | null;
	pick: PickData | null;
	readings: Record<string, ReadingData>;
}

const views = [
	["line", "Line"],
	["leader", "Leader"],
	["connector", "Joint"],
	["hooks", "Hooks"],
	["rod", "Rod"],
	["start", "Start"],
] as const;

/** Each part of the rig, changed in place; choices are kept at once, what is typed when it is said so. */
export function PartsEditor({ page, form, rig, pick, readings }: Props & Checked) {
	const [view, setView] = useState("line");
	return (
		<Tabs value={view} onChange={setView} className="mt-1">
			<TabList
				label="Parts of the rig"
				views={views}
				value={view}
				list="gap-x-1 overflow-x-auto"
				name="min-h-11 shrink-0 px-3"
			/>
			<TabPart value="line">
				<LinePart page={page} form={form} />
			</TabPart>
			<TabPart value="leader">
				<LeaderPart page={page} form={form} />
			</TabPart>
			<TabPart value="connector">
				<Choice
					label="How the lure is joined"
					value={form.draft.connector}
					onChange={(connector) => form.keep({ connector })}
					options={page.connectors.map(({ value, word }) => [value, word] as const)}
				/>
			</TabPart>
			<TabPart value="hooks">{rig && <HooksPart hooks={rig.hooks} />}</TabPart>
			<TabPart value="start">{pick && <StartPart pick={pick} readings={readings} />}</TabPart>
			<TabPart value="rod">
				<Typed form={form} names={["name", "length", "lifts"]}>
					<div className="mt-5 grid gap-x-3 lg:grid-cols-3">
						<Text form={form} name="name" label="Rod" />
						<Text form={form} name="length" label="Length" />
						<Text form={form} name="lifts" label="Lifts" />
					</div>
				</Typed>
			</TabPart>
		</Tabs>
	);
}

function LinePart({ page, form }: Props) {
	if (page.lines.length === 0) {
		return <p className="mt-4 text-slate">No line is in the box yet; put one in under Before you go.</p>;
	}
	return (
		<Choice
			label="Line on the reel"
			value={`${form.draft.line ?? ""}`}
			onChange={(line) => form.keep({ line: Number(line) })}
			options={page.lines.map((line) => [`${line.id}`, `${line.name}, ${line.diameter}`] as const)}
		/>
	);
}

function LeaderPart({ page, form }: Props) {
	const { draft } = form;
	return (
		<>
			<Choice
				label="Leader"
				value={draft.leader || "none"}
				onChange={(leader) => form.keep({ leader: leader === "none" ? "" : leader })}
				options={page.materials.map(({ value, word }) => [value || "none", word] as const)}
			/>
			{draft.leader && (
				<Typed form={form} names={["leaderStrength", "leaderLength"]}>
					<div className="mt-4 grid grid-cols-2 gap-x-3">
						<Text form={form} name="leaderStrength" label="Strength" />
						<Text form={form} name="leaderLength" label="Length" />
					</div>
				</Typed>
			)}
		</>
	);
}

type Name = "name" | "length" | "lifts" | "leaderStrength" | "leaderLength";

function Typed({ form, names, children }: { form: RodForm; names: Name[]; children: ReactNode }) {
	const keep = (event: FormEvent) => {
		event.preventDefault();
		form.keep(Object.fromEntries(names.map((name) => [name, form.draft[name]])));
	};
	return (
		<form noValidate onSubmit={keep}>
			{children}
			<Button type="submit" look="plain">
				Keep
			</Button>
		</form>
	);
}

function Text({ form, name, label }: { form: RodForm; name: Name; label: string }) {
	return (
		<Field
			label={label}
			value={form.draft[name]}
			trouble={form.trouble(name)}
			onChange={(event) => form.set({ [name]: event.target.value })}
		/>
	);
}
