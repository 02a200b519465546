import { Popover } from "radix-ui";
import { useRef, useState } from "react";
import type { ReadingData } from "../types";
import { ReadingEditor } from "./ReadingEditor";
import { stepped, words } from "./stepping";
import type { Live } from "./useAnswer";

const names = ["temp", "depth", "drift", "clarity", "light", "food", "species", "how"];

/** Today's readings under the stations: arrows step one, Enter or a tap opens it. */
export function ReadingsStrip({ live }: { live: Live }) {
	const strip = useRef<HTMLDivElement>(null);
	const shown = names
		.map((name) => live.answer.readings[name])
		.filter((reading): reading is ReadingData => reading !== undefined);
	const move = (from: string, by: number) => {
		const next = names[(names.indexOf(from) + by + names.length) % names.length];
		strip.current?.querySelector<HTMLButtonElement>(`[data-reading="${next}"]`)?.focus();
	};
	return (
		<section
			ref={strip}
			aria-label="Readings"
			className="grid auto-cols-[minmax(106px,1fr)] grid-flow-col overflow-x-auto border-b border-rule bg-paper"
		>
			{shown.map((reading) => (
				<Cell key={reading.name} reading={reading} live={live} onMove={(by) => move(reading.name, by)} />
			))}
		</section>
	);
}

function Cell({ reading, live, onMove }: { reading: ReadingData; live: Live; onMove: (by: number) => void }) {
	const [open, setOpen] = useState(false);
	const waiting = reading.name in live.pending;
	const text = waiting ? (live.pending[reading.name] ?? null) : reading.text;
	const trouble = live.troubles[reading.name];
	const missing = reading.source === "missing" && !waiting;
	const mark = waiting
		? ""
		: { assumed: "assumed", missing: "not read", link: "link", instrument: "live", measured: "" }[reading.source];
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
				className="relative min-h-[61px] min-w-0 border-r border-rule px-4 py-2 text-left last:border-r-0 focus-visible:-outline-offset-3 lg:first:pl-7"
			>
				<span className="flex justify-between gap-1 text-[13px] text-slate">
					{reading.label}
					{mark && <i className="text-[12px]">{mark}</i>}
				</span>
				<span className={`figure block truncate text-[18px] ${missing ? "text-slate" : ""}`}>
					{waiting ? words(reading, text) : reading.shown}
				</span>
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
				</Popover.Content>
			</Popover.Portal>
		</Popover.Root>
	);
}
