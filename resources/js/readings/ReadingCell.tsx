import { Popover } from "radix-ui";
import { useState } from "react";
import type { ReadingData, TipData } from "../types";
import { ReadingEditor } from "./ReadingEditor";
import { stepped, words } from "./stepping";
import type { Live } from "./useAnswer";

interface Props {
	reading: ReadingData;
	live: Live;
	/** Moves to the reading so many places on. */
	onMove: (by: number) => void;
	/** Shows when it was read. */
	age?: string;
	/** What it must become before another lure comes on top. */
	tip?: TipData;
	/** Leaves room for a tip, so that nothing jumps when it comes. */
	tipped?: boolean;
}

/** One reading: arrows step it, Enter or a tap opens it. */
export function ReadingCell({ reading, live, onMove, age, tip, tipped = false }: Props) {
	const [open, setOpen] = useState(false);
	const waiting = reading.name in live.pending;
	const text = waiting ? (live.pending[reading.name] ?? null) : reading.text;
	const trouble = live.troubles[reading.name];
	const missing = reading.source === "missing" && !waiting;
	const told = age === undefined;
	const mark = waiting
		? ""
		: reading.pinned
			? "pinned"
			: reading.stale
				? "stale"
				: {
						assumed: told ? "assumed" : "",
						missing: told ? "not read" : "",
						link: "link",
						instrument: "live",
						spot: told ? "spot" : "",
						measured: "",
					}[reading.source];
	return (
		<Popover.Root open={open} onOpenChange={setOpen}>
			<Popover.Trigger
				data-reading={reading.name}
				aria-keyshortcuts="ArrowUp ArrowDown"
				onKeyDown={(event) => {
					if (open) return;
					const by = event.key === "ArrowUp" ? 1 : event.key === "ArrowDown" ? -1 : 0;
					if (by !== 0) {
						event.preventDefault();
						const next = stepped(reading, text, by);
						if (next !== null) live.change(reading.name, next);
						else setOpen(true);
					} else if (event.key === "ArrowLeft" || event.key === "ArrowRight") {
						event.preventDefault();
						onMove(event.key === "ArrowRight" ? 1 : -1);
					}
				}}
				className="relative min-h-[61px] w-full min-w-0 border-r border-rule px-3 py-2 text-left last:border-r-0 focus-visible:-outline-offset-3"
			>
				<span className="flex justify-between gap-1 text-[13px] text-slate">
					<span className="truncate">{reading.label}</span>
					{mark && (
						<i className={`text-[12px] whitespace-nowrap ${reading.stale ? "font-bold text-rowan" : ""}`}>{mark}</i>
					)}
				</span>
				<span className={`figure block truncate text-[18px] ${missing ? "text-slate" : ""}`}>
					{waiting ? words(reading, text) : reading.shown}
				</span>
				{age && <span className="block truncate text-[12px] text-slate">{age}</span>}
				{tipped && (
					<span
						className="block min-h-[16px] truncate text-[12px] leading-[16px] text-slate"
						title={tip?.sentences.map((sentence) => sentence.words).join(" ")}
					>
						{tip?.short}
					</span>
				)}
				{trouble && <span className="absolute inset-x-0 bottom-0 h-1 bg-rowan" />}
				{trouble && <span className="sr-only">{trouble}</span>}
			</Popover.Trigger>
			<Popover.Portal>
				<Popover.Content
					align="start"
					sideOffset={2}
					collisionPadding={8}
					aria-label={reading.label}
					className="z-20 w-[310px] max-w-[94vw] rounded-md border border-slate bg-paper p-4 text-ink"
				>
					<ReadingEditor
						reading={reading}
						text={text}
						trouble={trouble}
						onChange={(next) => live.change(reading.name, next)}
						onDone={() => setOpen(false)}
					/>
					{tip && (
						<div className="mt-2 border-t border-rule pt-2 text-[15px]">
							<p className="text-[14px] text-slate">What would change the first pick</p>
							{tip.sentences.map((sentence) => (
								<p key={sentence.words}>{sentence.words}</p>
							))}
						</div>
					)}
					{reading.text !== null && reading.source !== "assumed" && (
						<label className="mt-2 flex min-h-11 items-center gap-3 border-t border-rule pt-2 text-[15px]">
							<input
								type="checkbox"
								className="size-5 accent-[var(--ember)]"
								checked={reading.pinned}
								onChange={(event) => live.pin(reading.name, event.target.checked)}
							/>
							Pinned: instruments leave it alone
						</label>
					)}
				</Popover.Content>
			</Popover.Portal>
		</Popover.Root>
	);
}
