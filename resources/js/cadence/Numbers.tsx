import { router, useForm } from "@inertiajs/react";
import { useId } from "react";
import { say, upper } from "../parts/words";
import type { CadenceData } from "../types";

const fields = [
	["lift", "Lift"],
	["seconds", "Seconds up"],
	["pause", "Seconds still"],
] as const;

interface Props {
	cadence: CadenceData;
	/** On a wide screen the labels stand over the first numbers alone. */
	labelled: boolean;
}

/** One cadence with its numbers, kept when they are changed. */
export function Numbers({ cadence, labelled }: Props) {
	const form = useForm({ lift: cadence.lift, seconds: cadence.seconds, pause: cadence.pause });
	const id = useId();
	const address = `/cadences/${cadence.name}`;
	const trouble = Object.values(form.errors)[0];
	return (
		<li className="grid items-start gap-x-6 border-t border-rule py-3 first:border-t-0 lg:grid-cols-[minmax(0,1fr)_auto]">
			<div>
				<h3 className="text-[17px]">{upper(cadence.word)}</h3>
				<p className="text-[15px]">{cadence.says}</p>
				{cadence.own && (
					<p className="text-[15px]">
						<b>Your numbers.</b>{" "}
						<button
							type="button"
							aria-label={say("{word} back to the usual", { word: upper(cadence.word) })}
							onClick={() => router.delete(address, { preserveScroll: true })}
							className="min-h-11 underline underline-offset-4 lg:min-h-0"
						>
							Back to the usual
						</button>
						: {cadence.usual}.
					</p>
				)}
				{!cadence.hasNumbers && <p className="text-[15px] text-slate">Reeled without a stop: no counts to set.</p>}
			</div>
			{cadence.hasNumbers && (
				<form
					className="mt-2 flex flex-wrap items-end gap-2 lg:mt-0"
					onSubmit={(event) => {
						event.preventDefault();
						form.put(address, { preserveScroll: true });
					}}
				>
					{fields.map(([name, label]) => (
						<label key={name} className="text-[14px] text-slate">
							<span className={labelled ? "block pb-[2px]" : "block pb-[2px] lg:sr-only"}>{label}</span>
							<input
								value={form.data[name]}
								onChange={(event) => form.setData(name, event.target.value)}
								aria-label={`${upper(cadence.word)}: ${label}`}
								aria-invalid={form.errors[name] ? true : undefined}
								aria-describedby={trouble ? `${id}trouble` : undefined}
								className="min-h-14 w-[92px] rounded-md border-2 border-slate bg-paper px-3 text-[16px] text-ink
									aria-[invalid]:border-rowan lg:min-h-11"
							/>
						</label>
					))}
					<button
						type="submit"
						disabled={form.processing || !form.isDirty}
						aria-label={say("Keep the numbers of {word}", { word: cadence.word })}
						className={`figure min-h-14 rounded-md bg-ember px-5 text-on-ember lg:min-h-11 ${form.isDirty ? "" : "invisible max-lg:hidden"}`}
					>
						Keep
					</button>
				</form>
			)}
			{trouble && (
				<p id={`${id}trouble`} role="alert" className="pt-1 text-rowan lg:col-span-2">
					{trouble}
				</p>
			)}
		</li>
	);
}
