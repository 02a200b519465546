import { Button } from "../parts/Button";
import { Notice } from "../parts/Notice";
import { Retied } from "../rig/Retied";
import { Rods } from "../rods/Rods";
import type { OutingData, RigInShortData } from "../types";
import { Advice, Counters } from "./Counters";
import { TakenBack, timeOf } from "./Events";
import { FallCount } from "./FallCount";
import { Glance } from "./Glance";
import type { OutingLog } from "./useOuting";

/** Where one is, what is on, how it goes, and whether all of it has arrived. */
export function OutingHead({ outing, log }: { outing: OutingData; log: OutingLog }) {
	return (
		<>
			<p className="flex justify-between gap-3 text-[14px] text-slate">
				<span>
					{outing.place} · {timeOf(outing.startedAt)}
				</span>
				<span role="status">{log.waiting > 0 ? `Saved here, ${log.waiting} to send` : "All saved"}</span>
			</p>
			{outing.rods.length > 0 && <Rods rods={outing.rods} />}
			<h1 className="text-[25px]">{outing.title}</h1>
			<p className="pb-2 text-slate">{[outing.subtitle, outing.water].filter(Boolean).join(" · ")}</p>
			<FallCount
				fall={outing.pick?.drop.fall ?? []}
				droppedAt={log.droppedAt}
				depthText={outing.water.split(" · ")[0] ?? ""}
			/>
			<Counters outing={outing} />
			<Glance outing={outing} />
			{outing.rig && <RigLine rig={outing.rig} />}
			{log.trouble && (
				<Notice className="mt-2 flex items-center justify-between gap-3 py-2">
					{log.trouble}
					{log.waiting > 0 && (
						<Button look="strong" size="big" onClick={log.again}>
							Send now
						</Button>
					)}
				</Notice>
			)}
			{log.turned.map(({ id, words, why }) => (
				<Notice key={id} className="mt-2 flex items-center justify-between gap-3 py-2">
					<span>
						Not taken: {words}. {why}
					</span>
					<Button look="strong" size="big" onClick={() => log.letGo(id)}>
						Let it go
					</Button>
				</Notice>
			))}
			{outing.takenBack && <TakenBack event={outing.takenBack} onPutBack={log.putBack} />}
			<Advice outing={outing} />
		</>
	);
}

/** What the rig bears, and the leader when it has been worn. */
function RigLine({ rig }: { rig: RigInShortData }) {
	return (
		<div className="border-b border-rule py-1.5 text-[15px]">
			<p>{rig.bears}</p>
			{rig.care && (
				<div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 pt-1">
					<strong>{rig.care}</strong>
					<Retied />
				</div>
			)}
		</div>
	);
}
