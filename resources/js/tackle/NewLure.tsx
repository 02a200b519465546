import { useForm } from "@inertiajs/react";
import { useEffect, useState } from "react";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { newId } from "../parts/send";
import { useAsk } from "../parts/useAsk";
import type { ProposalData } from "../types";

const families = [
	["blade", "blade, vibe"],
	["spoon", "spoon"],
	["bladed_spoon", "bladed spoon"],
	["tail_spinner", "tail spinner"],
] as const;

/** A lure from a few typed words, corrected where the words were not enough. */
export function NewLure({ weightUnit }: { weightUnit: string }) {
	const form = useForm({
		uuid: newId(),
		family: "blade",
		weight: "",
		finish: "",
		holes: "3",
		red: false,
		quantity: "1",
	});
	const [words, setWords] = useState("");
	const { answer, trouble } = useAsk<ProposalData>(
		words.trim() === "" ? null : `/lures/propose?${new URLSearchParams({ text: words })}`,
	);
	// biome-ignore lint/correctness/useExhaustiveDependencies: only a new proposal fills the form
	useEffect(() => {
		if (!answer) return;
		form.setData((data) => ({
			...data,
			family: answer.family,
			weight: answer.weight,
			finish: answer.finish,
			holes: `${answer.holes}`,
			red: answer.red,
			quantity: `${answer.quantity}`,
		}));
	}, [answer]);
	return (
		<section
			id="first"
			aria-label="A new lure"
			className="no-print border-l border-rule bg-paper px-5 py-4 lg:overflow-y-auto"
		>
			<h2 className="text-[20px]">Put one in</h2>
			<form
				noValidate
				className="mt-2"
				onSubmit={(event) => {
					event.preventDefault();
					form.post("/lures", {
						preserveScroll: true,
						onSuccess: () => {
							form.reset("weight", "finish", "red", "quantity");
							form.setData("uuid", newId());
							setWords("");
						},
					});
				}}
			>
				<Field
					label="In words"
					placeholder="1/2 oz blade, gold, 3 holes"
					value={words}
					onChange={(event) => setWords(event.target.value)}
				/>
				<p aria-live="polite" className="-mt-2 mb-2 min-h-6 text-[15px]">
					{words.trim() === "" ? (
						""
					) : trouble ? (
						<span className="text-rowan">{trouble}</span>
					) : answer ? (
						`${answer.words}. Correct it below, or put it in.`
					) : (
						""
					)}
				</p>
				<Choice
					label="Family"
					value={form.data.family}
					onChange={(family) => form.setData((data) => ({ ...data, family, holes: family === "blade" ? "3" : "0" }))}
					options={families}
				/>
				<div className="mt-3 grid grid-cols-2 gap-x-3">
					<Field
						label={`Weight, ${weightUnit}`}
						placeholder="1/2 oz"
						value={form.data.weight}
						trouble={form.errors.weight}
						onChange={(event) => form.setData("weight", event.target.value)}
					/>
					<Field
						label="How many"
						inputMode="numeric"
						value={form.data.quantity}
						trouble={form.errors.quantity}
						onChange={(event) => form.setData("quantity", event.target.value)}
					/>
				</div>
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
				<label className="my-2 flex min-h-11 items-center gap-3">
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
			</form>
		</section>
	);
}
