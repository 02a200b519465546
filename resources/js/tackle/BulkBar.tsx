import { Button } from "../parts/Button";
import { say } from "../parts/words";

interface Props {
	count: number;
	onChange: (set: Record<string, unknown>, words: string) => void;
	onNone: () => void;
}

/** What is done to all lures that are ticked. */
export function BulkBar({ count: lures, onChange, onNone }: Props) {
	return (
		<div
			role="toolbar"
			aria-label="Change the selected lures"
			className="sticky top-0 z-10 flex flex-wrap items-center gap-3 border-y border-ink bg-paper px-3 py-1 text-[15px]"
		>
			<b>{say("{lures|# lure|# lures}", { lures })}</b>
			<Button onClick={() => onChange({ red: true }, say("{lures|# lure|# lures}: red near the hooks.", { lures }))}>
				Red near the hooks
			</Button>
			<Button onClick={() => onChange({ buy_again: true }, say("{lures|# lure|# lures} to buy again.", { lures }))}>
				Buy again
			</Button>
			<Button onClick={() => onChange({ retired: true }, say("{lures|# lure|# lures} put away.", { lures }))}>
				Put away
			</Button>
			<Button look="aside" onClick={onNone}>
				None
			</Button>
		</div>
	);
}
