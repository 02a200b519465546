import { useForm } from "@inertiajs/react";
import { type FormEvent, useState } from "react";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Notice";
import { newId } from "../parts/send";
import type { PlanKindData } from "../types";

/** Lays out casts or drifts from a few figures; what is usual stands in each until it is changed. */
export function PlanMaker({ kinds, onMade }: { kinds: PlanKindData[]; onMade: () => void }) {
	const [kind, setKind] = useState(kinds[0]?.kind ?? "");
	const chosen = kinds.find((one) => one.kind === kind);
	const form = useForm({ uuid: newId(), kind, name: "", fields: {} as Record<string, string> });
	const errors: Record<string, string | undefined> = form.errors;
	const keep = (event: FormEvent) => {
		event.preventDefault();
		form.transform((data) => ({
			...data,
			kind,
			fields: Object.fromEntries((chosen?.fields ?? []).map(({ name, usual }) => [name, data.fields[name] ?? usual])),
		}));
		form.post("/plans", {
			preserveScroll: true,
			preserveState: true,
			onSuccess: () => {
				form.setData({ uuid: newId(), kind, name: "", fields: {} });
				onMade();
			},
		});
	};
	return (
		<form noValidate onSubmit={keep} className="max-w-[760px]">
			<Choice
				label="Lay out"
				value={kind}
				onChange={(next) => {
					setKind(next);
					form.setData("fields", {});
					form.clearErrors();
				}}
				options={kinds.map((one) => [one.kind, one.word] as const)}
			/>
			<div className="mt-5 grid gap-x-4 lg:grid-cols-3">
				<Field
					label="Name"
					placeholder="Stone mole"
					value={form.data.name}
					trouble={errors.name ?? errors.uuid}
					onChange={(event) => form.setData("name", event.target.value)}
				/>
				{chosen?.fields.map(({ name, label, usual }) => (
					<Field
						key={`${kind} ${name}`}
						label={label}
						value={form.data.fields[name] ?? usual}
						trouble={errors[name] ?? errors[`fields.${name}`]}
						onChange={(event) => form.setData("fields", { ...form.data.fields, [name]: event.target.value })}
					/>
				))}
			</div>
			<Trouble words={errors.kind ?? errors.fields} className="pb-2" />
			<Button type="submit" look="next" size="normal" disabled={form.processing}>
				Lay it out
			</Button>
		</form>
	);
}
