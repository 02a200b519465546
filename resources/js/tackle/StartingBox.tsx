import { router } from "@inertiajs/react";
import { useState } from "react";
import { LureFigure } from "../drop/LureFigure";
import { Choice } from "../parts/Choice";
import { newId } from "../parts/send";
import type { StartingBoxData } from "../types";

/** A usual dozen for an empty box: looked through, struck out, put in with one tap. */
export function StartingBox({ offered }: { offered: StartingBoxData[] }) {
	const [kind, setKind] = useState(offered[0]?.kind ?? "");
	const [out, setOut] = useState<string[]>([]);
	const [id] = useState(newId);
	const [sending, setSending] = useState(false);
	const [trouble, setTrouble] = useState<string | null>(null);
	const box = offered.find((one) => one.kind === kind);
	if (!box) return null;
	const name = (place: number) => `${kind} ${place}`;
	const taken = box.lures.filter((lure) => !out.includes(name(lure.place)));
	const put = () => {
		setSending(true);
		router.post(
			"/starting-box",
			{ uuid: id, kind, places: taken.map((lure) => lure.place) },
			{
				onError: (errors) => setTrouble(Object.values(errors)[0] ?? "That did not work. Try again."),
				onFinish: () => setSending(false),
			},
		);
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
					setKind(next);
					setTrouble(null);
				}}
			/>
			<ul aria-label="A usual dozen" className="mt-4 grid gap-x-6 sm:grid-cols-2">
				{box.lures.map((lure) => {
					const on = !out.includes(name(lure.place));
					return (
						<li key={name(lure.place)} className="border-t border-rule">
							<label className="grid min-h-14 grid-cols-[28px_84px_minmax(0,1fr)] items-center gap-x-3 lg:min-h-11">
								<input
									type="checkbox"
									className="size-5 accent-[var(--ember)]"
									checked={on}
									onChange={() =>
										setOut(on ? [...out, name(lure.place)] : out.filter((one) => one !== name(lure.place)))
									}
								/>
								<span className={`flex justify-center ${on ? "" : "opacity-40"}`}>
									<LureFigure lure={lure.drawing} />
								</span>
								<span className={`figure text-[16px] ${on ? "" : "text-slate line-through"}`}>{lure.title}</span>
							</label>
						</li>
					);
				})}
			</ul>
			{trouble && (
				<p role="alert" className="pt-2 text-rowan">
					{trouble}
				</p>
			)}
			<div className="sticky bottom-0 bg-frost py-3">
				<button
					type="button"
					disabled={sending || taken.length === 0}
					onClick={put}
					className="figure min-h-14 w-full rounded-md bg-ember px-6 text-[17px] text-on-ember disabled:opacity-60 sm:w-auto lg:min-h-[47px]"
				>
					{taken.length === 0
						? "Leave at least one in"
						: `Put ${taken.length === 1 ? "this one" : `these ${taken.length}`} in the box`}
				</button>
			</div>
		</section>
	);
}
