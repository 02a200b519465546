import { HELD_IN, HOOK_HELD, LOST_AT } from "../kinds";
import { Check } from "../parts/Check";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { optionsOf } from "../parts/options";
import type { LoggedBiteData } from "../types";

interface Props {
	draft: LoggedBiteData;
	set: (changes: Partial<LoggedBiteData>) => void;
}

/** Which fish, which hook held it, what became of it, and its tag. */
export function OfFish({ draft, set }: Props) {
	return (
		<>
			<div className="grid grid-cols-2 gap-x-3 lg:grid-cols-4">
				<Field
					label="Which fish"
					value={draft.species.replace("_", " ")}
					onChange={(changed) => set({ species: changed.target.value })}
				/>
				<Field label="Length" value={draft.length} onChange={(changed) => set({ length: changed.target.value })} />
				<Field
					label="On the scale"
					placeholder="2.2 2.4 2.3"
					value={draft.scale}
					onChange={(changed) => set({ scale: changed.target.value })}
				/>
				<Field label="Girth" value={draft.girth} onChange={(changed) => set({ girth: changed.target.value })} />
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
				<Choice
					label="Lost"
					value={draft.lostAt}
					onChange={(lost) => set({ lostAt: lost })}
					options={optionsOf(LOST_AT)}
				/>
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
			<Choice
				label="Which hook held"
				value={draft.hook}
				onChange={(hook) => set({ hook })}
				options={optionsOf(HOOK_HELD)}
			/>
			<Choice
				label="Where it held"
				value={draft.held}
				onChange={(held) => set({ held })}
				options={optionsOf(HELD_IN)}
			/>
			<Check checked={draft.bent} onChange={(bent) => set({ bent })}>
				The hook was bent
			</Check>
			<div className="mt-4 grid grid-cols-2 gap-x-3">
				<Field
					label="Tag number"
					placeholder="no tag"
					maxLength={40}
					value={draft.tag}
					onChange={(changed) => set({ tag: changed.target.value })}
				/>
				<Field
					label="Who the tag says to tell"
					maxLength={120}
					value={draft.tagContact}
					onChange={(changed) => set({ tagContact: changed.target.value })}
				/>
			</div>
		</>
	);
}
