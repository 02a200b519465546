import { useForm } from "@inertiajs/react";
import { useRef } from "react";
import { Button, ButtonLink } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Trouble } from "../parts/Notice";
import { newId } from "../parts/send";
import { AppLayout } from "../shell/AppLayout";
import type { FirstDayPage, OptionData } from "../types";

const from = [
	["boat", "boat"],
	["bank", "bank or dock"],
] as const;

const choices = (options: OptionData[]) => options.map(({ value, word }) => [value, word] as const);

/** A new angler: three questions, then the first pick. */
export default function FirstDay({ kinds, fish }: FirstDayPage) {
	const uuid = useRef(newId());
	const form = useForm({ kind: kinds[0]?.value ?? "", fish: fish[0]?.value ?? "", from: "boat" });
	return (
		<AppLayout title="First day">
			<form
				noValidate
				className="max-w-[640px] px-4 py-5 lg:px-7"
				onSubmit={(event) => {
					event.preventDefault();
					form.transform((data) => ({ ...data, uuid: uuid.current }));
					form.post("/first-day");
				}}
			>
				<h1 className="text-[25px]">Three questions, then your pick</h1>
				<Choice
					label="Where do you fish?"
					value={form.data.kind}
					options={choices(kinds)}
					onChange={(kind) => form.setData("kind", kind)}
				/>
				<Choice
					label="What fish?"
					value={form.data.fish}
					options={choices(fish)}
					onChange={(next) => form.setData("fish", next)}
				/>
				<Choice
					label="Boat or bank?"
					value={form.data.from}
					options={from}
					onChange={(next) => form.setData("from", next)}
				/>
				<Trouble words={Object.values(form.errors)[0]} />
				<Button look="next" size="big" wide type="submit" className="mt-6" disabled={form.processing}>
					Show me what to tie on
				</Button>
				<p className="mt-2 text-[15px] text-slate">It picks from a usual dozen until you put in your own.</p>
				<ButtonLink href="/tackle" size="big">
					Put in my own lures first
				</ButtonLink>
			</form>
		</AppLayout>
	);
}
