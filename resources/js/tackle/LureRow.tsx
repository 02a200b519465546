import { Link, router } from "@inertiajs/react";
import { memo, useState } from "react";
import { LureFigure } from "../drop/LureFigure";
import { newId } from "../parts/send";
import { useWide } from "../parts/useWide";
import type { LureData } from "../types";
import type { Wish } from "./useBox";

interface Props {
	lure: LureData;
	selected: boolean;
	onSelect: (id: number, on: boolean) => void;
	onChange: (each: Wish[], words: string) => Promise<boolean>;
	fields: Record<string, string>;
}

/** A lure of the box: looked at, edited in place, taken to the bench. */
export const LureRow = memo(function LureRow({ lure, selected, onSelect, onChange, fields }: Props) {
	const wide = useWide();
	const [editing, setEditing] = useState(false);
	const out = lure.quantity - lure.lost;
	return (
		<li className="border-b border-rule py-1.5">
			<div className="grid grid-cols-[28px_64px_minmax(0,1fr)] items-center gap-x-3 sm:grid-cols-[28px_112px_minmax(0,1fr)_auto]">
				<input
					type="checkbox"
					aria-label={`Select ${lure.title}`}
					className="size-5 accent-[var(--ember)]"
					checked={selected}
					onChange={(event) => onSelect(lure.id, event.target.checked)}
				/>
				<span className="flex justify-center">
					<LureFigure lure={lure.drawing} scale={wide ? 1.3 : 0.95} />
				</span>
				<span className="min-w-0">
					<Link href={`/tackle/${lure.id}`} className="figure block text-[17px] underline-offset-4 hover:underline">
						{lure.title}
						{lure.quantity > 1 && <span className="text-slate"> × {lure.quantity}</span>}
					</Link>
					<span className="block text-[14px] text-slate">
						{lure.details}
						{lure.lost > 0 && ` · ${lure.lost} lost, ${Math.max(0, out)} left`}
						{lure.buyAgain && " · to buy again"}
					</span>
				</span>
				<span className="col-span-3 flex flex-wrap gap-x-3 text-[15px] sm:col-span-1">
					{lure.usual && !lure.retired && (
						<>
							<button
								type="button"
								onClick={() =>
									void onChange([{ id: lure.id, set: { build: { usual: false } } }], `${lure.title} is yours.`)
								}
								className="min-h-11 font-semibold underline underline-offset-4"
								aria-label={`${lure.title} is mine`}
							>
								Mine
							</button>
							<button
								type="button"
								onClick={() => void onChange([{ id: lure.id, set: { retired: true } }], `${lure.title} is struck out.`)}
								className="min-h-11 underline underline-offset-4"
								aria-label={`Strike out ${lure.title}`}
							>
								Strike out
							</button>
						</>
					)}
					<button
						type="button"
						aria-expanded={editing}
						onClick={() => setEditing(!editing)}
						className="min-h-11 underline underline-offset-4"
					>
						Edit
					</button>
					<button
						type="button"
						onClick={() =>
							router.post(
								`/lures/${lure.id}/duplicate`,
								{ uuid: newId() },
								{ preserveScroll: true, preserveState: true },
							)
						}
						className="min-h-11 underline underline-offset-4"
						aria-label={`Another like ${lure.title}`}
					>
						Another
					</button>
					{(!lure.usual || lure.retired) && (
						<button
							type="button"
							onClick={() =>
								void onChange(
									[{ id: lure.id, set: { retired: !lure.retired } }],
									lure.retired ? `${lure.title} is back in the box.` : `${lure.title} is put away.`,
								)
							}
							className="min-h-11 text-slate underline underline-offset-4"
							aria-label={`${lure.retired ? "Take back" : "Put away"} ${lure.title}`}
						>
							{lure.retired ? "Take back" : "Put away"}
						</button>
					)}
				</span>
			</div>
			{editing && <Editor lure={lure} fields={fields} onChange={onChange} onDone={() => setEditing(false)} />}
		</li>
	);
});

function Editor({
	lure,
	fields,
	onChange,
	onDone,
}: Pick<Props, "lure" | "fields" | "onChange"> & { onDone: () => void }) {
	const [draft, setDraft] = useState({
		weight: lure.weight,
		finish: lure.finish,
		quantity: `${lure.quantity}`,
		lost: `${lure.lost}`,
		notes: lure.notes,
		red: lure.red,
		buy_again: lure.buyAgain,
	});
	const text = (name: "weight" | "finish" | "quantity" | "lost" | "notes", label: string, width: string) => (
		<label className={`text-[14px] text-slate ${width}`}>
			{label}
			<input
				value={draft[name]}
				onChange={(event) => setDraft({ ...draft, [name]: event.target.value })}
				aria-invalid={fields[name] ? true : undefined}
				className="block min-h-11 w-full rounded-md border-2 border-slate bg-paper px-2 text-[16px] text-ink aria-[invalid]:border-rowan"
			/>
		</label>
	);
	return (
		<form
			className="flex flex-wrap items-end gap-3 py-2"
			onSubmit={async (event) => {
				event.preventDefault();
				const before = {
					weight: lure.weight,
					finish: lure.finish,
					quantity: `${lure.quantity}`,
					lost: `${lure.lost}`,
					notes: lure.notes,
					red: lure.red,
					buy_again: lure.buyAgain,
				};
				const set = Object.fromEntries(
					Object.entries(draft).filter(([name, value]) => value !== before[name as keyof typeof before]),
				);
				if (Object.keys(set).length === 0 || (await onChange([{ id: lure.id, set }], `${lure.title} is changed.`)))
					onDone();
			}}
		>
			{text("weight", "weight", "w-24")}
			{text("finish", "finish", "w-36")}
			{text("quantity", "how many", "w-20")}
			{text("lost", "lost", "w-16")}
			{text("notes", "note", "min-w-40 flex-1")}
			<label className="flex min-h-11 items-center gap-2">
				<input
					type="checkbox"
					className="size-5 accent-[var(--ember)]"
					checked={draft.red}
					onChange={(event) => setDraft({ ...draft, red: event.target.checked })}
				/>
				red
			</label>
			<label className="flex min-h-11 items-center gap-2">
				<input
					type="checkbox"
					className="size-5 accent-[var(--ember)]"
					checked={draft.buy_again}
					onChange={(event) => setDraft({ ...draft, buy_again: event.target.checked })}
				/>
				buy again
			</label>
			<button type="submit" className="figure min-h-11 rounded-md bg-ember px-4 text-on-ember">
				Keep
			</button>
		</form>
	);
}
