import { useState } from "react";
import { Button } from "../parts/Button";
import { Select } from "../parts/Select";
import { SmallField } from "../parts/SmallField";
import { useOverlay } from "../parts/useOverlay";
import type { BenchData } from "../types";
import { LoopSteps } from "./LoopSteps";

export type Hooks = Record<string, string | number | null>;

interface Props {
	bench: BenchData;
	hooks: Hooks;
	/** Keeps the parts given; the others stay as they are. */
	onChange: (parts: Hooks, words: string) => Promise<boolean>;
}

/** Hooks: what is on, when it was last looked after, what practice says, and the swap to a braided loop. */
export function HookCare({ bench, hooks, onChange }: Props) {
	const { draft, set, kept } = useOverlay(hooks);
	const [swapping, setSwapping] = useState(false);
	const today = new Date().toISOString().slice(0, 10);
	const keep = async (to: Hooks, words: string) => {
		const parts = Object.fromEntries(
			Object.entries(to).filter(([name, value]) => `${value ?? ""}` !== `${hooks[name] ?? ""}`),
		);
		if (Object.keys(parts).length > 0 && (await onChange(parts, words))) kept(parts);
	};
	return (
		<section aria-label="Hooks" className="mt-5 border-t border-rule pt-3">
			<h2 className="text-[19px]">Hooks</h2>
			<p className="mt-1 text-[15px]">{bench.sinceHooks}</p>
			<ul className="mt-1 text-[15px]">
				{bench.hookAdvice.map((advice) => (
					<li key={advice}>{advice}</li>
				))}
			</ul>
			<form
				className="mt-2"
				onSubmit={(event) => {
					event.preventDefault();
					void keep(draft, "Hooks are kept.");
				}}
			>
				<HookFields draft={draft} today={today} onChange={set} />
				<div className="mt-2 flex flex-wrap gap-3">
					<Button type="submit" look="plain" className="px-4">
						Keep hooks
					</Button>
					<Button onClick={() => void keep({ ...draft, changed: today }, "New hooks today.")}>Changed today</Button>
					<Button onClick={() => void keep({ ...draft, sharpened: today }, "Sharpened today.")}>Sharpened today</Button>
					<Button aria-expanded={swapping} onClick={() => setSwapping(!swapping)}>
						Swap the ring for a braided loop
					</Button>
				</div>
			</form>
			{swapping && (
				<LoopSteps
					ring={`${draft.ring_mm ?? ""}`}
					onDone={() => void keep({ ...draft, attach: "loop", changed: today }, "A braided loop since today.")}
				/>
			)}
		</section>
	);
}

interface FieldsProps {
	draft: Hooks;
	today: string;
	onChange: (part: Hooks) => void;
}

function HookFields({ draft, today, onChange }: FieldsProps) {
	const field = (name: string, label: string, placeholder: string) => (
		<SmallField
			label={label}
			placeholder={placeholder}
			value={draft[name] ?? ""}
			onChange={(event) => onChange({ [name]: event.target.value })}
		/>
	);
	return (
		<div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
			{field("front", "front, size", "8")}
			{field("rear", "rear, size", "6")}
			{field("style", "style", "treble")}
			<div className="text-[14px] text-slate">
				hung by
				<Select
					label="hung by"
					className="w-full"
					value={`${draft.attach ?? ""}`}
					options={[
						["", "not said"],
						["ring", "split ring"],
						["loop", "braided loop"],
					]}
					onChange={(attach) => onChange({ attach })}
				/>
			</div>
			{field("ring_mm", "ring, mm inside", "4.5")}
			{field("changed", "changed on", today)}
			{field("sharpened", "sharpened on", today)}
		</div>
	);
}
