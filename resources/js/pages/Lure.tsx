import { Link, usePage } from "@inertiajs/react";
import { Suspense, useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { Families } from "../lure/Families";
import { LureHead } from "../lure/LureHead";
import { EmptyBox, MoreLures } from "../lure/MoreLures";
import { OtherSchools } from "../lure/OtherSchools";
import { PickList } from "../lure/PickList";
import { Aside } from "../parts/Aside";
import { Cautions } from "../parts/Cautions";
import { onDemand } from "../parts/onDemand";
import { Troubles } from "../parts/Troubles";
import { useAsk } from "../parts/useAsk";
import { useSettled } from "../parts/useSettled";
import { dayOf, say } from "../parts/words";
import { choiceAddress } from "../readings/choiceAddress";
import { LinkBanner } from "../readings/LinkBanner";
import { ReadingsStrip } from "../readings/ReadingsStrip";
import { type Live, useAnswer } from "../readings/useAnswer";
import { AppLayout } from "../shell/AppLayout";
import type { AnswerData, GhostData, LurePage, SecondLookData } from "../types";

const Beside = onDemand(() => import("../lure/Beside"));

/** The Lure station: what to tie on, and why. */
export default function Lure({ answer: initial, trouble, tied, outing, severalRods }: LurePage) {
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
			onPhone
			column={<AnswerColumn answer={answer} pick={pick} live={live} ghost={ghost} />}
			strip={<ReadingsStrip live={live} tips={second?.tips ?? null} />}
		>
			<div className="flex min-h-full flex-col lg:grid lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<LinkBanner live={live} trouble={trouble} />
					<LureHead answer={answer} pick={pick} />
					<Troubles troubles={live.troubles} />
					<Aside aside={answer.aside} />
					<Cautions cautions={answer.cautions} />
					<div className="mt-2 mb-1 flex flex-wrap items-center justify-between gap-x-4">
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
					<PickList picks={answer.picks} selected={selected} pinned={answer.pinned} onSelect={live.choose}>
						{answer.picks.length > 0 && (
							<p className="mr-auto text-[14px] text-slate max-lg:order-last max-lg:basis-full">
								<Link href="/water?view=calibrate" className="underline underline-offset-4">
									Estimated
								</Link>
							</p>
						)}
						{answer.boxCount > answer.picks.length && <MoreLures answer={answer} onChoose={live.choose} />}
					</PickList>
					{answer.boxCount === 0 && <EmptyBox />}
					<ToldLater answer={answer} second={second} trouble={look.trouble} live={live} />
				</div>
				<Suspense fallback={<div className="border-l border-rule bg-paper" />}>
					{pick && settled && (
						<Beside
							live={live}
							pick={pick}
							second={second}
							trouble={look.trouble}
							tied={tied}
							outing={outing}
							severalRods={severalRods}
							onGhost={setGhost}
						/>
					)}
				</Suspense>
			</div>
		</AppLayout>
	);
}

interface ToldLaterProps {
	answer: AnswerData;
	second: SecondLookData | null;
	/** Why the second look is not there. */
	trouble: string | null;
	live: Live;
}

/** What the second look brings: below all that is pressed, so that nothing moves away under a thumb, and its place is kept. */
function ToldLater({ answer, second, trouble, live }: ToldLaterProps) {
	const wanted =
		second?.wanted ??
		(answer.wanted &&
			say("Most help now: read the {wanted}. The rules that need it stay silent.", { wanted: answer.wanted }));
	const any = answer.picks.length > 0;
	return (
		<div className={`mt-2 flex flex-col gap-y-1 text-[15px] ${any ? "min-h-[136px] lg:min-h-0" : ""}`}>
			{wanted && <p className="text-slate">{wanted}</p>}
			{any && <OtherSchools second={second} trouble={trouble} onWay={live.choose} />}
			{second?.before && (
				<details>
					<summary className="min-h-8 cursor-pointer">
						<b>Here before</b>
					</summary>
					<Link href={second.before.address} className="underline underline-offset-4">
						{dayOf(second.before.at)}: {second.before.words}
					</Link>
				</details>
			)}
		</div>
	);
}
