import * as clock from "../parts/clock";
import { useAge } from "../parts/useAge";
import { say } from "../parts/words";
import type { RodOnBoardData } from "../types";

/** min after which a rod is said to be quiet. */
const QUIET_MIN = 5;

/** The rods on board, each with what is on it; one tap takes another in hand, and all that is shown is for that one. */
export function Rods({ rods, onTake }: { rods: RodOnBoardData[]; onTake: (rod: string) => void }) {
	const age = useAge();
	return (
		<section aria-label="Rods on board" className="mb-3">
			<div className="-mx-1 flex gap-2 overflow-x-auto px-1 py-1">
				{rods.map((rod) => (
					<button
						key={rod.uuid}
						type="button"
						aria-pressed={rod.inHand}
						onClick={() => rod.inHand || onTake(rod.uuid)}
						className="min-h-14 min-w-[138px] flex-1 rounded-md border border-slate bg-paper px-2.5 py-1 text-left
							aria-pressed:border-[3px] aria-pressed:border-ember"
					>
						<span className="figure block text-[16px]">{rod.name}</span>
						<span className="block truncate text-[14px] text-slate">{on(rod)}</span>
						{rod.quietSince && !rod.inHand && minutesSince(rod.quietSince) >= QUIET_MIN && (
							<span className="hidden text-[14px] text-slate lg:block">
								{say("quiet {time}", { time: age(rod.quietSince).replace(" ago", "") })}
							</span>
						)}
					</button>
				))}
			</div>
		</section>
	);
}

function minutesSince(moment: string): number {
	return (clock.now() - Date.parse(moment)) / 60_000;
}

function on(rod: RodOnBoardData): string {
	if (rod.tied === "") return rod.still ? "not out" : "nothing on it";
	return rod.tied;
}
