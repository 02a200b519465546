import { useState } from "react";
import { Button } from "../parts/Button";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";
import { say } from "../parts/words";
import type { OutingData, SpotChoiceData } from "../types";
import type { Destination } from "./useOuting";

interface Props {
	open: boolean;
	onOpenChange: (open: boolean) => void;
	outing: OutingData;
	spots: SpotChoiceData[];
	onMove: (to: Destination) => void;
}

/** Where to next: a spot of this water, one of another, or a new one right here. */
export function MoveTo({ open, onOpenChange, outing, spots, onMove }: Props) {
	const here = spots.find(({ id }) => id === outing.spot)?.water ?? outing.place.split(" · ")[1] ?? "";
	const others = spots.filter(({ id }) => id !== outing.spot);
	const near = others.filter(({ water }) => water === here);
	const far = others.filter(({ water }) => water !== here);
	const go = (to: Destination) => {
		onMove(to);
		onOpenChange(false);
	};
	const goTo = ({ id, name, water, depth }: SpotChoiceData) =>
		go({ spot: id, name: null, water: null, words: `${name} · ${water}`, depth });
	return (
		<Dialog
			open={open}
			onOpenChange={onOpenChange}
			title="Move to"
			says="What is on your rods stays on. Bites from now on count for the new spot."
		>
			{near.length > 0 && <Spots spots={near} onPick={goTo} />}
			<NewSpot
				water={here}
				onName={(name, water) =>
					go({ spot: null, name, water: water === here ? null : water, words: `${name} · ${water}`, depth: "" })
				}
			/>
			{far.length > 0 && (
				<details className="mt-3">
					<summary className="min-h-11 cursor-pointer py-2 font-semibold">Another water</summary>
					<Spots spots={far} onPick={goTo} withWater />
				</details>
			)}
		</Dialog>
	);
}

interface SpotsProps {
	spots: SpotChoiceData[];
	onPick: (spot: SpotChoiceData) => void;
	withWater?: boolean;
}

function Spots({ spots, onPick, withWater }: SpotsProps) {
	return (
		<ul>
			{spots.map((spot) => (
				<li key={spot.id} className="border-b border-rule">
					<button
						type="button"
						onClick={() => onPick(spot)}
						className="flex min-h-[58px] w-full items-center justify-between gap-3 py-2 text-left"
					>
						<span className="figure text-[18px]">{spot.name}</span>
						<span className="text-[14px] text-slate">
							{[withWater ? spot.water : "", spot.depth].filter(Boolean).join(" · ")}
						</span>
					</button>
				</li>
			))}
		</ul>
	);
}

/** A spot nobody has named yet. */
function NewSpot({ water, onName }: { water: string; onName: (name: string, water: string) => void }) {
	const [name, setName] = useState("");
	const [on, setOn] = useState(water);
	return (
		<form
			className="mt-4"
			onSubmit={(event) => {
				event.preventDefault();
				if (name.trim() && on.trim()) onName(name.trim(), on.trim());
			}}
		>
			<Field
				label="New spot"
				hint={water ? say("On {water}", { water }) : undefined}
				value={name}
				maxLength={80}
				onChange={(event) => setName(event.target.value)}
			/>
			{!water && <Field label="Water" value={on} maxLength={80} onChange={(event) => setOn(event.target.value)} />}
			<Button look="strong" size="big" type="submit" disabled={!name.trim() || !on.trim()}>
				Move there
			</Button>
		</form>
	);
}
