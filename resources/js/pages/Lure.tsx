import { Link, usePage } from "@inertiajs/react";
import { Suspense, useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { choiceAddress } from "../lure/choiceAddress";
import { Families } from "../lure/Families";
import { OtherSchools } from "../lure/OtherSchools";
import { PickList } from "../lure/PickList";
import { Aside } from "../parts/Aside";
import { Cautions } from "../parts/Cautions";
import { onDemand } from "../parts/onDemand";
import { Select } from "../parts/Select";
import { Troubles } from "../parts/Troubles";
import { useAsk } from "../parts/useAsk";
import { useSettled } from "../parts/useSettled";
import { LinkBanner } from "../readings/LinkBanner";
import { ReadingsStrip } from "../readings/ReadingsStrip";
import { useAnswer } from "../readings/useAnswer";
import { AppLayout } from "../shell/AppLayout";
import type { AnswerData, GhostData, SecondLookData, TiedData } from "../types";

const Beside = onDemand(() => import("../lure/Beside"));

interface Props {
	answer: AnswerData;
	trouble: string | null;
	/** What is on the line in the outing under way. */
	tied: TiedData | null;
}

export default function Lure({ answer: initial, trouble, tied }: Props) {
	const { url } = usePage();
	const live = useAnswer(initial, new URLSearchParams(url.split("?")[1] ?? "").get("pick"));
	const { answer } = live;
	const [ghost, setGhost] = useState<GhostData | null>(null);
	const settled = useSettled();
	const look = useAsk<SecondLookData>(settled ? choiceAddress("/second-look", answer) : null, { again: answer.query });
	const second = look.stale ? null : look.answer;
	const pick = answer.chosen;
	// One tapped is marked before its answer is there.
	const selected = answer.picks.find((one) => one.key === live.pick)?.key ?? pick?.key ?? null;
	return (
		<AppLayout
			title="Lure"
			column={<AnswerColumn answer={answer} pick={pick} live={live} ghost={ghost} />}
			strip={<ReadingsStrip live={live} tips={second?.tips ?? null} />}
		>
			<div className="flex min-h-full flex-col lg:grid lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<LinkBanner live={live} trouble={trouble} />
					<div aria-live="polite">
						<h1 className="text-[23px] lg:text-[25px]">{answer.headline}</h1>
						<p className="mt-1 text-slate">
							{answer.lead}
							{answer.angleHelps && (
								<>
									{" "}
									<Link href="/water?view=angle" className="text-ink underline underline-offset-4">
										My line leans
									</Link>
								</>
							)}
						</p>
						{pick && pick.cadenceSteps.length > 0 && (
							<p className="mt-1">
								<Link href="/cadences" className="font-bold underline underline-offset-4">
									{pick.cadenceWord}
								</Link>
								: {pick.cadenceSteps.join(", ")}.
							</p>
						)}
					</div>
					{answer.picks.length > 0 && <OtherSchools second={second} onWay={live.choose} />}
					{(second?.wanted ?? answer.wanted) && (
						<p className="mt-1 text-[15px] text-slate">
							{second?.wanted ?? `Most help now: read the ${answer.wanted}. The rules that need it stay silent.`}
						</p>
					)}
					<Troubles troubles={live.troubles} />
					<Aside aside={answer.aside} />
					<Cautions cautions={answer.cautions} />
					<div className="mt-2 flex flex-wrap items-center justify-between gap-x-4">
						<Families live={live} />
						{pick && (
							<Link
								href={`/boat-card?${new URLSearchParams({ pick: pick.key })}`}
								className="min-h-8 py-1 text-[15px] underline underline-offset-4"
							>
								Boat card
							</Link>
						)}
					</div>
					<PickList picks={answer.picks} selected={selected} pinned={answer.pinned} onSelect={live.choose} />
					{answer.boxCount === 0 && (
						<div className="mt-4 flex flex-wrap items-center gap-x-5 gap-y-2">
							<Link
								href="/tackle"
								className="figure inline-flex min-h-14 items-center rounded-md bg-ember px-6 text-on-ember lg:min-h-12"
							>
								Begin with a usual dozen
							</Link>
							<Link href="/tackle#first" className="min-h-11 py-2 underline underline-offset-4">
								Put in your first lure
							</Link>
						</div>
					)}
					{settled && answer.boxCount > answer.picks.length && answer.picks.length > 0 && (
						<div className="mt-3 flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
							<p className="text-[14px] text-slate">
								{answer.picks.length} of {answer.boxCount} lures. Angles and seconds are estimates until you time a
								drop.
							</p>
							<Select
								label="Ask about another"
								value=""
								options={[
									["", "Ask about another"],
									...answer.rack
										.filter((one) => !answer.picks.some((listed) => listed.lureId === one.lureId))
										.map((one) => [one.key, one.title] as const),
								]}
								onChange={(key) => key && live.choose(key)}
							/>
						</div>
					)}
				</div>
				<Suspense fallback={<div className="border-l border-rule bg-paper" />}>
					{pick && settled && <Beside live={live} pick={pick} second={second} tied={tied} onGhost={setGhost} />}
				</Suspense>
			</div>
		</AppLayout>
	);
}
