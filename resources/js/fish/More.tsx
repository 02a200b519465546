import { router } from "@inertiajs/react";
import { Suspense, useState } from "react";
import { PAUSE_WHY } from "../kinds";
import { Button, ButtonLink } from "../parts/Button";
import { Check } from "../parts/Check";
import { Dialog } from "../parts/Dialog";
import { onDemand } from "../parts/onDemand";
import { optionsOf } from "../parts/options";
import { upper } from "../parts/words";
import type { OutingData } from "../types";
import { EndOuting } from "./EndOuting";
import { JoinCrew } from "./JoinCrew";
import type { OutingLog } from "./useOuting";

const AddForgotten = onDemand(async () => ({ default: (await import("./AddForgotten")).AddForgotten }));

/** What is seldom needed: a pause, something forgotten, others, all of the outing, its end. */
export function More({ outing, log }: { outing: OutingData; log: OutingLog }) {
	const [open, setOpen] = useState<"pause" | "forgotten" | "crew" | null>(null);
	const close = (still: boolean) => !still && setOpen(null);
	return (
		// Clear of what waits, which has its place at the foot of a wide page.
		<div className="mt-4 flex flex-wrap items-center gap-x-5 gap-y-1 self-end lg:pb-12">
			<Button look="aside" size="big" onClick={() => setOpen("pause")}>
				Pause
			</Button>
			<Button look="aside" size="big" onClick={() => setOpen("forgotten")}>
				Add something forgotten
			</Button>
			<Button look="aside" size="big" onClick={() => setOpen("crew")}>
				{outing.crew ? "Your crew" : "Fish with others"}
			</Button>
			<ButtonLink href={`/outings/${outing.uuid}`} look="aside" size="big">
				All of this outing
			</ButtonLink>
			{!outing.endedAt && <EndOuting onEnd={log.end} />}
			<Dialog
				open={open === "pause"}
				onOpenChange={close}
				title="Not fishing for a while"
				says="The lure's clock stops. Your next tap or Go on starts it again."
			>
				<div className="mt-2 grid grid-cols-2 gap-2">
					{optionsOf(PAUSE_WHY).map(([why, word]) => (
						<button
							key={why}
							type="button"
							className="figure min-h-[76px] rounded-md border-2 border-ink px-2 text-[18px]"
							onClick={() => {
								log.rest(why);
								setOpen(null);
							}}
						>
							{upper(word)}
						</button>
					))}
				</div>
			</Dialog>
			<Suspense>
				{open === "forgotten" && (
					<AddForgotten
						pads={outing.pads}
						rods={outing.rods.map(({ uuid, name }) => ({ value: uuid, word: name }))}
						inHand={outing.rods.find((one) => one.inHand)?.uuid}
						sought={outing.sought}
						until={null}
						onAdd={log.addAt}
						onClose={() => setOpen(null)}
					/>
				)}
			</Suspense>
			<Dialog open={open === "crew"} onOpenChange={close} title={outing.crew ? "Your crew" : "Fish with others"}>
				<CrewChoices outing={outing} onDone={() => setOpen(null)} />
			</Dialog>
		</div>
	);
}

/** Sharing, joining, leaving. */
function CrewChoices({ outing, onDone }: { outing: OutingData; onDone: () => void }) {
	const { crew } = outing;
	if (!crew)
		return (
			<>
				<p className="mt-2">
					Share this outing: others who join see your bites and fish today, and you see theirs. They see nothing else.
				</p>
				<Button
					look="next"
					size="big"
					className="mt-3"
					onClick={() => router.post(`/outings/${outing.uuid}/crew`, {}, { preserveScroll: true })}
				>
					Share this outing
				</Button>
				<JoinCrew />
			</>
		);
	return (
		<>
			{crew.code && (
				<p className="mt-2">
					Code to share: <strong className="figure text-[22px] tracking-wider">{crew.code}</strong>
				</p>
			)}
			<Check
				checked={crew.sharesTags}
				onChange={(tags) => router.put(`/outings/${outing.uuid}/crew`, { tags }, { preserveScroll: true })}
			>
				The others see tag numbers
			</Check>
			<p className="mt-2 text-slate">
				Leaving hides what you logged from the others. It stays in your own record.
				{crew.code && <span> The code stops working then, and the others go on.</span>}
			</p>
			<Button
				look="danger"
				size="big"
				className="mt-3"
				onClick={() =>
					router.delete(`/outings/${outing.uuid}/crew`, {
						preserveScroll: true,
						onSuccess: onDone,
					})
				}
			>
				Leave the crew
			</Button>
		</>
	);
}
