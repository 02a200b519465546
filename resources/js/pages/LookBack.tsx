import { Link, router } from "@inertiajs/react";
import { Suspense } from "react";
import { DepthView } from "../lookback/DepthView";
import { Filters } from "../lookback/Filters";
import { Findings } from "../lookback/Findings";
import { useOpened } from "../lookback/inAddress";
import { RatesView } from "../lookback/RatesView";
import { SameDayView } from "../lookback/SameDayView";
import { SchoolsView } from "../lookback/SchoolsView";
import { SeasonColumn } from "../lookback/SeasonColumn";
import { SeasonView } from "../lookback/SeasonView";
import { StagesView } from "../lookback/StagesView";
import { Button, ButtonLink, FileLink } from "../parts/Button";
import { onDemand } from "../parts/onDemand";
import { TabList, TabPart, Tabs } from "../parts/Tabs";
import { dayOf, say } from "../parts/words";
import { AppLayout } from "../shell/AppLayout";
import type { LookBackPage } from "../types";

const PlaceView = onDemand(() => import("../lookback/PlaceView"));

const views = [
	["rates", "Rates"],
	["same-day", "Same day"],
	["stages", "Where fish are lost"],
	["depth", "Depth and phase"],
	["season", "Season"],
	["schools", "Schools"],
	["place", "Place"],
] as const;

/** What worked, said honestly: sentences first, each with its picture. */
export default function LookBack(page: LookBackPage) {
	const [view, open] = useOpened(
		views.map(([name]) => name),
		"rates",
	);
	return (
		<AppLayout
			title="Look back"
			columnName="The season's depths"
			column={<SeasonColumn outings={page.outings} unit={page.depthUnit} perM={page.depthPerM} />}
		>
			<div className="grid grid-cols-[minmax(0,1fr)] lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<h1 className="text-[21px] lg:text-[25px]">{page.headline}</h1>
					<p className="mt-1 text-slate">{page.under}</p>
					<Filters filters={page.filters} chosen={page.chosen} />
					<Tabs value={view} onChange={open} className="mt-4">
						<TabList
							label="Views"
							views={views}
							value={view}
							list="flex-wrap"
							name="min-h-12 px-2 text-[15px] first:pl-0 lg:min-h-11"
						/>
						<div className="pt-4">
							<TabPart value="rates">
								<RatesView rates={page.rates} factors={page.factors} />
							</TabPart>
							<TabPart value="same-day">
								<SameDayView pairs={page.pairs} compared={page.compared} />
							</TabPart>
							<TabPart value="stages">
								<StagesView stages={page.stages} factors={page.factors} />
							</TabPart>
							<TabPart value="depth">
								<DepthView outings={page.outings} unit={page.depthUnit} perM={page.depthPerM} />
							</TabPart>
							<TabPart value="season">
								<SeasonView outings={page.outings} />
							</TabPart>
							<TabPart value="schools">
								<SchoolsView schools={page.schools} />
							</TabPart>
							<TabPart value="place">
								<Suspense>
									<PlaceView />
								</Suspense>
							</TabPart>
						</div>
					</Tabs>
				</div>
				<aside aria-label="What else" className="border-rule bg-paper px-5 py-4 lg:overflow-y-auto lg:border-l">
					<h2 className="text-[20px]">What else the record says</h2>
					<Findings findings={page.findings} />
					{page.repeat && (
						<>
							<Button
								look="next"
								size="normal"
								className="mt-5"
								onClick={() => router.post(`/repeat/${page.repeat?.setup}`)}
							>
								{say("Repeat {at}", { at: dayOf(page.repeat.at) })}
							</Button>
							<p className="mt-1.5 text-[14px] text-slate">
								{say("{words}. Sets its readings, the counts of its cadence and its plan, and shows it on Lure. ", {
									words: page.repeat.words,
								})}
								<Link href={page.repeat.address} className="underline underline-offset-4">
									Only look
								</Link>
							</p>
						</>
					)}
					<p className="mt-6 flex flex-wrap gap-x-5">
						<ButtonLink href="/outings">Outings</ButtonLink>
						<ButtonLink href="/look-back/trust">Rules or record?</ButtonLink>
						<FileLink href={`/season.pdf?${new URLSearchParams(page.chosen)}`}>Season report, PDF</FileLink>
						<FileLink href={`/season.html?${new URLSearchParams(page.chosen)}`}>to print</FileLink>
					</p>
				</aside>
			</div>
		</AppLayout>
	);
}
