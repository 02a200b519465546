import { useState } from "react";
import { Choice } from "../parts/Choice";
import { Dialog } from "../parts/Dialog";
import type { OutingData } from "../types";
import { came } from "./biteChoices";
import { useOpenedAt } from "./useOpenedAt";
import type { Entry } from "./useOuting";

/** Told from the drop before, unless it is said. */
const byTheDrop = "drop";
const where = [[byTheDrop, "by the drop"], ...came] as const;

interface Props {
	open: boolean;
	onOpenChange: (open: boolean) => void;
	outing: OutingData;
	fields: Record<string, string>;
	onLog: (entry: Entry) => Promise<boolean>;
}

/** Species, length, and where it came. */
export function FishOn({ open, onOpenChange, outing, fields, onLog }: Props) {
	const openedAt = useOpenedAt(open);
	const [species, setSpecies] = useState(outing.sought);
	const [length, setLength] = useState("");
	const [place, setPlace] = useState<string>(byTheDrop);
	const [other, setOther] = useState("");
	const [busy, setBusy] = useState(false);
	const keep = async (landed: boolean) => {
		setBusy(true);
		const kept = await onLog({
			kind: "fish",
			species: species === "other" ? other.trim() || "unknown" : species,
			length: length.trim() || undefined,
			came: place === byTheDrop ? null : place,
			landed,
			at: openedAt(),
		});
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
					options={[...outing.species.map((one) => [one.value, one.word] as const), ["other", "another"] as const]}
				/>
				{species === "other" && (
					<label className="block pt-3 font-semibold">
						Which one
						<input
							value={other}
							onChange={(event) => setOther(event.target.value)}
							maxLength={40}
							placeholder="unknown"
							className="mt-1 min-h-14 w-full rounded-md border-2 border-slate bg-paper px-3 text-[18px]"
						/>
					</label>
				)}
				<Choice label="Where it came" value={place} onChange={setPlace} options={where} />
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
