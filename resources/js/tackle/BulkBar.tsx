import { Button } from "../parts/Button";
import { counted } from "../parts/words";

interface Props {
	count: number;
	onChange: (set: Record<string, unknown>, words: string) => void;
	onNone: () => void;
}

/** What is done to all lures that are ticked. */
export function BulkBar({ count, onChange, onNone }: Props) {
	const some = counted(count, "lure");
	return (
		<div
			role="toolbar"
			aria-label="Change the selected lures"
			className="sticky top-0 z-10 flex flex-wrap items-center gap-3 border-y border-ink bg-paper px-3 py-1 text-[15px]"
		>
			<b>{some}</b>
			<Button onClick={() => onChange({ red: true }, `${some}: red near the hooks.`)}>Red near the hooks</Button>
			<Button onClick={() => onChange({ buy_again: true }, `${some} to buy again.`)}>Buy again</Button>
			<Button onClick={() => onChange({ retired: true }, `${some} put away.`)}>Put away</Button>
			<Button look="aside" onClick={onNone}>
				None
			</Button>
		</div>
	);
}
