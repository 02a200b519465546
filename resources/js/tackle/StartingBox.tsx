import { useForm } from "@inertiajs/react";
import { useState } from "react";
import { LureFigure } from "../drop/LureFigure";
import { Button } from "../parts/Button";
import { Check } from "../parts/Check";
import { Choice } from "../parts/Choice";
import { Trouble } from "../parts/Notice";
import { newId } from "../parts/send";
import { say } from "../parts/words";
import type { StartingBoxData, StartingLureData } from "../types";

/** A usual dozen for an empty box: looked through, struck out, put in with one tap. */
export function StartingBox({ offered }: { offered: StartingBoxData[] }) {
	const [out, setOut] = useState<string[]>([]);
	const form = useForm({ uuid: newId(), kind: offered[0]?.kind ?? "" });
	const { kind } = form.data;
	const box = offered.find((one) => one.kind === kind);
	if (!box) return null;
	const name = (lure: StartingLureData) => `${kind} ${lure.place}`;
	const taken = box.lures.filter((lure) => !out.includes(name(lure)));
	const put = () => {
		form.transform((data) => ({ ...data, places: taken.map((lure) => lure.place) }));
		form.post("/starting-box");
	};
	return (
		<section aria-labelledby="usual-dozen" className="mt-4 border-t border-rule pt-3">
			<h2 id="usual-dozen" className="text-[19px]">
				Or begin with a usual dozen
			</h2>
			<p className="pt-1 text-slate">
				Plain ones with usual measures, marked as such until you say that they are yours. Strike out what you do not
				own.
			</p>
			<Choice
				label="For"
				value={kind}
				options={offered.map((one) => [one.kind, one.word] as const)}
				onChange={(next) => {
					form.setData("kind", next);
					form.clearErrors();
				}}
			/>
			<ul aria-label="A usual dozen" className="mt-4 grid gap-x-6 sm:grid-cols-2">
				{box.lures.map((lure) => (
					<Usual
						key={name(lure)}
						lure={lure}
						on={!out.includes(name(lure))}
						onChange={(on) => setOut(on ? out.filter((one) => one !== name(lure)) : [...out, name(lure)])}
					/>
				))}
			</ul>
			<Trouble words={Object.values(form.errors)[0]} />
			<div className="sticky bottom-(--bar) bg-frost py-3">
				<Button
					look="next"
					size="big"
					disabled={form.processing || taken.length === 0}
					onClick={put}
					className="w-full text-[17px] sm:w-auto lg:min-h-[47px]"
				>
					{taken.length === 0
						? "Leave at least one in"
						: say("Put {lures|this one|these #} in the box", { lures: taken.length })}
				</Button>
			</div>
		</section>
	);
}

function Usual({ lure, on, onChange }: { lure: StartingLureData; on: boolean; onChange: (on: boolean) => void }) {
	return (
		<li className="border-t border-rule">
			<Check
				className="grid min-h-14 grid-cols-[28px_84px_minmax(0,1fr)] items-center gap-x-3 lg:min-h-11"
				checked={on}
				onChange={onChange}
			>
				<span className={`flex justify-center ${on ? "" : "opacity-40"}`}>
					<LureFigure lure={lure.drawing} />
				</span>
				<span className={`figure text-[16px] ${on ? "" : "text-slate line-through"}`}>{lure.title}</span>
			</Check>
		</li>
	);
}
