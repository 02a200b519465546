import { Link, usePage } from "@inertiajs/react";
import { useEffect, useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { PickList } from "../lure/PickList";
import { Why } from "../lure/Why";
import { Troubles } from "../parts/Troubles";
import { LinkBanner } from "../readings/LinkBanner";
import { ReadingsStrip } from "../readings/ReadingsStrip";
import { useAnswer } from "../readings/useAnswer";
import { Shell } from "../shell/Shell";
import type { AnswerData } from "../types";

interface Props {
	answer: AnswerData;
	trouble: string | null;
	outing: { uuid: string; place: string } | null;
}

export default function Lure({ answer: initial, trouble, outing }: Props) {
	const { url } = usePage();
	const live = useAnswer(initial, new URLSearchParams(url.split("?")[1] ?? "").get("pick"));
	const { answer } = live;
	const known = [...answer.picks, ...(answer.chosen ? [answer.chosen] : [])];
	const pick = known.find((one) => one.key === live.pick) ?? answer.picks[0] ?? null;
	const list = answer.picks.map((one) => (pick && one.lureId === pick.lureId ? pick : one));
	return (
		<Shell
			title="Lure"
			column={<AnswerColumn answer={answer} pick={pick} live={live} />}
			strip={<ReadingsStrip live={live} />}
		>
			<div className="flex min-h-full flex-col lg:grid lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<LinkBanner live={live} trouble={trouble} />
					<div aria-live="polite">
						<h1 className="text-[23px] lg:text-[25px]">{answer.headline}</h1>
						<p className="mt-1 text-slate">{answer.lead}</p>
						{pick && pick.cadenceSteps.length > 0 && (
							<p className="mt-1">
								<b>{pick.cadenceWord}:</b> {pick.cadenceSteps.join(", ")}.
							</p>
						)}
					</div>
					{answer.wanted && (
						<p className="mt-1 text-[15px] text-slate">
							Most help now: read the {answer.wanted}. The rules that need it stay silent.
						</p>
					)}
					<Troubles troubles={live.troubles} />
					<Cautions cautions={answer.warnings} />
					<div className="mt-3">
						<PickList picks={list} selected={pick?.key ?? null} onSelect={live.choose} />
					</div>
					{answer.boxCount === 0 && (
						<Link
							href="/tackle"
							className="figure mt-4 inline-flex min-h-12 items-center rounded-md bg-ember px-6 text-on-ember"
						>
							Put in your first lure
						</Link>
					)}
					{answer.boxCount > answer.picks.length && answer.picks.length > 0 && (
						<p className="mt-3 text-[14px] text-slate">
							The best {answer.picks.length} of {answer.boxCount} lures. Angles and seconds are estimates until you time
							a drop.
						</p>
					)}
				</div>
				{pick && (
					<Why pick={pick} first={pick.key === answer.picks[0]?.key} underWay={outing !== null} onWay={live.choose} />
				)}
			</div>
		</Shell>
	);
}

/** Shown once each, then put away for the day with a word. */
function Cautions({ cautions }: { cautions: string[] }) {
	const [away, setAway] = useState<string[]>([]);
	useEffect(() => {
		setAway(JSON.parse(sessionStorage.getItem("cautions seen") ?? "[]"));
	}, []);
	const left = cautions.filter((caution) => !away.includes(caution));
	if (left.length === 0) return null;
	const seen = () => {
		const all = [...away, ...left];
		sessionStorage.setItem("cautions seen", JSON.stringify(all));
		setAway(all);
	};
	return (
		<div className="mt-2 flex items-start justify-between gap-3 border-l-4 border-brass bg-brass-pale px-3 py-2 text-[15px]">
			<div>
				{left.map((caution) => (
					<p key={caution}>{caution}</p>
				))}
			</div>
			<button type="button" onClick={seen} className="min-h-8 shrink-0 font-semibold underline underline-offset-4">
				Seen
			</button>
		</div>
	);
}
