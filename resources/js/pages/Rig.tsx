import { router } from "@inertiajs/react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { useWaitingHere } from "../outbox/useWaitingHere";
import { Aside } from "../parts/Aside";
import { remembered } from "../parts/address";
import { Troubles } from "../parts/Troubles";
import { useAge } from "../parts/useAge";
import { useAsk } from "../parts/useAsk";
import { say } from "../parts/words";
import { LinkBanner } from "../readings/LinkBanner";
import { ReadingsStrip } from "../readings/ReadingsStrip";
import { type Live, useAnswer } from "../readings/useAnswer";
import { Findings } from "../rig/Findings";
import { PartsEditor } from "../rig/PartsEditor";
import { Retied } from "../rig/Retied";
import { RigDrawing } from "../rig/RigDrawing";
import { Losses, OtherRigs, Reaches } from "../rig/RigSides";
import { useRod } from "../rig/useRod";
import { Board } from "../rods/Board";
import { Rods } from "../rods/Rods";
import { useTakeInHand } from "../rods/useTakeInHand";
import { AppLayout } from "../shell/AppLayout";
import type { HistoryData, RigData, RigPage } from "../types";

/** The Rig station: from reel to lure, checked before it is tied. */
export default function Rig(page: RigPage) {
	const live = useAnswer(page.answer, remembered("pick"));
	const { answer } = live;
	const form = useRod(page.rod);
	const { rig, trouble } = useChecks(page, live);
	const hand = useTakeInHand();
	return (
		<AppLayout
			title="Rig"
			column={<AnswerColumn answer={answer} pick={answer.chosen} live={live} />}
			strip={<ReadingsStrip live={live} />}
		>
			<div className="grid grid-cols-[minmax(0,1fr)] lg:h-full lg:grid-cols-[minmax(0,1fr)_324px] lg:overflow-y-auto">
				<div className="px-4 py-4 lg:px-7">
					<LinkBanner live={live} trouble={page.trouble} />
					<div aria-live="polite">
						<h1 className="text-[21px] lg:text-[25px]">{rig?.headline ?? "Put a lure in the box first"}</h1>
					</div>
					<Troubles
						troubles={{
							...live.troubles,
							...(trouble && { rig: trouble }),
							...(hand.trouble && { rod: hand.trouble }),
						}}
					/>
					<Aside aside={answer.aside} />
					{rig && answer.chosen && (
						<>
							<p className="mt-1 mb-2 text-slate">
								{say("{name} with the {spoken}. {assumed}", {
									name: page.rod.name,
									spoken: answer.chosen.spoken,
									assumed: rig.assumed,
								})}
							</p>
							{page.rods.length > 1 && <Rods rods={page.rods} onTake={hand.take} />}
							<Findings label="To mend" findings={rig.findings.filter(({ good }) => good === false)} />
							<RigDrawing rig={rig} pick={answer.chosen} />
							<Figures rig={rig} />
						</>
					)}
					<PartsEditor page={page} form={form} rig={rig} pick={answer.chosen} readings={answer.readings} />
					<Board rods={page.rods} ashore={page.ashore} />
					{rig && (
						<div className="mt-5">
							<Findings label="Checks" findings={rig.findings.filter(({ good }) => good !== false)} />
						</div>
					)}
					<Leader rod={page.rod.uuid} worn={rig?.worn ?? false} tyings={page.tyings} />
					<p className="mt-3 text-[14px] text-slate">
						Lengths are drawn to scale, diameters are not. Estimates: compare, do not quote.
					</p>
				</div>
				{rig && (
					<aside aria-label="Beside it" className="border-rule bg-paper px-5 py-4 lg:border-l">
						<OtherRigs others={rig.others} />
						<Reaches rig={rig} />
						<Losses rig={rig} />
					</aside>
				)}
			</div>
		</AppLayout>
	);
}

/** What the page came with, until a reading or the lure is another; then the checks anew, the last ones until they are there. */
function useChecks(page: RigPage, live: Live): { rig: RigData | null; trouble: string | null } {
	const { chosen, fromLink, query } = live.answer;
	const moved = chosen !== null && live.answer !== page.answer;
	const asked = new URLSearchParams(fromLink ? query : "");
	asked.set("pick", chosen?.key ?? "");
	const { answer, trouble } = useAsk<RigData>(moved ? `/rig/checks?${asked}` : null, { again: live.answer });
	return moved ? { rig: answer ?? page.rig, trouble } : { rig: page.rig, trouble: null };
}

/** Tied anew with one tap once something wore it, and how it was before. */
function Leader({ rod, worn, tyings }: { rod: string; worn: boolean; tyings: HistoryData[] }) {
	const age = useAge();
	useWaitingHere("retie", () => router.reload());
	return (
		<div className="pt-3">
			{worn && <Retied rod={rod} />}
			<ul aria-label="Leader tied before">
				{tyings.map((tying) => (
					<li key={tying.at} className="py-1 text-[15px] text-slate">
						{tying.what}, {age(tying.at)}
					</li>
				))}
			</ul>
		</div>
	);
}

function Figures({ rig }: { rig: RigData }) {
	const figures = [
		[rig.starts, "lost of a lift"],
		[rig.hooksTo, "hooks to"],
		[rig.holds, say("{weakest} breaks first", { weakest: rig.weakest })],
	];
	return (
		<dl className="grid grid-cols-3 border-y border-rule py-2">
			{figures.map(([figure, word]) => (
				<div key={word} className="flex flex-col-reverse justify-end">
					<dt className="text-[15px] text-slate">{word}</dt>
					<dd className="figure text-[25px]">{figure}</dd>
				</div>
			))}
		</dl>
	);
}
