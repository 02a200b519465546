import { router, useForm } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Dialog } from "../parts/Dialog";
import { FormField } from "../parts/FormField";
import { Trouble } from "../parts/Notice";
import { Select } from "../parts/Select";
import { newId } from "../parts/send";
import { useConflictCheck } from "../parts/useConflictCheck";
import { upper } from "../parts/words";
import type { BackOnData, OptionData, PlacedMarkData } from "../types";
import type { Point } from "./view";

interface Props {
	water: number;
	kinds: OptionData[];
	bottoms: OptionData[];
	/** Where a new one lies; what is mended has its own place. */
	at: Point;
	mark: PlacedMarkData | null;
	/** The same as it is by now. */
	now: PlacedMarkData | null;
	back: BackOnData | null;
	onDone: () => void;
}

/** A mark laid on the chart, or one that is there: what it is, and the way back onto it. */
export function MarkDialog({ water, kinds, bottoms, at, mark, now, back, onDone }: Props) {
	const form = useForm({
		uuid: mark?.uuid ?? newId(),
		kind: (mark?.kind ?? "fish") as string,
		x: mark?.x ?? at.x,
		y: mark?.y ?? at.y,
		depth: mark?.depth ?? "",
		bottom: mark?.bottom ?? "",
		side: mark?.side ?? "",
		direction: mark?.direction ?? "",
		note: mark?.note ?? "",
		position: "",
	});
	const changes = useConflictCheck(form.data, mark, now);
	const keep = () => {
		const options = { preserveScroll: true, preserveState: true, onSuccess: onDone, onError: changes.onError };
		form.transform(changes.with);
		if (mark) form.put(`/marks/${mark.uuid}`, options);
		else form.post(`/waters/${water}/marks`, options);
	};
	const troubles: Record<string, string | undefined> = form.errors;
	return (
		<Dialog open onOpenChange={(open) => !open && onDone()} title={mark ? upper(mark.word) : "Mark this place"}>
			{back && mark && (
				<p className="mt-2 rounded-md bg-brass-pale px-3 py-2" aria-live="polite">
					<b className="figure block">{back.title}</b>
					{back.words}
				</p>
			)}
			<form
				noValidate
				onSubmit={(event) => {
					event.preventDefault();
					keep();
				}}
			>
				<Choice
					label="What is here"
					value={form.data.kind}
					onChange={(kind) => form.setData("kind", kind)}
					options={kinds.map(({ value, word }) => [value, word] as const)}
				/>
				<Trouble words={form.errors.kind ?? form.errors.x ?? form.errors.uuid} />
				<div className="mt-5 grid gap-x-4 lg:grid-cols-2">
					<FormField form={form} name="depth" label="How deep" placeholder="26 ft" />
					<div className="mb-4">
						<p className="pb-1 font-semibold">Bottom</p>
						<Select
							label="Bottom"
							value={form.data.bottom}
							options={[["", "not known"], ...bottoms.map(({ value, word }) => [value, word] as const)]}
							onChange={(bottom) => form.setData("bottom", bottom)}
							className="w-full"
						/>
						<Trouble words={form.errors.bottom} />
					</div>
					<FormField form={form} name="side" label="Side that worked" placeholder="shaded side" />
					<FormField form={form} name="direction" label="Direction that worked" placeholder="deep to shallow" />
				</div>
				<FormField form={form} name="note" label="Note" placeholder="four in an hour" />
				<FormField
					form={form}
					name="position"
					label="Its position, where you have it in degrees"
					placeholder="45.2345, -7.8765"
				/>
				<Trouble words={troubles.meanwhile} className="pb-3" />
				<div className="flex flex-wrap items-center gap-x-5 gap-y-2">
					<Button type="submit" look="next" size="normal" disabled={form.processing}>
						Keep it
					</Button>
					{mark && (mark.depth || mark.bottom) && (
						<Button
							look="plain"
							size="normal"
							onClick={() =>
								router.put(
									`/marks/${mark.uuid}/here`,
									{},
									{ preserveScroll: true, preserveState: true, onSuccess: onDone },
								)
							}
						>
							Fish here
						</Button>
					)}
					{mark && (
						<Button
							look="aside"
							size="normal"
							onClick={() =>
								router.delete(`/marks/${mark.uuid}`, { preserveScroll: true, preserveState: true, onSuccess: onDone })
							}
						>
							Take it away
						</Button>
					)}
				</div>
			</form>
		</Dialog>
	);
}
