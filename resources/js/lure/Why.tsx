import { router } from "@inertiajs/react";
import { useState } from "react";
import { newId } from "../parts/send";
import type { PickData } from "../types";

interface Props {
	pick: PickData;
	first: boolean;
	underWay: boolean;
	onWay: (key: string) => void;
}

/** Why this one: the reasons with their points, the other school, what to change next, and the next action. */
export function Why({ pick, first, underWay, onWay }: Props) {
	const [sending, setSending] = useState(false);
	const [trouble, setTrouble] = useState<string | null>(null);
	const tieOn = () => {
		setSending(true);
		router.post(
			"/tie-on",
			{ uuid: newId(), lure: pick.lureId, hole: pick.hole, cadence: pick.cadence },
			{
				onError: (errors) => setTrouble(Object.values(errors)[0] ?? "That did not work."),
				onFinish: () => setSending(false),
			},
		);
	};
	return (
		<section
			aria-label="Why"
			className="contents border-l border-rule bg-paper lg:flex lg:min-h-0 lg:flex-col lg:overflow-hidden"
		>
			<div className="bg-paper px-5 pt-4 pb-4 lg:min-h-0 lg:flex-1 lg:overflow-y-auto lg:pb-0">
				<h2 className="text-[20px]">{first ? "Why the first one" : `Why the ${pick.spoken}`}</h2>
				<ul className="mt-2">
					{pick.reasons.map((reason) => (
						<li
							key={reason.rule}
							className="grid grid-cols-[38px_1fr] border-t border-rule py-[5px] text-[15px] leading-snug"
						>
							<span className={`figure ${reason.points < 0 ? "text-rowan" : "text-moss"}`}>{reason.pointsText}</span>
							<span>{reason.text}</span>
						</li>
					))}
					{pick.reasons.length === 0 && (
						<li className="border-t border-rule py-2 text-slate">No rule speaks for or against it.</li>
					)}
				</ul>
				{pick.otherSchool && <p className="mt-1 rounded-md bg-frost px-3 py-2 text-[15px]">{pick.otherSchool}</p>}
				<p className="mt-2 text-[15px]">{pick.patience}</p>
				{pick.ways.length > 0 && (
					<details className="mt-2 text-[15px]">
						<summary className="min-h-8 cursor-pointer underline underline-offset-4">Other ways with this lure</summary>
						<ul className="mt-1">
							{pick.ways.map((way) => (
								<li key={way.key} className="border-t border-rule">
									<button
										type="button"
										onClick={() => onWay(way.key)}
										className="flex min-h-10 w-full items-center justify-between gap-2 text-left"
									>
										<span>{way.words}</span>
										<span className="figure text-slate">{way.points}</span>
									</button>
								</li>
							))}
						</ul>
					</details>
				)}
			</div>
			<div className="sticky bottom-0 border-t border-rule bg-paper px-5 py-3">
				{trouble && (
					<p role="alert" className="pb-2 text-rowan">
						{trouble}
					</p>
				)}
				<button
					type="button"
					onClick={tieOn}
					disabled={sending}
					className="figure min-h-[47px] w-full rounded-md bg-ember text-[17px] text-on-ember"
				>
					{underWay ? "Tie this one on" : "Fish this one"}
				</button>
			</div>
		</section>
	);
}
