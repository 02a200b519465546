import { Button } from "../parts/Button";
import { say } from "../parts/words";
import { Rods } from "../rods/Rods";
import { Advice, Counters } from "./Counters";
import { FallCount } from "./FallCount";
import { JustNow } from "./JustNow";
import { Paused } from "./Paused";
import type { Counted } from "./tally";
import type { OutingLog } from "./useOuting";

interface Props {
	outing: Counted;
	log: OutingLog;
	onMove: () => void;
}

/** Where one is, what is on, how it goes, and whether all of it has arrived. */
export function OutingHead({ outing, log, onMove }: Props) {
	return (
		<>
			<div className="flex items-center gap-3 text-[14px] text-slate">
				<span className="min-w-0 truncate">{outing.place}</span>
				<span role="status" className="ml-auto shrink-0">
					{saved(log.waiting, log.unkept)}
				</span>
				{!outing.endedAt && (
					<Button look="plain" onClick={onMove}>
						Move
					</Button>
				)}
			</div>
			{outing.rods.length > 1 && <Rods rods={outing.rods} onTake={log.takeInHand} />}
			<h1 className="text-[25px]">{outing.title}</h1>
			<FallCount
				fall={outing.pick?.drop.fall ?? []}
				droppedAt={log.droppedAt}
				depthText={outing.water.split(" · ")[0] ?? ""}
			>
				{outing.subtitle || outing.water}
			</FallCount>
			<Paused outing={outing} onGoOn={log.goOn} />
			<Counters outing={outing} />
			{outing.rig?.care && <Worn care={outing.rig.care} onRetie={log.retie} />}
			<JustNow outing={outing} log={log} />
			<Advice outing={outing} onTieOn={log.tieOn} onMove={onMove} />
		</>
	);
}

/** Whether all that was done here has arrived, or is kept at least. */
function saved(waiting: number | null, unkept: number): string {
	if (waiting === null) return "";
	if (unkept > 0) return say("{unkept} not saved: no room", { unkept });
	return waiting > 0 ? say("Saved here, {waiting} to send", { waiting }) : "Saved";
}

/** The leader when it has been worn. */
function Worn({ care, onRetie }: { care: string; onRetie: () => void }) {
	return (
		<div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 border-b border-rule py-1.5 text-[15px]">
			<strong>{care}</strong>
			<Button look="plain" onClick={onRetie}>
				Retied
			</Button>
		</div>
	);
}
