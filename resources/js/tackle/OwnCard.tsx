import { router, useForm } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { Dialog } from "../parts/Dialog";
import { FormField } from "../parts/FormField";
import { say } from "../parts/words";
import type { NotesData } from "../types";

const empty = {
	species: "",
	shortest: "",
	longest: "",
	slot_from: "",
	slot_to: "",
	bag: "",
	closed_from: "",
	closed_to: "",
};

/** Sizes, slot, bag and closed days by fish, as the angler writes them down: shown when one is on. */
export function OwnCard({ notes, onDone }: { notes: NotesData | null; onDone: () => void }) {
	const form = useForm(empty);
	if (!notes) return null;
	return (
		<Dialog
			open
			onOpenChange={(open) => !open && onDone()}
			title={say("Your card for {water}", { water: notes.water })}
			says="As you looked it up. Shown when such a fish is on, counted all day. The law may differ."
		>
			<ul>
				{notes.card.map((rule) => (
					<li key={rule.id} className="flex items-center justify-between gap-3 border-b border-rule py-1">
						<span>
							<b>{rule.species}</b>: {rule.words}
						</span>
						<span className="flex shrink-0">
							<Button
								aria-label={say("Change {species}", { species: rule.species })}
								onClick={() => form.setData({ ...empty, ...rule.fields })}
							>
								Change
							</Button>
							<Button
								look="aside"
								aria-label={say("Take {species} off the card", { species: rule.species })}
								onClick={() => router.delete(`/card/${rule.id}`, { preserveScroll: true })}
							>
								Take off
							</Button>
						</span>
					</li>
				))}
			</ul>
			<form
				className="mt-4"
				noValidate
				onSubmit={(event) => {
					event.preventDefault();
					form.post(`/waters/${notes.id}/card`, {
						preserveScroll: true,
						preserveState: true,
						onSuccess: () => form.setData(empty),
					});
				}}
			>
				<div className="grid grid-cols-2 gap-x-3">
					<FormField form={form} name="species" label="Which fish" placeholder="walleye" />
					<FormField form={form} name="bag" label="Kept a day" placeholder="4" />
					<FormField form={form} name="shortest" label="From" placeholder="15 in" />
					<FormField form={form} name="longest" label="Up to" placeholder="28 in" />
					<FormField form={form} name="slot_from" label="Goes back from" placeholder="20 in" />
					<FormField form={form} name="slot_to" label="to" placeholder="25 in" />
					<FormField form={form} name="closed_from" label="Closed from, month-day" placeholder="03-15" />
					<FormField form={form} name="closed_to" label="to" placeholder="04-30" />
				</div>
				<Button look="next" size="normal" wide type="submit" disabled={form.processing}>
					Put it on the card
				</Button>
			</form>
		</Dialog>
	);
}
