import { useForm } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { FormField } from "../parts/FormField";
import { Trouble } from "../parts/Notice";
import type { OptionData, WaterSheetData } from "../types";

/** How the tide of a water goes: none, made up, or by the angler's own constants. */
export function TideForm({ water, tides }: { water: WaterSheetData; tides: OptionData[] }) {
	const form = useForm({
		from: water.tideFrom,
		mean: water.tideMean,
		epoch: water.tideEpoch || `${new Date().getFullYear()}-01-01`,
		waves: water.tideWaves,
	});
	return (
		<form
			className="mt-5 border-t border-rule"
			noValidate
			onSubmit={(event) => {
				event.preventDefault();
				form.put(`/waters/${water.id}/tide`, { preserveScroll: true, preserveState: true });
			}}
		>
			<Choice
				label="Its tide"
				value={form.data.from}
				onChange={(from) => form.setData("from", from)}
				options={tides.map(({ value, word }) => [value, word] as const)}
			/>
			<Trouble words={form.errors.from} />
			{form.data.from === "own" && (
				<div className="mt-4">
					<div className="grid grid-cols-2 gap-x-4">
						<FormField form={form} name="mean" label="Mean height" placeholder="1.9 m" />
						<FormField form={form} name="epoch" label="Phases count from" placeholder="2026-01-01" />
					</div>
					<label className="block font-semibold">
						A wave on each line: height, degrees an hour, phase
						<textarea
							rows={4}
							value={form.data.waves}
							placeholder={"0.92 m 28.984 212\n0.31 m 30 251"}
							aria-invalid={form.errors.waves ? true : undefined}
							onChange={(event) => form.setData("waves", event.target.value)}
							className="mt-1 w-full rounded-md border-2 border-slate bg-paper px-3 py-2 font-normal aria-[invalid]:border-rowan"
						/>
					</label>
					<Trouble words={form.errors.waves} />
				</div>
			)}
			<p className="mt-2 flex flex-wrap items-center gap-x-4">
				<Button type="submit" look="plain" disabled={form.processing}>
					Keep the tide
				</Button>
				<span className="text-[14px] text-slate">Depths are below the zero of this tide.</span>
			</p>
		</form>
	);
}
