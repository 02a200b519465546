import { router, useForm } from "@inertiajs/react";
import { useState } from "react";
import { Button, FileLink } from "../parts/Button";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Notice";
import { dayOf, say } from "../parts/words";
import type { OutingPage } from "../types";

/** A note, the files, another it belongs to, and the way out of the record. */
export function OutingTools({ page }: { page: OutingPage }) {
	const { outing, joinable } = page;
	return (
		<aside aria-label="This outing" className="border-rule bg-paper px-5 py-5 lg:overflow-y-auto lg:border-l">
			<Note uuid={outing.uuid} note={outing.note} />
			<h2 className="mt-6 text-[20px]">Take it out</h2>
			<p>
				{(["json", "csv", "gpx"] as const).map((format) => (
					<FileLink
						key={format}
						look="strong"
						size="normal"
						className="mr-4"
						href={`/outings/${outing.uuid}.${format}`}
					>
						{format.toUpperCase()}
					</FileLink>
				))}
			</p>
			{page.chart && <p className="text-[15px] text-slate">JSON and GPX hold where the boat went.</p>}
			{joinable.length > 0 && <Join page={page} />}
			<TakeAway uuid={outing.uuid} />
		</aside>
	);
}

function Note({ uuid, note }: { uuid: string; note: string }) {
	const form = useForm({ note });
	return (
		<form
			onSubmit={(event) => {
				event.preventDefault();
				form.put(`/outings/${uuid}/note`, { preserveScroll: true });
			}}
		>
			<Field
				label="Note"
				maxLength={1000}
				value={form.data.note}
				trouble={form.errors.note}
				onChange={(event) => form.setData("note", event.target.value)}
			/>
			<Button type="submit" look="strong" disabled={form.processing}>
				Keep the note
			</Button>
		</form>
	);
}

function Join({ page: { outing, joinable } }: { page: OutingPage }) {
	const form = useForm({ into: joinable[0]?.value ?? "" });
	return (
		<section aria-label="Join" className="mt-6">
			<h2 className="text-[20px]">It belongs with another</h2>
			<p className="mt-1 text-[15px] text-slate">Everything moves to the other one. This one goes away.</p>
			<ul>
				{joinable.map(({ value, word }) => {
					const [place, at] = word.split(/, (?=\d{4}-)/);
					return (
						<li key={value}>
							<Button
								disabled={form.processing}
								className="text-left"
								onClick={() => router.post(`/outings/${outing.uuid}/join`, { into: value })}
							>
								{say("Join it to {place}, {day}", { place, day: dayOf(at ?? "") })}
							</Button>
						</li>
					);
				})}
			</ul>
			<Trouble words={form.errors.into} />
		</section>
	);
}

/** Asked twice; for a day it can be brought back. */
function TakeAway({ uuid }: { uuid: string }) {
	const [asked, setAsked] = useState(0);
	const say = ["Take this outing away", "With all that was logged in it?", "Yes, take it all away"];
	return (
		<div className="mt-6">
			<Button
				look={asked === 0 ? "aside" : "danger"}
				onClick={() => (asked === 2 ? router.delete(`/outings/${uuid}`) : setAsked(asked + 1))}
			>
				{say[asked]}
			</Button>
			{asked > 0 && <Button onClick={() => setAsked(0)}>Keep it</Button>}
		</div>
	);
}
