import type { Change, Clash } from "./lureChanges";

interface Props {
	undo: { words: string; before: Change[] } | null;
	clash: Clash | null;
	trouble: string | null;
	onUndo: () => void;
	onMine: () => void;
	onTheirs: () => void;
	/** Lets the last change stand, where that can be said. */
	onGood?: () => void;
}

/** What came of a change: done and undone with a press, refused, or met by another. */
export function ChangeNotes({ undo, clash, trouble, onUndo, onMine, onTheirs, onGood }: Props) {
	const press = "min-h-11 underline underline-offset-4";
	return (
		<>
			{undo && (
				<p
					role="status"
					className="mt-2 flex items-center justify-between gap-3 border-l-4 border-brass bg-brass-pale px-3"
				>
					{undo.words}
					<span className="flex gap-4">
						<button type="button" className={`${press} font-semibold`} onClick={onUndo}>
							Undo
						</button>
						{onGood && (
							<button type="button" className={press} onClick={onGood}>
								Good
							</button>
						)}
					</span>
				</p>
			)}
			{clash && (
				<div role="alert" className="mt-2 border-l-4 border-rowan bg-paper px-3 py-1">
					<p className="pt-1">{clash.words}</p>
					<p className="flex flex-wrap gap-x-5">
						<button type="button" className={`${press} font-semibold`} onClick={onMine}>
							Keep mine
						</button>
						<button type="button" className={press} onClick={onTheirs}>
							Leave it as it is there
						</button>
					</p>
				</div>
			)}
			{trouble && (
				<p role="alert" className="mt-2 border-l-4 border-rowan bg-paper px-3 py-2">
					{trouble}
				</p>
			)}
		</>
	);
}
