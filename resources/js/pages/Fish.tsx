import { router } from "@inertiajs/react";
import { Suspense, useCallback, useEffect, useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { WaterColumn } from "../drop/WaterColumn";
import { BareRod } from "../fish/BareRod";
import { Crew } from "../fish/Crew";
import { Elsewhere } from "../fish/Elsewhere";
import { Ended, Forgotten } from "../fish/EndOuting";
import { Events } from "../fish/Events";
import { FishOn, fishDraft } from "../fish/FishOn";
import { Glance } from "../fish/Glance";
import { MarkHere } from "../fish/MarkHere";
import { More } from "../fish/More";
import { MoveTo } from "../fish/MoveTo";
import { NoOuting } from "../fish/NoOuting";
import { OutingHead } from "../fish/OutingHead";
import { Pads } from "../fish/Pads";
import { PlanLine } from "../fish/PlanLine";
import { TieOnPad } from "../fish/TieOnPad";
import { TouchPad } from "../fish/TouchPad";
import { useAlarm } from "../fish/useAlarm";
import { useBegun } from "../fish/useBegun";
import { useOuting } from "../fish/useOuting";
import { isOnBoard } from "../parts/kit";
import { onDemand } from "../parts/onDemand";
import { useHasDraft } from "../parts/useDraft";
import { useSettled } from "../parts/useSettled";
import { useScreenOn } from "../phone/screen";
import { useTrack } from "../phone/useTrack";
import { AppLayout } from "../shell/AppLayout";
import { TakeAlong } from "../shell/TakeAlong";
import { useKeys } from "../shell/useKeys";
import type { EventData, FishPage, OutingData, PlanData, SpotChoiceData, TieableData, TodayData } from "../types";

const EventEditor = onDemand(async () => ({ default: (await import("../fish/EventEditor")).EventEditor }));

/** The outing under way, logged. */
export default function Fish({ outing: told, blank, answer, plan, reopen, box, spots, takenAway, today }: FishPage) {
	const outing = useBegun(told, blank);
	// Before one goes out is when it can still be taken along.
	const [ashore] = useState(() => !isOnBoard());
	if (outing) {
		const here = outing === told;
		return (
			<UnderWay
				key={outing.uuid}
				outing={outing}
				answer={answer}
				plan={here ? plan : null}
				box={box}
				spots={spots}
				today={here ? today : null}
			/>
		);
	}
	return (
		<AppLayout title="Fish" onPhone column={<AnswerColumn answer={answer} />}>
			<NoOuting reopen={reopen} takenAway={takenAway} />
			{ashore && (
				<section aria-label="With no signal" className="max-w-[60ch] px-4 pb-6 lg:px-7">
					<TakeAlong />
				</section>
			)}
		</AppLayout>
	);
}

interface Props {
	outing: OutingData;
	answer: FishPage["answer"];
	plan: PlanData | null;
	box: TieableData[];
	spots: SpotChoiceData[];
	today: TodayData | null;
}

/** What is open over the pads. */
type Open = "touch" | "fish" | "change" | "move" | null;

function UnderWay({ outing: first, answer, plan, box, spots, today }: Props) {
	const refresh = useCallback(() => router.reload({ only: ["outing", "answer", "plan", "box", "spots", "today"] }), []);
	const log = useOuting(first, answer.column, refresh);
	const { outing } = log;
	useTrack(outing.endedAt ? null : outing.uuid);
	useScreenOn(!outing.endedAt);
	useAlarm(outing);
	const [open, setOpen] = useState<Open>(null);
	const settled = useSettled();
	const [mending, setMending] = useState<EventData | null>(null);
	// A fish half filled in is there again after the page was loaded anew, or one had to sign in.
	const halfFilled = useHasDraft(fishDraft(first.uuid));
	useEffect(() => {
		if (halfFilled) setOpen("fish");
	}, [halfFilled]);
	const close = (still: boolean) => !still && setOpen(null);
	const logging = {
		d: () => log.log({ kind: "drop" }),
		t: () => setOpen("touch"),
		f: () => setOpen("fish"),
		...Object.fromEntries(outing.pads.map(({ kind, key }) => [key, () => log.log({ kind })])),
	};
	useKeys({
		...(outing.setup && !outing.endedAt ? logging : {}),
		c: () => setOpen("change"),
		m: () => setOpen("move"),
		u: log.undo,
	});
	return (
		<AppLayout
			title="Fish"
			onPhone
			pads
			column={
				<WaterColumn
					column={log.column}
					drop={outing.pick?.drop ?? null}
					lure={outing.pick?.drawing ?? null}
					holeInUse={outing.pick?.holeIndex ?? null}
					title={outing.title.split(",")[0] ?? ""}
				/>
			}
		>
			<div className="grid gap-x-8 px-4 pt-1 pb-4 lg:h-full lg:grid-cols-[minmax(0,1fr)_372px] lg:px-7 lg:py-5">
				<div className="min-w-0">
					<OutingHead outing={outing} log={log} onMove={() => setOpen("move")} />
					<Elsewhere readings={outing.elsewhere} />
					{settled && (
						<>
							<MarkHere outing={outing} log={log} />
							<PlanLine plan={plan} log={log} />
							<Glance outing={outing} today={today} />
							<Forgotten outing={outing} />
							<Events events={outing.events} onMend={setMending} />
							{outing.crew && <Crew crew={outing.crew} />}
						</>
					)}
				</div>
				{outing.endedAt ? (
					<Ended outing={outing} waiting={log.waiting} />
				) : outing.setup ? (
					<Pads
						outing={outing}
						log={log}
						onTouch={() => setOpen("touch")}
						onFish={() => setOpen("fish")}
						onChange={() => setOpen("change")}
					/>
				) : (
					<BareRod outing={outing} log={log} onChange={() => setOpen("change")} />
				)}
				{settled && <More outing={outing} log={log} />}
			</div>
			{open === "fish" && <FishOn outing={outing} onClose={() => setOpen(null)} onLog={log.log} />}
			<Suspense>
				{mending && (
					<EventEditor
						outing={outing.uuid}
						event={mending}
						onClose={() => setMending(null)}
						log={log}
						onPictures={refresh}
					/>
				)}
			</Suspense>
			<TouchPad open={open === "touch"} onOpenChange={close} onLog={log.log} />
			<MoveTo open={open === "move"} onOpenChange={close} outing={outing} spots={spots} onMove={log.move} />
			<TieOnPad open={open === "change"} onOpenChange={close} outing={outing} box={box} onTieOn={log.tieOn} />
		</AppLayout>
	);
}
