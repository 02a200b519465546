import { ToggleGroup } from "radix-ui";
import { Suspense, useId, useState } from "react";
import { Trouble } from "../parts/Notice";
import { onDemand } from "../parts/onDemand";
import { say } from "../parts/words";
import type { ReadingData } from "../types";
import { stepped } from "./stepping";

const PointPhone = onDemand(async () => ({ default: (await import("../phone/PointPhone")).PointPhone }));

interface Props {
	reading: ReadingData;
	/** What stands there now, answered or not. */
	text: string | null;
	trouble?: string;
	onChange: (text: string | null) => void;
	/** After typing is finished with Enter. */
	onDone?: () => void;
}

/** One reading, changed by stepper, by typing in any unit, or by choosing. */
export function ReadingEditor(props: Props) {
	return props.reading.kind === "measure" ? <MeasureEditor {...props} /> : <ChoiceEditor {...props} />;
}

function MeasureEditor({ reading, text, trouble, onChange, onDone }: Props) {
	const id = useId();
	const [draft, setDraft] = useState<string | null>(null);
	const step = (by: 1 | -1) => {
		setDraft(null);
		onChange(stepped(reading, text, by));
	};
	return (
		<form
			onSubmit={(event) => {
				event.preventDefault();
				if (draft !== null) onChange(draft);
				else onDone?.();
			}}
		>
			<label htmlFor={id} className="block pb-1 text-[14px] text-slate">
				{say("{label}, in any unit", { label: reading.label })}
			</label>
			<div className="flex gap-2">
				<button
					type="button"
					onClick={() => step(-1)}
					aria-label={say("less {label}", { label: reading.label })}
					className="min-h-12 min-w-12 rounded-md border border-slate text-xl"
				>
					−
				</button>
				<input
					id={id}
					value={draft ?? text ?? ""}
					onChange={(event) => setDraft(event.target.value)}
					onKeyDown={(event) => {
						if (event.key !== "ArrowUp" && event.key !== "ArrowDown") return;
						event.preventDefault();
						step(event.key === "ArrowUp" ? 1 : -1);
					}}
					aria-invalid={trouble ? true : undefined}
					aria-describedby={trouble ? `${id}trouble` : undefined}
					placeholder="not read"
					className="min-h-12 w-full min-w-0 rounded-md border-2 border-slate bg-paper px-3 text-[17px] font-semibold text-ink"
				/>
				<button
					type="button"
					onClick={() => step(1)}
					aria-label={say("more {label}", { label: reading.label })}
					className="min-h-12 min-w-12 rounded-md border border-slate text-xl"
				>
					+
				</button>
			</div>
			{trouble && (
				<p id={`${id}trouble`} role="alert" className="pt-2 text-[15px] text-rowan">
					{trouble}
				</p>
			)}
			<div className="flex justify-between gap-2 pt-2 text-[14px] text-slate">
				<span>{reading.sourceWords}</span>
				{reading.text !== null && reading.source !== "assumed" && (
					<button type="button" className="underline" onClick={() => onChange(null)}>
						Not read
					</button>
				)}
			</div>
		</form>
	);
}

function ChoiceEditor({ reading, text, trouble, onChange }: Props) {
	const item =
		"min-h-12 rounded-md border border-slate px-3 text-left text-[15px] data-[state=on]:border-2 " +
		"data-[state=on]:border-ember data-[state=on]:font-bold";
	const options = reading.options.map((option) => (
		<ToggleGroup.Item key={option.value} value={option.value} className={item}>
			{option.word}
		</ToggleGroup.Item>
	));
	return (
		<div>
			{reading.kind === "choices" ? (
				<ToggleGroup.Root
					type="multiple"
					aria-label={reading.label}
					value={(text ?? "").split(",").filter(Boolean)}
					onValueChange={(values) => onChange(values.join(","))}
					className="grid grid-cols-2 gap-2"
				>
					{options}
				</ToggleGroup.Root>
			) : (
				<ToggleGroup.Root
					type="single"
					aria-label={reading.label}
					value={text ?? ""}
					onValueChange={(value) => onChange(value === "" ? null : value)}
					className="grid grid-cols-2 gap-2"
				>
					{options}
				</ToggleGroup.Root>
			)}
			{reading.pointed && (
				<Suspense>
					<PointPhone words="Point this phone where it comes from" onPointed={({ point }) => onChange(point)} />
				</Suspense>
			)}
			<Trouble words={trouble} className="pt-2 text-[15px]" />
			<p className="pt-2 text-[14px] text-slate">{reading.sourceWords}</p>
		</div>
	);
}
