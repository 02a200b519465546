import { type KeyboardEvent, Suspense, useRef, useState } from "react";
import { onDemand } from "../parts/onDemand";
import type { ReadingData, TipData } from "../types";
import { stepped, words } from "./stepping";
import type { Live } from "./useAnswer";

const ReadingPopover = onDemand(() => import("./ReadingPopover"));

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
	/** One of those that matter most. */
	large?: boolean;
}

/** One reading: arrows step it, Enter or a tap opens it. */
export function ReadingCell({ reading, live, onMove, age, tip, tipped = false, large = false }: Props) {
	const [open, setOpen] = useState<boolean | null>(null);
	const cell = useRef<HTMLButtonElement>(null);
	const waiting = reading.name in live.pending;
	const text = waiting ? (live.pending[reading.name] ?? null) : reading.text;
	const trouble = live.troubles[reading.name];
	const missing = reading.source === "missing" && !waiting;
	const mark = waiting ? "" : markOf(reading, age === undefined);
	const keys = (event: KeyboardEvent) => {
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
	};
	return (
		<>
			<button
				ref={cell}
				type="button"
				data-reading={reading.name}
				aria-keyshortcuts="ArrowUp ArrowDown"
				aria-haspopup="dialog"
				aria-expanded={open === true}
				onClick={() => setOpen(!open)}
				onKeyDown={keys}
				className="relative min-h-[61px] w-full min-w-0 border-r border-rule px-3 py-2 text-left last:border-r-0
					focus-visible:-outline-offset-3"
			>
				<span className="flex justify-between gap-1 text-[13px] text-slate">
					<span className="truncate">{reading.label}</span>
					{mark && (
						<i className={`text-[12px] whitespace-nowrap ${reading.stale ? "font-bold text-rowan" : ""}`}>{mark}</i>
					)}
				</span>
				<span
					className={`figure block truncate ${large ? "text-[24px]" : "text-[18px]"} ${missing ? "text-slate" : ""}`}
				>
					{waiting ? words(reading, text) : reading.shown}
				</span>
				{age && <span className="block truncate text-[12px] text-slate">{age}</span>}
				{tipped && <Tip tip={tip} />}
				{trouble && <span className="absolute inset-x-0 bottom-0 h-1 bg-rowan" />}
				{trouble && <span className="sr-only">{trouble}</span>}
			</button>
			{open !== null && (
				<Suspense>
					<ReadingPopover
						reading={reading}
						text={text}
						live={live}
						tip={tip}
						cell={cell}
						open={open}
						onOpenChange={setOpen}
					/>
				</Suspense>
			)}
		</>
	);
}

/** Whence it is, in a word; told where it is not said beside it. */
function markOf({ pinned, stale, source }: ReadingData, told: boolean): string {
	if (pinned) return "pinned";
	if (stale) return "stale";
	if (source === "link") return "link";
	if (source === "instrument") return "live";
	if (source === "measured" || !told) return "";
	return source === "missing" ? "not read" : source;
}

function Tip({ tip }: { tip: TipData | undefined }) {
	return (
		<span
			className="block min-h-[16px] truncate max-sm:hidden text-[12px] leading-[16px] text-slate"
			title={tip?.sentences.map((sentence) => sentence.words).join(" ")}
		>
			{tip?.short}
		</span>
	);
}
