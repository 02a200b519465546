import { router } from "@inertiajs/react";
import { useCallback, useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { WaterColumn } from "../drop/WaterColumn";
import { BareRod } from "../fish/BareRod";
import { EndOuting, Forgotten } from "../fish/EndOuting";
import { EventEditor } from "../fish/EventEditor";
import { Events } from "../fish/Events";
import { FishOn } from "../fish/FishOn";
import { OutingHead } from "../fish/OutingHead";
import { Pads } from "../fish/Pads";
import { PlanLine } from "../fish/PlanLine";
import { TouchPad } from "../fish/TouchPad";
import { useOuting } from "../fish/useOuting";
import { Button, ButtonLink } from "../parts/Button";
import { AppLayout } from "../shell/AppLayout";
import { useKeys } from "../shell/useKeys";
import type { AnswerData, EventData, FishPage, OutingData, PlanData } from "../types";

/** The outing under way, logged. */
export default function Fish({ outing, answer, plan, reopen }: FishPage) {
	if (outing) return <UnderWay outing={outing} answer={answer} plan={plan} />;
	return (
		<AppLayout title="Fish" column={<AnswerColumn answer={answer} />}>
			<div className="max-w-[56ch] px-4 py-6 lg:px-7">
				<h1 className="text-[25px]">No outing is under way</h1>
				<p className="mt-2 text-slate">
					Choose what to tie on; the outing starts with it, and drops, touches and fish are logged here.
				</p>
				<ButtonLink href="/lure" look="next" size="big" className="mt-5">
					Choose a lure
				</ButtonLink>
				{reopen && (
					<Button
						look="plain"
						size="big"
						className="mt-3 block"
						onClick={() => router.delete(`/outings/${reopen.value}/end`)}
					>
						Go on with {reopen.word}
					</Button>
				)}
			</div>
		</AppLayout>
	);
}

interface Props {
	outing: OutingData;
	answer: AnswerData;
	plan: PlanData | null;
}

function UnderWay({ outing: first, answer, plan }: Props) {
	const refresh = useCallback(() => router.reload({ only: ["outing", "answer", "plan"] }), []);
	const log = useOuting(first, answer.column, refresh);
	const { outing } = log;
	const [fishOn, setFishOn] = useState(false);
	const [touching, setTouching] = useState(false);
	const [mending, setMending] = useState<EventData | null>(null);
	const logging = {
		d: () => void log.log({ kind: "drop" }),
		t: () => setTouching(true),
		f: () => setFishOn(true),
		...Object.fromEntries(outing.pads.map(({ kind, key }) => [key, () => void log.log({ kind })])),
	};
	useKeys({ ...(outing.setup ? logging : {}), u: () => void log.undo() });
	return (
		<AppLayout
			title="Fish"
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
					<OutingHead outing={outing} log={log} />
					<PlanLine plan={plan} />
					<Forgotten outing={outing} />
					<Events events={outing.events} onMend={setMending} />
				</div>
				{outing.setup ? (
					<Pads outing={outing} log={log} onTouch={() => setTouching(true)} onFish={() => setFishOn(true)} />
				) : (
					<BareRod outing={outing} />
				)}
				<EndOuting uuid={outing.uuid} />
			</div>
			<FishOn open={fishOn} onOpenChange={setFishOn} outing={outing} fields={log.fields} onLog={log.log} />
			{mending && <EventEditor event={mending} onClose={() => setMending(null)} onMended={log.settle} />}
			<TouchPad open={touching} onOpenChange={setTouching} onLog={log.log} />
		</AppLayout>
	);
}
