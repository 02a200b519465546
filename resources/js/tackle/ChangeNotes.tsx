import { Button } from "../parts/Button";
import { Notice } from "../parts/Notice";
import type { Notes } from "./lureChanges";

/** What came of a change: done and undone with a press, refused, or met by another. */
export function ChangeNotes({ undo, clash, trouble, onUndo, onMine, onTheirs, onGood }: Notes) {
	return (
		<>
			{undo && (
				<Notice tone="done" className="mt-2 flex items-center justify-between gap-3">
					{undo.words}
					<span className="flex gap-4">
						<Button look="strong" onClick={onUndo}>
							Undo
						</Button>
						<Button onClick={onGood}>Good</Button>
					</span>
				</Notice>
			)}
			{clash && (
				<Notice className="mt-2 py-1">
					<p className="pt-1">{clash.words}</p>
					<p className="flex flex-wrap gap-x-5">
						<Button look="strong" onClick={onMine}>
							Keep mine
						</Button>
						<Button onClick={onTheirs}>Leave it as it is there</Button>
					</p>
				</Notice>
			)}
			{trouble && <Notice>{trouble}</Notice>}
		</>
	);
}
