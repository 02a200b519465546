import { router, useForm } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";
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
	const field = (name: keyof typeof empty, label: string, placeholder: string) => (
		<Field
			label={label}
			placeholder={placeholder}
			value={form.data[name]}
			trouble={form.errors[name]}
			onChange={(event) => form.setData(name, event.target.value)}
		/>
	);
	return (
		<Dialog
			open
			onOpenChange={(open) => !open && onDone()}
			title={`Your card for ${notes.water}`}
			says="As you looked it up. It is shown when such a fish is on, and counted through the day; the law may say otherwise."
		>
			<ul>
				{notes.card.map((rule) => (
					<li key={rule.id} className="flex items-center justify-between gap-3 border-b border-rule py-1">
						<span>
							<b>{rule.species}</b>: {rule.words}
						</span>
						<span className="flex shrink-0">
							<Button aria-label={`Change ${rule.species}`} onClick={() => form.setData({ ...empty, ...rule.fields })}>
								Change
							</Button>
							<Button
								look="aside"
								aria-label={`Take ${rule.species} off the card`}
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
					{field("species", "Which fish", "walleye")}
					{field("bag", "Kept a day", "4")}
					{field("shortest", "From", "15 in")}
					{field("longest", "Up to", "28 in")}
					{field("slot_from", "Goes back from", "20 in")}
					{field("slot_to", "to", "25 in")}
					{field("closed_from", "Closed from, month-day", "03-15")}
					{field("closed_to", "to", "04-30")}
				</div>
				<Button look="next" size="normal" wide type="submit" disabled={form.processing}>
					Put it on the card
				</Button>
			</form>
		</Dialog>
	);
}
