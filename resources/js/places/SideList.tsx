import { router, useForm } from "@inertiajs/react";
import { type ReactNode, Suspense, useRef, useState } from "react";
import { Button, FileLink } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { onDemand } from "../parts/onDemand";
import { newId, send } from "../parts/send";
import { dayOf, say } from "../parts/words";
import type { PlacedMarkData, PlacedSpotData, PlacesPage, WaterSheetData } from "../types";
import { ForecastFrom } from "./ForecastFrom";
import { LookList } from "./LookList";
import { TodayStrip } from "./TodayStrip";
import { fewer, type Point, pairs } from "./view";

const SonarGuide = onDemand(() => import("./SonarGuide"));

interface Props {
	page: PlacesPage;
	/** How much of each line was fished today, and what bit there. */
	covered: string[];
	look: number | null;
	onLook: (index: number) => void;
	onSpot: (spot: PlacedSpotData) => void;
	onMark: (mark: PlacedMarkData) => void;
	onWater: () => void;
	onNew: () => void;
	/** Shows the bottom below a line that was drawn. */
	onBelow: (line: Point[]) => void;
	children: ReactNode;
}

/** Beside the chart: where to look, the day, spots and marks, the water itself. */
export function SideList({ page, covered, look, onLook, onSpot, onMark, onWater, onNew, onBelow, children }: Props) {
	const { water, today } = page;
	const [reading, setReading] = useState(false);
	if (!water) return null;
	return (
		<section
			aria-label="Where and when"
			className="border-rule bg-paper px-5 py-4 lg:overflow-y-auto lg:border-l print:overflow-visible print:border-0"
		>
			{page.looks.length > 0 && (
				<>
					<h2 className="pb-1 text-[20px]">Look here first</h2>
					<LookList looks={page.looks} shown={look} onShow={onLook} />
					{page.shore && <p className="mt-1 text-[14px] text-slate">{page.shore}</p>}
				</>
			)}
			{page.looks.length === 0 && (
				<p>Record soundings, bring a track in, or lay depths by hand. Walls, ledges and humps come from them.</p>
			)}
			<Button look="aside" className="no-print" onClick={() => setReading(true)}>
				How to read the sonar
			</Button>
			<Suspense>{reading && <SonarGuide onClose={() => setReading(false)} />}</Suspense>
			<div className="no-print mt-5">{children}</div>
			{today && (
				<section aria-label="Today" className="mt-6">
					<h2 className="pb-1 text-[20px]">Today</h2>
					<TodayStrip
						today={today}
						onForecast={(readings) => {
							void send("PUT", "/readings", { readings }).then(() => router.reload());
						}}
					/>
					<FileLink href={`/places/${water.id}/windows.ics`}>The next two weeks as a calendar</FileLink>
				</section>
			)}
			<section aria-label="Spots and marks" className="mt-6">
				<h2 className="pb-1 text-[20px]">Spots and marks</h2>
				<ul>
					{page.spots.map((spot) => (
						<Row
							key={spot.id}
							name={spot.name}
							words={[
								spot.depth,
								spot.bottomWord,
								spot.here ? "you are here" : "",
								spot.x === null ? "not on the chart" : "",
							]}
							onOpen={() => onSpot(spot)}
						/>
					))}
					{page.marks.map((mark) => (
						<Row key={mark.uuid} name={mark.word} words={[mark.words, dayOf(mark.at)]} onOpen={() => onMark(mark)} />
					))}
				</ul>
				{page.edges.length > 0 && <Lines page={page} onBelow={onBelow} />}
			</section>
			<section aria-label="This water" className="mt-6">
				<h2 className="pb-1 text-[20px]">{water.name}</h2>
				<p className="text-[15px] text-slate">{water.looked}</p>
				<Level water={water} />
				<ForecastFrom water={water} />
				<p className="no-print mt-1 flex flex-wrap gap-x-5">
					<Button onClick={onWater}>Change this water</Button>
					<Button onClick={onNew}>Another water</Button>
				</p>
			</section>
			{covered.length > 0 && (
				<section aria-label="Fished today" className="mt-6">
					<h2 className="pb-1 text-[20px]">Fished today</h2>
					<ul className="text-[15px]">
						{covered.map((words) => (
							<li key={words}>{words}</li>
						))}
					</ul>
				</section>
			)}
		</section>
	);
}

function Row({ name, words, onOpen }: { name: string; words: string[]; onOpen: () => void }) {
	return (
		<li className="border-b border-rule">
			<button type="button" onClick={onOpen} className="min-h-11 w-full py-1 text-left">
				<b className="inline-block first-letter:uppercase">{name}</b>
				<span className="block text-[14px] text-slate">{words.filter(Boolean).join(" · ")}</span>
			</button>
		</li>
	);
}

/** Lines that were drawn, each to be taken away. */
function Lines({ page, onBelow }: { page: PlacesPage; onBelow: (line: Point[]) => void }) {
	// One plan for each line, however often it is pressed.
	const plans = useRef(new Map<string, string>());
	const planOf = (uuid: string) => {
		const id = plans.current.get(uuid) ?? newId();
		plans.current.set(uuid, id);
		return id;
	};
	return (
		<details className="mt-1 text-[15px]">
			<summary className="min-h-11 cursor-pointer py-2 underline underline-offset-4">
				{say("{edges|# line|# lines} drawn", { edges: page.edges.length })}
			</summary>
			<ul>
				{page.edges.map((edge) => (
					<li key={edge.uuid} className="flex items-center justify-between gap-3 border-t border-rule">
						<span>
							{edge.name || edge.word}
							<span className="block text-[14px] text-slate">
								{[
									edge.word,
									say("seen {seenOn}", { seenOn: dayOf(edge.seenOn) }),
									edge.lee.length > 0 ? "partly in the lee" : "",
								]
									.filter(Boolean)
									.join(" · ")}
							</span>
						</span>
						<span className="flex shrink-0 gap-x-4">
							<Button
								aria-label={say("The bottom below {edge}", { edge: edge.name || edge.word })}
								onClick={() => onBelow(fewer(pairs(edge.points)))}
							>
								Below
							</Button>
							{edge.kind !== "shore" && (
								<Button
									aria-label={say("Lay out casts along {edge}", { edge: edge.name || edge.word })}
									onClick={() => router.post(`/edges/${edge.uuid}/plan`, { uuid: planOf(edge.uuid) })}
								>
									Casts
								</Button>
							)}
							<Button
								look="aside"
								aria-label={say("Take {edge} off the chart", { edge: edge.name || edge.word })}
								onClick={() => router.delete(`/edges/${edge.uuid}`, { preserveScroll: true, preserveState: true })}
							>
								Take off
							</Button>
						</span>
					</li>
				))}
			</ul>
		</details>
	);
}

/** How the water stands now, above or below the zero of the chart; where there is a tide, that says it. */
function Level({ water }: { water: WaterSheetData }) {
	const form = useForm({ level: water.level });
	if (water.tidal) return null;
	return (
		<form
			className="no-print mt-2"
			noValidate
			onSubmit={(event) => {
				event.preventDefault();
				form.put(`/waters/${water.id}/level`, { preserveScroll: true, preserveState: true });
			}}
		>
			<label className="flex items-center gap-2 text-[15px]">
				Level now
				<input
					value={form.data.level}
					placeholder="-1.2 ft"
					aria-invalid={form.errors.level ? true : undefined}
					onChange={(event) => form.setData("level", event.target.value)}
					className="min-h-11 w-24 rounded-md border-2 border-slate bg-paper px-2 aria-[invalid]:border-rowan"
				/>
				<Button type="submit" look="soft">
					Read
				</Button>
			</label>
			<Trouble words={form.errors.level} />
		</form>
	);
}
