import { useState } from "react";
import { EVENT_KIND } from "../kinds";
import type { Entry } from "../outbox/offlineActions";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import * as clock from "../parts/clock";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";
import { optionsOf } from "../parts/options";
import { plainText } from "../parts/plainText";
import { useDraft } from "../parts/useDraft";
import type { OptionData, PadData } from "../types";
import { momentOf } from "./moment";

interface Props {
	pads: PadData[];
	rods: OptionData[];
	/** The one in hand, where there is one. */
	inHand?: string;
	sought: string;
	/** Up to when it can have been; null for now. */
	until: string | null;
	onAdd: (entry: Entry & { at: string }, rod: string | null) => void;
	onClose: () => void;
}

/** Something that was not tapped when it happened. */
export function AddForgotten({ pads, rods, inHand, sought, until, onAdd, onClose }: Props) {
	const kinds: [string, string][] = [
		...optionsOf(EVENT_KIND).filter(([kind]) => !EVENT_KIND[kind].pad),
		...pads.map(({ kind, label }): [string, string] => [kind, label]),
	];
	const [draft, set, letGo] = useDraft("forgotten", {
		kind: "touch",
		rod: inHand ?? rods[0]?.value ?? "",
		time: "",
		species: sought,
		length: "",
	});
	const { kind, rod, time, species, length } = draft;
	const close = () => {
		letGo();
		onClose();
	};
	const [trouble, setTrouble] = useState("");
	const add = () => {
		const moment = momentOf(time, until === null ? clock.now() : Date.parse(until));
		if (!moment) {
			setTrouble("Type the time the clock showed: 14:20.");
			return;
		}
		const fish = kind === "fish" ? { species: species.trim() || "unknown", length: length.trim() || undefined } : {};
		onAdd({ kind, at: moment.toISOString(), ...fish }, rod || null);
		close();
	};
	return (
		<Dialog open onOpenChange={(open) => !open && close()} title="Add something forgotten">
			<form
				noValidate
				onSubmit={(event) => {
					event.preventDefault();
					add();
				}}
			>
				<Choice label="What it was" value={kind} onChange={(what) => set({ kind: what })} options={kinds} />
				{rods.length > 1 && (
					<Choice
						label="On which rod"
						value={rod}
						onChange={(which) => set({ rod: which })}
						options={rods.map((one) => [one.value, one.word] as const)}
					/>
				)}
				<Field
					label="When"
					type="time"
					value={time}
					trouble={trouble}
					onChange={(event) => set({ time: event.target.value })}
				/>
				{kind === "fish" && (
					<div className="grid grid-cols-2 gap-x-3">
						<Field
							label="Which fish"
							value={species.replace("_", " ")}
							onChange={(event) => set({ species: plainText(event.target.value) })}
						/>
						<Field label="Length" value={length} onChange={(event) => set({ length: plainText(event.target.value) })} />
					</div>
				)}
				<Button type="submit" look="next" size="big" className="mt-4">
					Add it
				</Button>
			</form>
		</Dialog>
	);
}
