import { Suspense, useState } from "react";
import { BITE_PHASE } from "../kinds";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import * as clock from "../parts/clock";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";
import { onDemand } from "../parts/onDemand";
import { optionsOf } from "../parts/options";
import { plainText } from "../parts/plainText";
import { useDraft } from "../parts/useDraft";
import { forgetPictures, type PictureOfDraft, sendPictures } from "../pictures/ofDraft";
import type { FishChoiceData, OutingData } from "../types";
import { HookMap } from "./HookMap";
import { LengthBoard } from "./LengthBoard";
import { useOpenedAt } from "./useOpenedAt";
import type { OutingLog } from "./useOuting";

const FishPictures = onDemand(() => import("../pictures/FishPictures"));

/** Told from the drop before, unless it is said. */
const byTheDrop = "drop";
const where = [[byTheDrop, "by the drop"], ...optionsOf(BITE_PHASE)] as const;

/** Under which a fish half filled in is kept. */
export const fishDraft = (outing: string) => `fish ${outing}`;

/** Of fields, those in which something was typed. */
function said<T extends Record<string, string>>(fields: T): Partial<T> {
	const typed = Object.entries(fields).filter(([, text]) => text.trim() !== "");
	return Object.fromEntries(typed) as Partial<T>;
}

/** Fish that are offered at first. */
const OFFERED = 6;

/** The ones that are meant first, then the others in their order. */
function nearest(fish: FishChoiceData[], meant: string[]): FishChoiceData[] {
	const first = fish.filter(({ value }) => meant.includes(value));
	return [...first, ...fish.filter((one) => !first.includes(one))].slice(0, OFFERED);
}

interface Props {
	outing: OutingData;
	onClose: () => void;
	onLog: OutingLog["log"];
}

/** Species, length, and where it came. What is filled in stays until it is logged, or the dialog is closed. */
export function FishOn({ outing, onClose, onLog }: Props) {
	const openedAt = useOpenedAt(true);
	const named = outing.species.some((one) => one.value === outing.sought);
	const [draft, set, letGo] = useDraft(fishDraft(outing.uuid), {
		/** When it was on. */
		at: "",
		species: named ? outing.sought : "other",
		other: "",
		length: "",
		place: byTheDrop as string,
		kept: "",
		hook: "",
		held: "",
		scale: "",
		girth: "",
		tag: "",
		pictures: [] as PictureOfDraft[],
	});
	const { species, other, length, place, kept, hook, held, scale, girth, tag, pictures } = draft;
	const type = (changes: Partial<typeof draft>) => set({ at: draft.at || openedAt(), ...changes });
	const known = outing.species.find((one) => one.value === species);
	// Open where something was typed before; what is erased does not close it.
	const [measured] = useState(() => Boolean(scale || girth || tag));
	const [all, setAll] = useState(false);
	const near = all ? outing.species : nearest(outing.species, [species, outing.sought]);
	const close = () => {
		letGo();
		onClose();
	};
	const leave = () => {
		if (pictures.length > 0) void forgetPictures(pictures.map(({ id }) => id));
		close();
	};
	const keep = (landed: boolean) => {
		const logged = onLog({
			kind: "fish",
			species: species === "other" ? other.trim() || "unknown" : species,
			length: length.trim() || undefined,
			came: place === byTheDrop ? null : place,
			landed,
			...said({ hook, scale, girth, tag }),
			...(hook && held ? { held } : {}),
			over: new Date(clock.now()).toISOString(),
			...(landed && kept ? { kept: kept === "kept" } : {}),
			at: draft.at || openedAt(),
		});
		if (pictures.length > 0) void sendPictures(pictures, { of: "event", thing: logged, outing: outing.uuid });
		close();
	};
	const reading = Number.parseFloat(length);
	return (
		<Dialog open onOpenChange={(open) => !open && leave()} title="Fish on">
			<form
				noValidate
				onSubmit={(event) => {
					event.preventDefault();
					keep(true);
				}}
			>
				{outing.pick && (
					<HookMap
						lure={outing.pick.drawing}
						ways={outing.held}
						hook={hook}
						held={held}
						onHook={(which) => type({ hook: which })}
						onHeld={(how) => type({ held: how })}
					/>
				)}
				<Choice
					label="Which fish"
					value={species}
					onChange={(which) => type({ species: which })}
					options={[...near.map((one) => [one.value, one.word] as const), ["other", "another"] as const]}
				/>
				{near.length < outing.species.length && (
					<Button size="big" onClick={() => setAll(true)}>
						More fish
					</Button>
				)}
				{known?.care && <p className="pt-2 font-semibold">{known.care}</p>}
				{known?.card && <p className="pt-1">{known.card}</p>}
				{species === "other" && (
					<label className="block pt-3 font-semibold">
						Which one
						<input
							value={other}
							onChange={(event) => type({ other: plainText(event.target.value) })}
							maxLength={40}
							placeholder="unknown"
							className="mt-1 min-h-14 w-full rounded-md border-2 border-slate bg-paper px-3 text-[18px]"
						/>
					</label>
				)}
				<Choice label="When it bit" value={place} onChange={(where) => type({ place: where })} options={where} />
				<label className="block pt-3 font-semibold">
					Length ({outing.lengthUnit}, or with its unit)
					<input
						value={length}
						onChange={(event) => type({ length: plainText(event.target.value) })}
						inputMode="text"
						autoComplete="off"
						placeholder="not measured"
						className="mt-1 min-h-14 w-full rounded-md border-2 border-slate bg-paper px-3 text-[18px]"
					/>
				</label>
				<LengthBoard
					unit={outing.lengthUnit}
					value={Number.isFinite(reading) ? reading : null}
					onChange={(at) => type({ length: `${at} ${outing.lengthUnit}` })}
				/>
				<Suspense>
					<FishPictures pictures={pictures} onAdd={(picture) => type({ pictures: [...pictures, picture] })} />
				</Suspense>
				<details className="mt-4" open={measured}>
					<summary className="min-h-11 cursor-pointer py-2 font-semibold">Scale, girth, tag</summary>
					<div className="grid grid-cols-3 gap-x-3">
						<Field
							label="Scale"
							placeholder="2.2 2.4"
							value={scale}
							onChange={(event) => type({ scale: plainText(event.target.value) })}
						/>
						<Field label="Girth" value={girth} onChange={(event) => type({ girth: plainText(event.target.value) })} />
						<Field
							label="Tag"
							maxLength={40}
							value={tag}
							onChange={(event) => type({ tag: plainText(event.target.value) })}
						/>
					</div>
				</details>
				<Choice
					label="If it is landed"
					value={kept}
					onChange={(what) => type({ kept: what })}
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
