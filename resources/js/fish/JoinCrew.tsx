import { useForm } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { newId } from "../parts/send";

/** Joins a day that somebody else shares. */
export function JoinCrew() {
	const form = useForm({ code: "", uuid: newId() });
	return (
		<form
			className="mt-6 max-w-[40ch]"
			noValidate
			onSubmit={(event) => {
				event.preventDefault();
				form.post("/crews/join", { preserveScroll: true, preserveState: true });
			}}
		>
			<h2 className="text-[20px]">Join a crew</h2>
			<p className="mt-1 text-slate">
				One shares an outing on Fish and tells the code. Each keeps their own rods and taps; all see bites and fish.
			</p>
			<div className="flex items-end gap-3">
				<div className="flex-1">
					<Field
						label="Code"
						autoComplete="off"
						autoCapitalize="characters"
						value={form.data.code}
						trouble={form.errors.code}
						onChange={(event) => form.setData("code", event.target.value)}
					/>
				</div>
				<Button type="submit" look="strong" size="big" disabled={form.processing}>
					Join
				</Button>
			</div>
		</form>
	);
}
