import { Suspense, useState } from "react";
import { SURE_M } from "../figures";
import { Button } from "../parts/Button";
import { onDemand } from "../parts/onDemand";
import { say, timeOf } from "../parts/words";
import { UsePhone } from "../phone/UsePhone";
import { useNearestSpot } from "../phone/useNearestSpot";
import { usePosition } from "../phone/usePosition";
import type { MarkedData, OutingData } from "../types";
import type { OutingLog } from "./useOuting";

const BackOn = onDemand(() => import("./BackOn"));

/** One tap marks where the boat is; the marks of today lead back onto them. */
export function MarkHere({ outing, log }: { outing: OutingData; log: Pick<OutingLog, "mark" | "move"> }) {
	const [back, setBack] = useState<MarkedData | null>(null);
	const position = usePosition();
	const near = useNearestSpot(position.fix, outing.spot);
	const isSure = position.fix !== null && position.fix.accuracy <= SURE_M;
	const where = isSure ? "where this phone is" : "at the spot, until this phone is sure";
	// A spot that one has come to stands where the phone says where it marks: nothing is pushed by it.
	const said = near ? (
		<Button
			onClick={() => log.move({ spot: near.spot, name: null, water: null, words: near.place, depth: near.depth })}
			className="text-right"
		>
			{say("Move to {name}, {away}", { name: near.name, away: near.away })}
		</Button>
	) : null;
	if (outing.markPads.length === 0) return said && <p className="border-b border-rule py-2">{said}</p>;
	return (
		<section aria-label="Mark this place" className="border-b border-rule py-2">
			<div className="grid grid-cols-4 items-center gap-2 lg:grid-cols-[auto_repeat(4,minmax(0,1fr))]">
				<span className="col-span-4 flex min-h-11 items-center justify-between gap-3 text-[15px] lg:col-span-1">
					Mark here
					<span className="lg:hidden">{said ?? <UsePhone position={position} words={where} />}</span>
				</span>
				{outing.markPads.map(({ value, word }) => (
					<button
						key={value}
						type="button"
						aria-label={say("Mark {word} here", { word: word.toLowerCase() })}
						className="figure min-h-14 rounded-md border-2 border-slate bg-paper px-1 text-[16px]"
						onClick={() => log.mark(value, word.toLowerCase())}
					>
						{word.toLowerCase()}
					</button>
				))}
			</div>
			<div className="hidden lg:block">{said}</div>
			{outing.marks.length > 0 && (
				<p aria-live="polite" className="flex flex-wrap gap-x-5 pt-1">
					{outing.marks.slice(0, 3).map((mark) => (
						<Button key={mark.uuid} size="big" onClick={() => setBack(mark)}>
							{say("Back on the {word}, {at}", { word: mark.word, at: timeOf(mark.at) })}
						</Button>
					))}
				</p>
			)}
			<Suspense>
				{back && outing.waterId !== null && (
					<BackOn
						water={outing.waterId}
						mark={back}
						pick={outing.pick?.key ?? ""}
						position={position}
						onDone={() => setBack(null)}
					/>
				)}
			</Suspense>
		</section>
	);
}
