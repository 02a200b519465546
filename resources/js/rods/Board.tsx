import { router, useForm } from "@inertiajs/react";
import { type FormEvent, useState } from "react";
import { Button } from "../parts/Button";
import { Check } from "../parts/Check";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Notice";
import { troubleOf } from "../parts/queries";
import { newId, send } from "../parts/send";
import { say } from "../parts/words";
import type { OptionData, RodOnBoardData } from "../types";

interface Props {
	rods: RodOnBoardData[];
	ashore: OptionData[];
}

/** Who else is on board, what was left ashore, and one more. */
export function Board({ rods, ashore }: Props) {
	const [adding, setAdding] = useState(false);
	const [trouble, setTrouble] = useState<string | null>(null);
	const inHand = rods.find((rod) => rod.inHand);
	const tell = async (address: string) => {
		try {
			await send("PUT", address);
			setTrouble(null);
			router.reload();
		} catch (error) {
			setTrouble(troubleOf(error, "No connection: nothing was changed. Tap it again."));
		}
	};
	return (
		<>
			<div className="flex flex-wrap gap-x-5">
				<Button onClick={() => setAdding(true)}>Another rod</Button>
				{inHand && rods.length > 1 && (
					<Button look="aside" onClick={() => void tell(`/rods/${inHand.uuid}/ashore`)}>
						{say("Take the {name} off the boat", { name: inHand.name })}
					</Button>
				)}
				{ashore.map((rod) => (
					<Button key={rod.value} look="aside" onClick={() => void tell(`/rods/${rod.value}/in-hand`)}>
						{say("Take the {word} on board", { word: rod.word })}
					</Button>
				))}
			</div>
			<Trouble words={trouble} className="pb-2" />
			<AnotherRod open={adding} onOpenChange={setAdding} />
		</>
	);
}

function AnotherRod({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
	const form = useForm({ uuid: newId(), name: "", owner: "", still: false });
	const keep = (event: FormEvent) => {
		event.preventDefault();
		form.post("/rods", {
			preserveScroll: true,
			preserveState: true,
			onSuccess: () => {
				form.setData({ uuid: newId(), name: "", owner: "", still: false });
				onOpenChange(false);
			},
		});
	};
	return (
		<Dialog
			open={open}
			onOpenChange={onOpenChange}
			title="Another rod on board"
			says="Rigged like the one you hold, until you change it. You hold it then."
		>
			<form noValidate onSubmit={keep} className="mt-3">
				<Field
					label="Name"
					data-first
					placeholder="Casting rod"
					value={form.data.name}
					trouble={form.errors.name ?? form.errors.uuid}
					onChange={(event) => form.setData("name", event.target.value)}
				/>
				<Field
					label="Whose, if not yours"
					placeholder="yours"
					value={form.data.owner}
					trouble={form.errors.owner}
					onChange={(event) => form.setData("owner", event.target.value)}
				/>
				<Check checked={form.data.still} onChange={(still) => form.setData("still", still)}>
					Stays out with other bait
				</Check>
				<Button type="submit" look="next" size="big" wide className="mt-4" disabled={form.processing}>
					Take it on board
				</Button>
			</form>
		</Dialog>
	);
}
