import { useState } from "react";
import { Choice } from "../parts/Choice";
import { Dialog } from "../parts/Dialog";
import type { OutingData } from "../types";
import { came } from "./biteChoices";
import { LengthBoard } from "./LengthBoard";
import { useOpenedAt } from "./useOpenedAt";
import type { NotTaken, OutingLog } from "./useOuting";

/** Told from the drop before, unless it is said. */
const byTheDrop = "drop";
const where = [[byTheDrop, "by the drop"], ...came] as const;

interface Props {
	/** One that was not taken, to be mended. */
	again: NotTaken | null;
	outing: OutingData;
	onClose: () => void;
	log: Pick<OutingLog, "log" | "letGo">;
}

/** Species, length, and where it came. */
export function FishOn({ again, outing, onClose, log }: Props) {
	const openedAt = useOpenedAt(true);
	const before = again?.entry;
	const named = outing.species.some((one) => one.value === (before?.species ?? outing.sought));
	const [species, setSpecies] = useState(named ? (before?.species ?? outing.sought) : "other");
	const [other, setOther] = useState(named ? "" : (before?.species ?? ""));
	const [length, setLength] = useState(before?.length ?? "");
	const [place, setPlace] = useState<string>(before?.came ?? byTheDrop);
	const [kept, setKept] = useState(before?.kept === undefined ? "" : before.kept ? "kept" : "released");
	const known = outing.species.find((one) => one.value === species);
	const keep = (landed: boolean) => {
		log.log({
			kind: "fish",
			species: species === "other" ? other.trim() || "unknown" : species,
			length: length.trim() || undefined,
			came: place === byTheDrop ? null : place,
			landed,
			...(landed && kept ? { kept: kept === "kept" } : {}),
			at: before?.at ?? openedAt(),
		});
		if (again) log.letGo(again.id);
		onClose();
	};
	const reading = Number.parseFloat(length);
	return (
		<Dialog open onOpenChange={(open) => !open && onClose()} title="Fish on">
			<form
				noValidate
				onSubmit={(event) => {
					event.preventDefault();
					keep(true);
				}}
			>
				{again && (
					<p role="alert" className="pt-1 text-rowan">
						{again.why}
					</p>
				)}
				<Choice
					label="Which fish"
					value={species}
					onChange={setSpecies}
					options={[...outing.species.map((one) => [one.value, one.word] as const), ["other", "another"] as const]}
				/>
				{known?.care && <p className="pt-2 font-semibold">{known.care}</p>}
				{known?.card && <p className="pt-1">{known.card}</p>}
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
					Length ({outing.lengthUnit}, or with its unit)
					<input
						value={length}
						onChange={(event) => setLength(event.target.value)}
						inputMode="text"
						autoComplete="off"
						placeholder="not measured"
						className="mt-1 min-h-14 w-full rounded-md border-2 border-slate bg-paper px-3 text-[18px]"
					/>
				</label>
				<LengthBoard
					unit={outing.lengthUnit}
					value={Number.isFinite(reading) ? reading : null}
					onChange={(at) => setLength(`${at} ${outing.lengthUnit}`)}
				/>
				<Choice
					label="If it is landed"
					value={kept}
					onChange={setKept}
					options={[
						["released", "released"],
						["kept", "kept"],
					]}
				/>
				<div className="sticky -bottom-5 mt-3 -mb-2 grid grid-cols-2 gap-2 bg-paper py-2">
					<button type="submit" className="figure min-h-[76px] rounded-md bg-ember text-[19px] text-on-ember">
						Landed
					</button>
					<button
						type="button"
						onClick={() => keep(false)}
						className="figure min-h-[76px] rounded-md border-2 border-ink text-[19px]"
					>
						Lost
					</button>
				</div>
			</form>
		</Dialog>
	);
}
