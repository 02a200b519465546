import { Tabs } from "radix-ui";
import { Suspense, useEffect, useRef, useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { Aside } from "../parts/Aside";
import { remember, remembered } from "../parts/address";
import { Cautions } from "../parts/Cautions";
import { onDemand } from "../parts/onDemand";
import { Troubles } from "../parts/Troubles";
import { LinkBanner } from "../readings/LinkBanner";
import { useAnswer } from "../readings/useAnswer";
import { AppLayout } from "../shell/AppLayout";
import type { AnswerData, GhostData, MeasurementData, PlaceData } from "../types";
import type { LineChoice } from "../water/DropBoard";
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

interface Props {
	answer: AnswerData;
	trouble: string | null;
	view: string;
	places: PlaceData[];
	spotId: number | null;
	lines: LineChoice[];
	measurements: MeasurementData[];
}

export default function Water({
	answer: initial,
	trouble,
	view: firstView,
	places,
	spotId,
	lines,
	measurements,
}: Props) {
	const live = useAnswer(initial, remembered("pick"));
	const { answer } = live;
	const [view, setView] = useState(firstView);
	const [ghost, setGhost] = useState<GhostData | null>(null);
	const [sonar, setSonar] = useState(false);
	const [fallRun, setFallRun] = useState(0);
	const tabs = useRef<HTMLDivElement>(null);
	// On a phone the open part's name may lie outside the strip.
	useEffect(() => {
		const [list, tab] = [tabs.current, tabs.current?.querySelector(`[data-view="${view}"]`)];
		if (list && tab) {
			const [strip, name] = [list.getBoundingClientRect(), tab.getBoundingClientRect()];
			list.scrollLeft += name.left + name.width / 2 - strip.left - strip.width / 2;
		}
	}, [view]);
	const pick = answer.chosen;
	const open = (next: string) => {
		setView(next);
		remember("view", next);
	};
	return (
		<AppLayout
			title="Water"
			column={<AnswerColumn answer={answer} pick={pick} live={live} ghost={ghost} sonar={sonar} fallRun={fallRun} />}
		>
			<div className="px-4 py-4 lg:px-7">
				<LinkBanner live={live} trouble={trouble} />
				<div aria-live="polite">
					<h1 className="text-[25px]">{pick?.drop.spoken ?? "Read the water first"}</h1>
				</div>
				<Troubles troubles={live.troubles} />
				<Aside aside={answer.aside} />
				<Cautions cautions={answer.cautions} />
				<Tabs.Root value={view} onValueChange={open} className="mt-3">
					<Tabs.List
						ref={tabs}
						aria-label="Parts of the Water station"
						className="no-print flex gap-x-1 overflow-x-auto border-b border-rule"
					>
						{views.map(([value, name]) => (
							<Tabs.Trigger
								key={value}
								value={value}
								data-view={value}
								className="min-h-11 shrink-0 border-b-[3px] border-transparent px-3 whitespace-nowrap text-slate focus-visible:-outline-offset-3 data-[state=active]:border-ink data-[state=active]:font-bold data-[state=active]:text-ink"
							>
								{name}
							</Tabs.Trigger>
						))}
					</Tabs.List>
					<Tabs.Content value="readings" tabIndex={-1} className="pt-3">
						<ReadingsBoard live={live} places={places} spotId={spotId} />
					</Tabs.Content>
					<Tabs.Content value="chart" tabIndex={-1} className="pt-3">
						<Suspense>
							<WeightChart live={live} />
						</Suspense>
					</Tabs.Content>
					<Tabs.Content value="instruments" tabIndex={-1} className="pt-3">
						<Suspense>
							<Instruments live={live} />
						</Suspense>
					</Tabs.Content>
					{pick && (
						<>
							<Tabs.Content value="drop" tabIndex={-1} className="pt-3">
								<Suspense>
									<DropBoard
										live={live}
										pick={pick}
										lines={lines}
										sonar={sonar}
										onSonar={setSonar}
										onGhost={setGhost}
										onFall={() => setFallRun((run) => run + 1)}
									/>
								</Suspense>
							</Tabs.Content>
							<Tabs.Content value="angle" tabIndex={-1} className="pt-3">
								<Suspense>
									<AngleFix live={live} pick={pick} />
								</Suspense>
							</Tabs.Content>
							<Tabs.Content value="cast" tabIndex={-1} className="pt-3">
								<Suspense>
									<Cast live={live} pick={pick} depthUnit={answer.readings.depth?.unit ?? "ft"} />
								</Suspense>
							</Tabs.Content>
							<Tabs.Content value="calibrate" tabIndex={-1} className="pt-3">
								<Suspense>
									<Calibrate pick={pick} measurements={measurements} />
								</Suspense>
							</Tabs.Content>
						</>
					)}
					{!pick && view !== "readings" && view !== "chart" && view !== "instruments" && (
						<p className="pt-4 text-slate">Put a lure in the box first; this part is about one of yours.</p>
					)}
				</Tabs.Root>
			</div>
		</AppLayout>
	);
}
