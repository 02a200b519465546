import { router, useForm } from "@inertiajs/react";
import { useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { LureFigure } from "../drop/LureFigure";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { newId } from "../parts/send";
import { Shell } from "../shell/Shell";
import type { AnswerData, LureData } from "../types";

const families = [
	["blade", "blade or vibe"],
	["spoon", "spoon"],
	["bladed_spoon", "bladed spoon"],
	["tail_spinner", "tail spinner"],
] as const;

interface Props {
	answer: AnswerData;
	lures: LureData[];
	weightUnit: string;
}

export default function Tackle({ answer, lures, weightUnit }: Props) {
	const [away, setAway] = useState<LureData | null>(null);
	return (
		<Shell title="Tackle box" column={<AnswerColumn answer={answer} />}>
			<div className="grid lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<h1 className="text-[25px]">
						{lures.length === 0
							? "Your box is empty"
							: `${lures.length} ${lures.length === 1 ? "lure" : "lures"} in the box`}
					</h1>
					<p className="mt-1 text-slate">
						{lures.length === 0
							? "Put in the first one beside this; Eskith chooses among what you own."
							: "Drawn to one scale, from their measures."}
					</p>
					{away && (
						<p className="mt-2 flex justify-between gap-3 border-l-4 border-brass bg-brass-pale px-3 py-2">
							{away.title} is put away.
							<button
								type="button"
								className="min-h-8 font-semibold underline"
								onClick={() => {
									router.post(`/lures/${away.id}/restore`, {}, { preserveScroll: true });
									setAway(null);
								}}
							>
								Undo
							</button>
						</p>
					)}
					<ul className="mt-3">
						{lures.map((lure) => (
							<li
								key={lure.id}
								className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-3 border-b border-rule py-2 sm:grid-cols-[132px_minmax(0,1fr)_auto]"
							>
								<span className="hidden justify-center sm:flex">
									<LureFigure lure={lure.drawing} />
								</span>
								<span>
									<span className="figure block text-[17px]">{lure.title}</span>
									<span className="block text-[14px] text-slate">{lure.details}</span>
								</span>
								<button
									type="button"
									aria-label={`Put away ${lure.title}`}
									className="min-h-12 px-2 text-slate underline underline-offset-4"
									onClick={() =>
										router.delete(`/lures/${lure.id}`, { preserveScroll: true, onSuccess: () => setAway(lure) })
									}
								>
									Put away
								</button>
							</li>
						))}
					</ul>
				</div>
				<NewLure weightUnit={weightUnit} />
			</div>
		</Shell>
	);
}

function NewLure({ weightUnit }: { weightUnit: string }) {
	const form = useForm({ uuid: newId(), family: "blade", weight: "", finish: "", holes: "3", red: false });
	return (
		<section aria-label="A new lure" className="border-l border-rule bg-paper px-5 py-4 lg:overflow-y-auto">
			<h2 className="text-[20px]">Put one in</h2>
			<form
				noValidate
				className="mt-2"
				onSubmit={(event) => {
					event.preventDefault();
					form.post("/lures", {
						preserveScroll: true,
						onSuccess: () => {
							form.reset("weight", "finish", "red");
							form.setData("uuid", newId());
						},
					});
				}}
			>
				<Choice
					label="Family"
					value={form.data.family}
					onChange={(family) => form.setData((data) => ({ ...data, family, holes: family === "blade" ? "3" : "0" }))}
					options={families}
				/>
				<div className="h-3" />
				<Field
					label={`Weight, in ${weightUnit} or any unit`}
					placeholder="1/2 oz"
					value={form.data.weight}
					trouble={form.errors.weight}
					onChange={(event) => form.setData("weight", event.target.value)}
				/>
				<Field
					label="Finish"
					placeholder="silver"
					list="finishes"
					value={form.data.finish}
					trouble={form.errors.finish}
					onChange={(event) => form.setData("finish", event.target.value)}
				/>
				<datalist id="finishes">
					{["silver", "gold", "white", "chartreuse", "perch", "natural", "black", "black_white", "pink", "red"].map(
						(finish) => (
							<option key={finish} value={finish} />
						),
					)}
				</datalist>
				<Choice
					label="Line holes"
					value={form.data.holes}
					onChange={(holes) => form.setData("holes", holes)}
					options={["0", "1", "2", "3", "4"].map((count) => [count, count] as const)}
				/>
				<label className="my-3 flex min-h-12 items-center gap-3">
					<input
						type="checkbox"
						className="size-6 accent-[var(--ember)]"
						checked={form.data.red}
						onChange={(event) => form.setData("red", event.target.checked)}
					/>
					Red near the hooks
				</label>
				<button
					type="submit"
					disabled={form.processing}
					className="figure min-h-12 w-full rounded-md bg-ember text-on-ember"
				>
					Put it in the box
				</button>
				<p className="pt-2 text-[14px] text-slate">
					Length and holes are taken from usual proportions until they are measured.
				</p>
			</form>
		</section>
	);
}
