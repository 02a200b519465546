import { Link, router } from "@inertiajs/react";
import { memo, useState } from "react";
import { LureFigure } from "../drop/LureFigure";
import { Button } from "../parts/Button";
import { newId } from "../parts/send";
import { useWide } from "../parts/useWide";
import { say } from "../parts/words";
import type { LureData } from "../types";
import { LureEditor } from "./LureEditor";
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
	const left = Math.max(0, lure.quantity - lure.lost);
	const change = (set: Record<string, unknown>, words: string) => onChange([{ id: lure.id, set }], words);
	return (
		<li className="border-b border-rule py-1.5">
			<div className="grid grid-cols-[28px_64px_minmax(0,1fr)] items-center gap-x-3 sm:grid-cols-[28px_112px_minmax(0,1fr)_auto]">
				<input
					type="checkbox"
					aria-label={say("Select {title}", { title: lure.title })}
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
						{lure.lost > 0 && say(" · {lost} lost, {left} left", { lost: lure.lost, left })}
						{lure.buyAgain && " · to buy again"}
					</span>
				</span>
				<Actions lure={lure} editing={editing} onEdit={() => setEditing(!editing)} onChange={change} />
			</div>
			{editing && <LureEditor lure={lure} fields={fields} onChange={change} onDone={() => setEditing(false)} />}
		</li>
	);
});

interface ActionProps {
	lure: LureData;
	editing: boolean;
	onEdit: () => void;
	onChange: (set: Record<string, unknown>, words: string) => Promise<boolean>;
}

/** What can be done with one lure. */
function Actions({ lure, editing, onEdit, onChange }: ActionProps) {
	const { title, retired } = lure;
	const offered = lure.usual && !retired;
	const duplicate = () =>
		router.post(`/lures/${lure.id}/duplicate`, { uuid: newId() }, { preserveScroll: true, preserveState: true });
	return (
		<span className="col-span-3 flex flex-wrap gap-x-3 text-[15px] sm:col-span-1">
			{offered && (
				<>
					<Button
						look="strong"
						aria-label={say("{title} is mine", { title })}
						onClick={() => void onChange({ build: { usual: false } }, say("{title} is yours.", { title }))}
					>
						Mine
					</Button>
					<Button
						aria-label={say("Strike out {title}", { title })}
						onClick={() => void onChange({ retired: true }, say("{title} is struck out.", { title }))}
					>
						Strike out
					</Button>
				</>
			)}
			<Button aria-expanded={editing} onClick={onEdit}>
				Edit
			</Button>
			<Button aria-label={say("Duplicate {title}", { title })} onClick={duplicate}>
				Duplicate
			</Button>
			{!offered && (
				<Button
					look="aside"
					aria-label={`${retired ? "Take back" : "Put away"} ${title}`}
					onClick={() =>
						void onChange(
							{ retired: !retired },
							retired ? say("{title} is back in the box.", { title }) : say("{title} is put away.", { title }),
						)
					}
				>
					{retired ? "Take back" : "Put away"}
				</Button>
			)}
		</span>
	);
}
