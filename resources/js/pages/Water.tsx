import { Suspense, useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { Aside } from "../parts/Aside";
import { remember, remembered } from "../parts/address";
import { Cautions } from "../parts/Cautions";
import { onDemand } from "../parts/onDemand";
import { TabList, TabPart, Tabs } from "../parts/Tabs";
import { Troubles } from "../parts/Troubles";
import { TodayStrip } from "../places/TodayStrip";
import { LinkBanner } from "../readings/LinkBanner";
import { type Live, useAnswer } from "../readings/useAnswer";
import { AppLayout } from "../shell/AppLayout";
import type { GhostData, PickData, WaterPage } from "../types";
import { ReadingsBoard } from "../water/ReadingsBoard";

// Each part comes when it is looked at.
const AngleFix = onDemand(() => import("../water/AngleFix"));
const Calibrate = onDemand(() => import("../water/Calibrate"));
const Cast = onDemand(() => import("../water/Cast"));
const DropBoard = onDemand(() => import("../water/DropBoard"));
const Instruments = onDemand(() => import("../water/Instruments"));
const WeightChart = onDemand(() => import("../water/WeightChart"));

const views = [
	["readings", "Readings"],
	["drop", "The drop"],
	["chart", "Which weight where"],
	["angle", "My line leans"],
	["cast", "Cast"],
	["calibrate", "Measure"],
	["instruments", "Instruments"],
] as const;

/** Those about one lure of the box. */
const ofLure = ["drop", "angle", "cast", "calibrate"];

/** The Water station: where one is, every reading, and what follows for the drop. */
export default function Water(page: WaterPage) {
	const live = useAnswer(page.answer, remembered("pick"));
	const { answer } = live;
	const [view, setView] = useState(page.view);
	const picture = usePicture();
	const pick = answer.chosen;
	const open = (next: string) => {
		setView(next);
		remember("view", next);
	};
	return (
		<AppLayout
			title="Water"
			onPhone
			column={<AnswerColumn answer={answer} pick={pick} live={live} {...picture.shown} />}
		>
			<div className="px-4 py-4 lg:px-7">
				<LinkBanner live={live} trouble={page.trouble} />
				<div aria-live="polite">
					<h1 className="text-[25px]">{pick?.drop.spoken ?? "Read the water first"}</h1>
				</div>
				<Troubles troubles={live.troubles} />
				<Aside aside={answer.aside} />
				<Cautions cautions={answer.cautions} />
				<Tabs value={view} onChange={open} className="mt-3">
					<TabList
						label="Parts of the Water station"
						views={views}
						value={view}
						list="no-print gap-x-1 overflow-x-auto"
						name="min-h-11 shrink-0 px-3"
					/>
					<TabPart value="readings" className="pt-3">
						<ReadingsBoard live={live} places={page.places} spotId={page.spotId}>
							{page.today && <DayOfWater page={page} live={live} />}
						</ReadingsBoard>
					</TabPart>
					<TabPart value="chart" className="pt-3">
						<Suspense>
							<WeightChart live={live} />
						</Suspense>
					</TabPart>
					<TabPart value="instruments" className="pt-3">
						<Suspense>
							<Instruments live={live} />
						</Suspense>
					</TabPart>
					{pick && <OfLure page={page} live={live} pick={pick} picture={picture} />}
					{!pick && ofLure.includes(view) && (
						<p className="pt-4 text-slate">Put a lure in the box first; this part is about one of yours.</p>
					)}
				</Tabs>
			</div>
		</AppLayout>
	);
}

/** Light and tide where one is; the light that follows is offered, never set. */
function DayOfWater({ page, live }: { page: WaterPage; live: Live }) {
	const { today } = page;
	const light = live.answer.readings.light;
	if (!today) return null;
	const offers = today.lightNow !== null && !light?.pinned && light?.text !== today.lightNow;
	return (
		<div className="w-full pb-2 lg:w-[320px] lg:pb-0">
			<TodayStrip today={today} short onLight={offers ? (to) => live.change("light", to) : null} />
		</div>
	);
}

/** What the picture shows beside the drop: a second one, the sonar's circle, the fall. */
function usePicture() {
	const [ghost, setGhost] = useState<GhostData | null>(null);
	const [sonar, setSonar] = useState(false);
	const [fallRun, setFallRun] = useState(0);
	return {
		shown: { ghost, sonar, fallRun },
		onGhost: setGhost,
		onSonar: setSonar,
		onFall: () => setFallRun((run) => run + 1),
	};
}

interface OfLureProps {
	page: WaterPage;
	live: Live;
	pick: PickData;
	picture: ReturnType<typeof usePicture>;
}

function OfLure({ page, live, pick, picture }: OfLureProps) {
	const { shown, ...moves } = picture;
	const parts = {
		drop: <DropBoard live={live} pick={pick} lines={page.lines} sonar={shown.sonar} {...moves} />,
		angle: <AngleFix live={live} pick={pick} />,
		cast: <Cast live={live} pick={pick} depthUnit={live.answer.readings.depth?.unit ?? "ft"} />,
		calibrate: <Calibrate pick={pick} readings={live.answer.readings} measurements={page.measurements} />,
	};
	return Object.entries(parts).map(([view, part]) => (
		<TabPart key={view} value={view} className="pt-3">
			<Suspense>{part}</Suspense>
		</TabPart>
	));
}
