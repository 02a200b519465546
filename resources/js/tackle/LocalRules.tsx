import { useForm } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";
import { say } from "../parts/words";
import type { NotesData } from "../types";
import { OwnCard } from "./OwnCard";

/** What the angler has looked up and noted of each water's rules. Eskith holds it and never states the law. */
export function LocalRules({ waters }: { waters: NotesData[] }) {
	const [open, setOpen] = useState<NotesData | null>(null);
	const [card, setCard] = useState<number | null>(null);
	if (waters.length === 0) return null;
	return (
		<section aria-label="Local rules" className="mt-6">
			<h2 className="text-[19px]">Local rules</h2>
			<p className="text-[15px] text-slate">Eskith doesn't know the law. Look it up and note it here.</p>
			<ul className="mt-2">
				{waters.map((one) => (
					<li
						key={one.id}
						className="grid min-h-12 grid-cols-[84px_minmax(0,1fr)_auto] items-center gap-3 border-t border-rule py-1"
					>
						<b className="text-[15px]">{one.water}</b>
						<span>
							{one.rules}
							{one.protectedFish && (
								<span className="block text-[14px] text-slate">protected: {one.protectedFish}</span>
							)}
							{one.card.map(({ id, species, words }) => (
								<span key={id} className="block text-[14px] text-slate">
									{species}: {words}
								</span>
							))}
						</span>
						<span className="flex flex-col items-end gap-x-4 sm:flex-row">
							<Button
								aria-label={say("Your card of fish for {water}", { water: one.water })}
								onClick={() => setCard(one.id)}
							>
								Card
							</Button>
							<Button aria-label={say("Note the rules of {water}", { water: one.water })} onClick={() => setOpen(one)}>
								{one.rules || one.protectedFish ? "Change" : "Note"}
							</Button>
						</span>
					</li>
				))}
			</ul>
			{card && <OwnCard notes={waters.find((one) => one.id === card) ?? null} onDone={() => setCard(null)} />}
			{open && <Notes key={open.id} notes={open} onDone={() => setOpen(null)} />}
		</section>
	);
}

function Notes({ notes, onDone }: { notes: NotesData; onDone: () => void }) {
	const form = useForm({ rules: notes.rules, protected: notes.protectedFish });
	return (
		<Dialog open onOpenChange={(open) => !open && onDone()} title={say("Rules of {water}", { water: notes.water })}>
			<form
				className="mt-3"
				onSubmit={(event) => {
					event.preventDefault();
					form.put(`/waters/${notes.id}/notes`, { preserveScroll: true, onSuccess: onDone });
				}}
			>
				<Field
					label="Seasons, sizes, bag, rods, hooks"
					placeholder="Walleye from 18 in, two a day; one rod"
					maxLength={400}
					data-first
					value={form.data.rules}
					trouble={form.errors.rules}
					onChange={(event) => form.setData("rules", event.target.value)}
				/>
				<Field
					label="Protected fish"
					placeholder="any that may not be fished for"
					maxLength={120}
					value={form.data.protected}
					trouble={form.errors.protected}
					onChange={(event) => form.setData("protected", event.target.value)}
				/>
				<Button look="next" size="normal" wide type="submit" disabled={form.processing}>
					Keep it
				</Button>
			</form>
		</Dialog>
	);
}
