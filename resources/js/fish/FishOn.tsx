import { useState } from "react";
import { Choice } from "../parts/Choice";
import { Dialog } from "../parts/Dialog";
import type { OutingData } from "../types";
import type { Entry } from "./useOuting";

const came = [
	["first_fall", "first fall"],
	["fall", "fall"],
	["rest", "at rest"],
	["lift", "lift"],
	["swim", "swim"],
] as const;

interface Props {
	open: boolean;
	onOpenChange: (open: boolean) => void;
	outing: OutingData;
	fields: Record<string, string>;
	onLog: (entry: Entry) => Promise<boolean>;
}

/** Species, length, and where it came. */
export function FishOn({ open, onOpenChange, outing, fields, onLog }: Props) {
	const [species, setSpecies] = useState(outing.sought);
	const [length, setLength] = useState("");
	const [where, setWhere] = useState("fall");
	const [busy, setBusy] = useState(false);
	const keep = async (landed: boolean) => {
		setBusy(true);
		const kept = await onLog({ kind: "fish", species, length: length.trim() || undefined, came: where, landed });
		setBusy(false);
		if (kept) {
			setLength("");
			onOpenChange(false);
		}
	};
	return (
		<Dialog open={open} onOpenChange={onOpenChange} title="Fish on">
			<form
				onSubmit={(event) => {
					event.preventDefault();
					void keep(true);
				}}
			>
				<Choice
					label="Which fish"
					value={species}
					onChange={setSpecies}
					options={outing.species.map((one) => [one.value, one.word] as const)}
				/>
				<Choice label="Where it came" value={where} onChange={setWhere} options={came} />
				<label className="block pt-3 font-semibold">
					Length, in {outing.lengthUnit} or any unit
					<input
						value={length}
						onChange={(event) => setLength(event.target.value)}
						inputMode="text"
						autoComplete="off"
						placeholder="not measured"
						aria-invalid={fields.length ? true : undefined}
						className="mt-1 min-h-14 w-full rounded-md border-2 border-slate bg-paper px-3 text-[18px] aria-[invalid]:border-rowan"
					/>
				</label>
				{Object.values(fields).map((words) => (
					<p key={words} role="alert" className="pt-2 text-rowan">
						{words}
					</p>
				))}
				<div className="mt-4 grid grid-cols-2 gap-2">
					<button
						type="submit"
						disabled={busy}
						className="figure min-h-[76px] rounded-md bg-ember text-[19px] text-on-ember"
					>
						Landed
					</button>
					<button
						type="button"
						disabled={busy}
						onClick={() => void keep(false)}
						className="figure min-h-[76px] rounded-md border-2 border-ink text-[19px]"
					>
						Lost
					</button>
				</div>
			</form>
		</Dialog>
	);
}
