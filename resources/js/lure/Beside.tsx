import { router } from "@inertiajs/react";
import { useState } from "react";
import { remember, remembered } from "../parts/address";
import { ButtonLink } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { Select } from "../parts/Select";
import { newId } from "../parts/send";
import { TabList, TabPart, Tabs } from "../parts/Tabs";
import { useMinutesSince } from "../parts/useMinutesSince";
import { say } from "../parts/words";
import type { Live } from "../readings/useAnswer";
import { type RodFor, useRodFor } from "../rods/useRodFor";
import type { GhostData, PickData, SecondLookData, TiedData } from "../types";
import { Compare } from "./Compare";
import { LadderSteps } from "./LadderSteps";
import { useTiedHere } from "./useTiedHere";
import { WhatIf } from "./WhatIf";
import { Why } from "./Why";

const views = [
	["why", "Why"],
	["ladder", "No bite"],
	["change", "What if"],
	["compare", "Compare"],
] as const;

interface Props {
	live: Live;
	pick: PickData;
	second: SecondLookData | null;
	/** Why there is no second look. */
	trouble: string | null;
	tied: TiedData | null;
	/** The outing under way; null between outings. */
	outing: string | null;
	severalRods: boolean;
	onGhost: (ghost: GhostData | null) => void;
}

/** Beside the list: why, the ladder, what would change it, a second lure; below them the next action. */
export default function Beside({ live, pick, second, trouble, tied: told, outing, severalRods, onGhost }: Props) {
	const { answer } = live;
	const tied = useTiedHere(told);
	const spent = useMinutesSince(tied?.key === pick.key ? tied.quietSince : null);
	const first = answer.rack[0]?.key ?? pick.key;
	const [view, setView] = useState(() => remembered("about") ?? "why");
	const shown = views.some(([value]) => value === view) ? view : "why";
	const open = (next: string) => {
		setView(next);
		remember("about", next === "why" ? null : next);
	};
	return (
		<section
			aria-label="About this pick"
			className="contents border-l border-rule bg-paper lg:flex lg:min-h-0 lg:flex-col lg:overflow-hidden"
		>
			<Tabs value={shown} onChange={open} className="flex min-h-0 flex-col bg-paper lg:flex-1">
				<TabList
					label="About this pick"
					views={views}
					value={shown}
					list="shrink-0 px-3"
					name="min-h-14 flex-1 px-1 text-[15px] lg:min-h-11"
				/>
				<div className="px-5 pt-3 lg:min-h-0 lg:flex-1 lg:overflow-y-auto">
					<TabPart value="why">
						<Why answer={answer} pick={pick} first={first} spent={spent} onWay={live.choose} />
					</TabPart>
					<TabPart value="ladder">
						<h2 className="text-[20px]">When nothing bites</h2>
						<p className="mt-1 pb-2 text-[14px] text-slate">
							{say("One thing at a time, from the {spoken}. Minutes by the rules, until your record says better.", {
								spoken: pick.spoken,
							})}
						</p>
						<LadderSteps steps={pick.ladder} spent={spent} onStep={live.choose} />
					</TabPart>
					<TabPart value="change">
						<WhatIf answer={answer} second={second} trouble={trouble} />
					</TabPart>
					<TabPart value="compare">
						<Compare answer={answer} pick={pick} onGhost={onGhost} />
					</TabPart>
				</div>
			</Tabs>
			<Next live={live} pick={pick} tied={tied} outing={outing} severalRods={severalRods} />
		</section>
	);
}

interface NextProps {
	live: Live;
	pick: PickData;
	tied: TiedData | null;
	outing: string | null;
	severalRods: boolean;
}

/** Ties it on, or keeps it in sight. */
function Next({ live, pick, tied, outing, severalRods }: NextProps) {
	const [sending, setSending] = useState(false);
	const [trouble, setTrouble] = useState<string | null>(null);
	const rodFor = useRodFor(live.answer, pick, severalRods);
	const on = rodFor.rod ? rodFor.rod.on : tied?.key === pick.key;
	const pinned = live.answer.pinned === pick.lureId;
	// With no signal it is kept on this device, and an outing begins with it where none is under way.
	const tieOnWithNoSignal = async (id: string) => {
		const { tieOnHere } = await import("../outbox/day");
		const { lureId: lure, hole, cadence, title: words, subtitle: way } = pick;
		await tieOnHere(outing, id, { rod: rodFor.rod?.uuid ?? null, lure, hole, cadence, words, way });
		window.location.assign("/fish");
	};
	const tieOn = () => {
		const uuid = newId();
		setSending(true);
		router.post(
			"/tie-on",
			{ uuid, lure: pick.lureId, hole: pick.hole, cadence: pick.cadence, rod: rodFor.rod?.uuid ?? null },
			{
				onError: (errors) => setTrouble(Object.values(errors)[0] ?? "That did not work."),
				onNetworkError: () => {
					void tieOnWithNoSignal(uuid).catch(() => setTrouble("No signal, and it could not be kept here. Try again."));
					return false;
				},
				onFinish: () => setSending(false),
			},
		);
	};
	return (
		<div className="sticky bottom-(--bar) border-t border-rule bg-paper px-5 py-3">
			<Trouble words={trouble} className="pb-2" />
			{severalRods && !rodFor.failed && <WhichRod rodFor={rodFor} />}
			<div className="flex gap-2">
				{on ? (
					<p className="flex min-h-14 flex-1 items-center justify-between text-[16px] lg:min-h-[47px]">
						<b>Already tied on</b>
						<ButtonLink href="/fish">Fish it</ButtonLink>
					</p>
				) : (
					<button
						type="button"
						onClick={tieOn}
						disabled={sending}
						className="figure min-h-14 flex-1 rounded-md bg-ember text-[17px] text-on-ember lg:min-h-[47px]"
					>
						{tied ? "Tie this one on" : "Fish this one"}
					</button>
				)}
				<button
					type="button"
					aria-pressed={pinned}
					onClick={() => live.keepInSight(pinned ? null : pick.lureId)}
					className="min-h-14 rounded-md border-2 border-slate px-3 text-[15px] font-semibold aria-pressed:border-ink
						aria-pressed:bg-ink aria-pressed:text-frost lg:min-h-[47px]"
				>
					{pinned ? "Pinned" : "Pin"}
				</button>
			</div>
		</div>
	);
}

/** The rod that needs the fewest changes; another can be chosen. Its place is kept while it is worked out. */
function WhichRod({ rodFor: { rods, rod, choose } }: { rodFor: RodFor }) {
	return (
		<div className="flex min-h-12 items-center gap-2 pb-2 text-[15px]">
			{rod && (
				<>
					<Select
						label="Rod to tie it on"
						value={rod.uuid}
						options={rods.map((one) => [one.uuid, one.name] as const)}
						onChange={choose}
					/>
					{!rod.on && <span className="leading-tight text-slate">{rod.words}</span>}
				</>
			)}
		</div>
	);
}
