import { BITE_PHASE } from "../kinds";
import type { Entry } from "../outbox/offlineActions";
import { Dialog } from "../parts/Dialog";
import { upper } from "../parts/words";
import { useOpenedAt } from "./useOpenedAt";

interface Props {
	open: boolean;
	onOpenChange: (open: boolean) => void;
	onLog: (entry: Entry) => void;
}

/** One tap more: where the touch came. */
export function TouchPad({ open, onOpenChange, onLog }: Props) {
	const openedAt = useOpenedAt(open);
	const log = (where: string | null) => {
		const at = openedAt();
		onOpenChange(false);
		onLog({ kind: "touch", came: where, at });
	};
	return (
		<Dialog open={open} onOpenChange={onOpenChange} title="When did it bite?">
			<div className="mt-2 grid grid-cols-2 gap-2">
				{Object.entries(BITE_PHASE).map(([where, { within }]) => (
					<button
						key={where}
						type="button"
						onClick={() => log(where)}
						className="figure min-h-[76px] rounded-md border-2 border-ink px-2 text-[18px]"
					>
						{upper(within)}
					</button>
				))}
				<button
					type="button"
					onClick={() => log(null)}
					className="figure min-h-[76px] rounded-md border-2 border-slate px-2 text-[18px] text-slate"
				>
					By the drop
				</button>
			</div>
		</Dialog>
	);
}
