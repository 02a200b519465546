import { useForm } from "@inertiajs/react";
import type { FormEvent } from "react";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { FormField } from "../parts/FormField";
import { newId } from "../parts/send";

const empty = { name: "", details: "", quantity: "1", put_on: "", diameter: "", strength: "" };

const materials = ["braid", "fluorocarbon", "monofilament"].map((one) => [one, one] as const);

/** A line or another piece of gear put in. */
export function NewGear({ kinds }: { kinds: string[] }) {
	const form = useForm({ uuid: newId(), kind: "leader", material: "braid", ...empty });
	const line = form.data.kind === "main line";
	const keep = (event: FormEvent) => {
		event.preventDefault();
		form.post("/gear", {
			preserveScroll: true,
			onSuccess: () => form.setData((data) => ({ ...data, ...empty, uuid: newId() })),
		});
	};
	return (
		<section aria-label="New gear" className="border-l border-rule bg-paper px-5 py-4 lg:overflow-y-auto">
			<h2 className="text-[20px]">Add a line or gear</h2>
			<form noValidate onSubmit={keep}>
				<Choice
					label="Kind"
					value={form.data.kind}
					onChange={(kind) => form.setData("kind", kind)}
					options={kinds.map((kind) => [kind, kind] as const)}
				/>
				<div className="h-3" />
				<FormField
					form={form}
					name="name"
					label="Name"
					placeholder={line ? "Braid, 20 lb" : "Fluorocarbon leader, 8 lb"}
				/>
				{line ? (
					<>
						<Choice
							label="Material"
							value={form.data.material}
							onChange={(material) => form.setData("material", material)}
							options={materials}
						/>
						<div className="mt-3 grid grid-cols-2 gap-x-3">
							<FormField form={form} name="diameter" label="Diameter" placeholder="0.20 mm" />
							<FormField form={form} name="strength" label="Strength" placeholder="20 lb" />
						</div>
					</>
				) : (
					<>
						<FormField form={form} name="details" label="Details" placeholder="5 ft, tied direct" />
						<FormField form={form} name="quantity" label="How many" placeholder="1" />
					</>
				)}
				<FormField form={form} name="put_on" label="Put on, date" placeholder={new Date().toISOString().slice(0, 10)} />
				<Button type="submit" look="next" size="normal" wide disabled={form.processing}>
					Keep it
				</Button>
			</form>
		</section>
	);
}
