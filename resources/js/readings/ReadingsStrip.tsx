import { useRef } from "react";
import type { ReadingData, TipData } from "../types";
import { ReadingCell } from "./ReadingCell";
import { toCell } from "./toCell";
import type { Live } from "./useAnswer";

/** Those that move the choice most days, in the order in which they are asked. */
export const FIRST = ["temp", "depth", "drift", "clarity", "light", "food", "species", "how"];

interface Props {
	live: Live;
	/** What each must become before another lure comes on top; null while that is being worked out. */
	tips?: Record<string, TipData> | null;
}

/** Today's readings under the stations. */
export function ReadingsStrip({ live, tips }: Props) {
	const strip = useRef<HTMLDivElement>(null);
	const shown = FIRST.map((name) => live.answer.readings[name]).filter(
		(reading): reading is ReadingData => reading !== undefined,
	);
	return (
		<section
			ref={strip}
			aria-label="Readings"
			className="no-print grid shrink-0 auto-cols-[minmax(120px,1fr)] grid-flow-col overflow-x-auto border-b border-rule bg-paper lg:pl-3"
		>
			{shown.map((reading) => (
				<ReadingCell
					key={reading.name}
					reading={reading}
					live={live}
					tip={tips?.[reading.name]}
					tipped={tips !== undefined}
					onMove={(by) => toCell(strip.current, reading.name, by)}
				/>
			))}
		</section>
	);
}
