import { useForm } from "@inertiajs/react";
import type { FormEvent } from "react";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Notice";
import { newId } from "../parts/send";
import type { PickData } from "../types";

/** The tip travel to the first vibration, measured: it replaces the estimate until it is taken away under Water. */
export function StartPart({ pick }: { pick: PickData }) {
	const form = useForm({ uuid: newId(), kind: "start", travel: "" });
	const keep = (event: FormEvent) => {
		event.preventDefault();
		form.transform((data) => ({ ...data, pick: pick.key }));
		form.post("/measurements", {
			preserveScroll: true,
			preserveState: true,
			onSuccess: () => form.setData({ uuid: newId(), kind: "start", travel: "" }),
		});
	};
	const errors: Record<string, string | undefined> = form.errors;
	return (
		<form noValidate onSubmit={keep} className="mt-5">
			<Field
				label="Tip travel to the first vibration"
				hint={`Lure on the bottom, line just straight: lift the ${pick.spoken} slowly until you feel it.`}
				placeholder="2 in"
				value={form.data.travel}
				trouble={errors.travel}
				onChange={(event) => form.setData("travel", event.target.value)}
			/>
			<Trouble words={errors.depth ?? errors.pick} className="pb-2" />
			<Button type="submit" look="plain" disabled={form.processing}>
				Keep this measurement
			</Button>
		</form>
	);
}
