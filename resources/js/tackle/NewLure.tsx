import { useForm } from "@inertiajs/react";
import { type FormEvent, useEffect, useState } from "react";
import { FAMILY, FINISH } from "../kinds";
import { Button } from "../parts/Button";
import { Check } from "../parts/Check";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { newId } from "../parts/send";
import { useAsk } from "../parts/useAsk";
import { say } from "../parts/words";
import type { Family, ProposalData } from "../types";

const families = Object.entries(FAMILY).map(([family, { named }]) => [family, named] as const);

const isFamily = (family: string): family is Family => family in FAMILY;

const useLureForm = () =>
	useForm({ uuid: newId(), family: "blade", weight: "", finish: "", holes: "3", red: false, quantity: "1" });

type LureForm = ReturnType<typeof useLureForm>;

/** A lure from a few typed words, corrected where the words were not enough. */
export function NewLure({ weightUnit }: { weightUnit: string }) {
	const form = useLureForm();
	const [words, setWords] = useState("");
	const put = (event: FormEvent) => {
		event.preventDefault();
		form.post("/lures", {
			preserveScroll: true,
			onSuccess: () => {
				form.reset("weight", "finish", "red", "quantity");
				form.setData("uuid", newId());
				setWords("");
			},
		});
	};
	return (
		<section
			id="first"
			aria-label="A new lure"
			className="no-print border-l border-rule bg-paper px-5 py-4 lg:overflow-y-auto"
		>
			<h2 className="text-[20px]">Put one in</h2>
			<form noValidate className="mt-2" onSubmit={put}>
				<InWords form={form} words={words} onWords={setWords} />
				<Choice
					label="Family"
					value={form.data.family}
					onChange={(family) =>
						form.setData((data) => ({ ...data, family, holes: `${isFamily(family) ? FAMILY[family].holes : 0}` }))
					}
					options={families}
				/>
				<Texts form={form} weightUnit={weightUnit} />
				<Choice
					label="Line holes"
					value={form.data.holes}
					onChange={(holes) => form.setData("holes", holes)}
					options={["0", "1", "2", "3", "4"].map((count) => [count, count] as const)}
				/>
				<Check
					className="my-2 flex min-h-11 items-center gap-3"
					checked={form.data.red}
					onChange={(red) => form.setData("red", red)}
				>
					Red near the hooks
				</Check>
				<Button type="submit" look="next" size="normal" wide disabled={form.processing}>
					Put it in the box
				</Button>
			</form>
		</section>
	);
}

interface InWordsProps {
	form: LureForm;
	words: string;
	onWords: (words: string) => void;
}

/** What a few words mean, put into the fields below. */
function InWords({ form, words, onWords }: InWordsProps) {
	const { answer, trouble } = useAsk<ProposalData>(
		words.trim() === "" ? null : `/lures/propose?${new URLSearchParams({ text: words })}`,
	);
	// biome-ignore lint/correctness/useExhaustiveDependencies: only a new proposal fills the form
	useEffect(() => {
		if (!answer) return;
		const { words: _, holes, quantity, ...said } = answer;
		form.setData((data) => ({ ...data, ...said, holes: `${holes}`, quantity: `${quantity}` }));
	}, [answer]);
	return (
		<>
			<Field
				label="In words"
				placeholder="1/2 oz blade, gold, 3 holes"
				value={words}
				onChange={(event) => onWords(event.target.value)}
			/>
			<p aria-live="polite" className="-mt-2 mb-2 min-h-6 text-[15px]">
				{words.trim() !== "" && trouble && <span className="text-rowan">{trouble}</span>}
				{words.trim() !== "" &&
					!trouble &&
					answer &&
					say("{words}. Correct it below, or put it in.", { words: answer.words })}
			</p>
		</>
	);
}

function Texts({ form, weightUnit }: { form: LureForm; weightUnit: string }) {
	const field = (name: "weight" | "quantity" | "finish") => ({
		value: form.data[name],
		trouble: form.errors[name],
		onChange: (event: { target: { value: string } }) => form.setData(name, event.target.value),
	});
	return (
		<>
			<div className="mt-3 grid grid-cols-2 gap-x-3">
				<Field label={say("Weight, {weightUnit}", { weightUnit })} placeholder="1/2 oz" {...field("weight")} />
				<Field label="How many" inputMode="numeric" {...field("quantity")} />
			</div>
			<Field label="Finish" placeholder="silver" list="finishes" {...field("finish")} />
			<datalist id="finishes">
				{Object.keys(FINISH).map((finish) => (
					<option key={finish} value={finish} />
				))}
			</datalist>
		</>
	);
}
