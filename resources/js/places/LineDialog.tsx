import { useForm } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Dialog } from "../parts/Dialog";
import { FormField } from "../parts/FormField";
import { Trouble } from "../parts/Notice";
import { newId } from "../parts/send";
import type { OptionData } from "../types";
import type { Point } from "./view";
import { lineText } from "./view";

interface Props {
	water: number;
	kinds: OptionData[];
	line: Point[];
	onDone: (kept: boolean) => void;
}

/** What a line that was drawn is. */
export function LineDialog({ water, kinds, line, onDone }: Props) {
	const form = useForm({ uuid: newId(), kind: kinds[0]?.value ?? "", name: "", line: lineText(line) });
	return (
		<Dialog
			open
			onOpenChange={(open) => !open && onDone(false)}
			title="What is this line?"
			says="A shore tells which places lie in the lee. A weed edge keeps today’s date."
		>
			<form
				noValidate
				onSubmit={(event) => {
					event.preventDefault();
					form.post(`/waters/${water}/edges`, {
						preserveScroll: true,
						preserveState: true,
						onSuccess: () => onDone(true),
					});
				}}
			>
				<Choice
					label="It is a"
					value={form.data.kind}
					onChange={(kind) => form.setData("kind", kind)}
					options={kinds.map(({ value, word }) => [value, word] as const)}
				/>
				<div className="mt-5">
					<FormField form={form} name="name" label="Name, if it has one" placeholder="East wall" />
				</div>
				<Trouble words={form.errors.line ?? form.errors.kind ?? form.errors.uuid} className="pb-2" />
				<Button type="submit" look="next" size="normal" wide disabled={form.processing}>
					Keep this line
				</Button>
			</form>
		</Dialog>
	);
}
