import { Dialog } from "../parts/Dialog";
import { useBoat } from "../places/useBoat";
import type { MarkedData } from "../types";

interface Props {
	water: number;
	mark: MarkedData;
	onDone: () => void;
}

/** How far, which way, and from where to drift so that the lure passes it; kept current while the boat moves. */
export default function BackOn({ water, mark, onDone }: Props) {
	const boat = useBoat(water, mark.uuid, null);
	return (
		<Dialog open onOpenChange={(open) => !open && onDone()} title={`Back on the ${mark.word}`}>
			<p aria-live="polite" className="figure mt-3 min-h-24 text-[21px]">
				{boat?.back?.words ?? "Looking for it. Without a connection the way back is not told; it is on the chart."}
			</p>
		</Dialog>
	);
}
