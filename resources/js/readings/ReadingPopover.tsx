import { Popover } from "radix-ui";
import type { RefObject } from "react";
import type { ReadingData, TipData } from "../types";
import { ReadingEditor } from "./ReadingEditor";
import type { Live } from "./useAnswer";

interface Props {
	reading: ReadingData;
	text: string | null;
	live: Live;
	tip?: TipData;
	/** The cell it belongs to. */
	cell: RefObject<HTMLButtonElement | null>;
	open: boolean;
	onOpenChange: (open: boolean) => void;
}

/** One reading opened under its cell: typed, stepped, chosen or pinned. */
export default function ReadingPopover({ reading, text, live, tip, cell, open, onOpenChange }: Props) {
	return (
		<Popover.Root open={open} onOpenChange={onOpenChange}>
			<Popover.Anchor virtualRef={cell as RefObject<HTMLButtonElement>} />
			<Popover.Portal>
				<Popover.Content
					align="start"
					sideOffset={2}
					collisionPadding={8}
					aria-label={reading.label}
					onCloseAutoFocus={(event) => {
						event.preventDefault();
						cell.current?.focus();
					}}
					onInteractOutside={(event) => {
						// The cell closes it by itself.
						if (cell.current?.contains(event.target as Node)) event.preventDefault();
					}}
					className="z-20 w-[310px] max-w-[94vw] rounded-md border border-slate bg-paper p-4 text-ink"
				>
					<ReadingEditor
						reading={reading}
						text={text}
						trouble={live.troubles[reading.name]}
						onChange={(next) => live.change(reading.name, next)}
						onDone={() => onOpenChange(false)}
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
