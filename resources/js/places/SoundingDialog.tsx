import { useForm } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";
import { newId } from "../parts/send";
import type { Point } from "./view";

interface Props {
	water: number;
	at: Point;
	onDone: () => void;
}

/** A depth found by hand, with a lead or a marked line. */
export function SoundingDialog({ water, at, onDone }: Props) {
	const form = useForm({ uuid: newId(), depth: "" });
	const errors: Record<string, string | undefined> = form.errors;
	return (
		<Dialog
			open
			onOpenChange={(open) => !open && onDone()}
			title="How deep is it here?"
			says="As you read it now; the level is taken off."
		>
			<form
				className="mt-3"
				noValidate
				onSubmit={(event) => {
					event.preventDefault();
					form.transform(({ uuid, depth }) => ({ uuid, soundings: [{ ...at, depth }] }) as never);
					form.post(`/waters/${water}/soundings`, { preserveScroll: true, preserveState: true, onSuccess: onDone });
				}}
			>
				<Field
					label="Depth"
					placeholder="26 ft"
					data-first
					value={form.data.depth}
					trouble={errors["soundings.0.depth"] ?? errors.soundings ?? errors.file}
					onChange={(event) => form.setData("depth", event.target.value)}
				/>
				<Button type="submit" look="next" size="normal" wide disabled={form.processing}>
					Lay it on the chart
				</Button>
			</form>
		</Dialog>
	);
}
