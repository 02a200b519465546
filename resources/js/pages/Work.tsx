import { Link } from "@inertiajs/react";
import { useEffect, useRef, useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { Aside } from "../parts/Aside";
import { remember, remembered } from "../parts/address";
import { keep, kept } from "../parts/kept";
import { TabList, TabPart, Tabs } from "../parts/Tabs";
import { Troubles } from "../parts/Troubles";
import { useAsk } from "../parts/useAsk";
import { say } from "../parts/words";
import { Plans } from "../plans/Plans";
import { LinkBanner } from "../readings/LinkBanner";
import { ReadingsStrip } from "../readings/ReadingsStrip";
import { type Live, useAnswer } from "../readings/useAnswer";
import { AppLayout } from "../shell/AppLayout";
import type { TouchedData, WorkData, WorkPage } from "../types";
import { BackDown } from "../work/BackDown";
import { BiteDrill } from "../work/BiteDrill";
import { HourView } from "../work/HourView";
import { Practice } from "../work/Practice";
import { Ribbon } from "../work/Ribbon";
import { Touched } from "../work/Touched";
import { TrainerPanel } from "../work/TrainerPanel";
import { useGloves } from "../work/useGloves";
import { usePractice } from "../work/usePractice";
import { type Cues, useTrainer } from "../work/useTrainer";

/** The Work station: the cadence kept, practised, and what the hour goes into. */
export default function Work(page: WorkPage) {
	const live = useAnswer(page.answer, remembered("pick"));
	const { answer } = live;
	const raise = useRef<((heightM: number) => void) | null>(null);
	const { work, refused } = useWork(page, live);
	return (
		<AppLayout
			title="Work"
			onPhone
			column={<AnswerColumn answer={answer} pick={answer.chosen} live={live} raise={raise} />}
			strip={<ReadingsStrip live={live} />}
		>
			<div className="px-4 py-4 lg:px-7">
				<LinkBanner live={live} trouble={page.trouble} />
				<Troubles troubles={live.troubles} />
				<Aside aside={answer.aside} />
				{work && answer.chosen ? (
					<Kept page={page} work={work} pick={answer.chosen.key} spoken={answer.chosen.spoken} raise={raise} />
				) : (
					<>
						<h1 className="text-[23px]">{refused ?? "Put a lure in the box first"}</h1>
						<Plans plans={page.plans} kinds={page.kinds} />
					</>
				)}
			</div>
		</AppLayout>
	);
}

/** What the page came with, until a reading or the lure is another; then the timing anew, the last one until it is there. */
function useWork(page: WorkPage, live: Live): { work: WorkData | null; refused: string | null } {
	const { chosen, fromLink, query } = live.answer;
	const moved = chosen !== null && live.answer !== page.answer;
	const asked = new URLSearchParams(fromLink ? query : "");
	asked.set("pick", chosen?.key ?? "");
	const { answer, trouble } = useAsk<WorkData>(moved ? `/work/timing?${asked}` : null, { again: live.answer });
	return moved ? { work: answer ?? page.work, refused: trouble } : { work: page.work, refused: page.refused };
}

const views = [
	["how", "How it goes"],
	["practice", "Practice"],
	["plans", "Plans"],
	["bites", "Bites"],
	["hour", "The hour"],
] as const;

interface KeptProps {
	page: WorkPage;
	work: WorkData;
	pick: string;
	spoken: string;
	raise: React.RefObject<((heightM: number) => void) | null>;
}

function Kept({ page, work, pick, spoken, raise }: KeptProps) {
	const [cues, setCues] = useCues();
	const trainer = useTrainer(work, cues);
	const said = useGloves(trainer, work.headline, page.outing, page.rod);
	const practice = usePractice(pick, work);
	const [view, setView] = useState(() => remembered("view") ?? "how");
	const shown = views.some(([value]) => value === view) ? view : "how";
	const parts = useSeen(shown !== "how");
	const open = (next: string) => {
		setView(next);
		remember("view", next === "how" ? null : next);
	};
	return (
		<>
			<h1 className="text-[21px] lg:text-[25px]">{work.headline}</h1>
			<p className="mt-1 mb-2 text-slate">{say("With the {spoken}. {before}", { spoken, before: work.before })}</p>
			{work.ribbon.length > 0 && <Ribbon work={work} trainer={trainer} raise={raise} own={practice.last} />}
			<TrainerPanel work={work} trainer={trainer} cues={cues} onCues={setCues} />
			<p role="status" className="text-[15px] text-slate empty:hidden">
				{said}
			</p>
			<div ref={parts} />
			<Tabs value={shown} onChange={open} className="mt-1">
				<TabList
					label="Parts of the Work station"
					views={views}
					value={shown}
					list="gap-x-1 overflow-x-auto"
					name="min-h-11 shrink-0 px-3"
				/>
				<TabPart value="how">
					<HowItGoes work={work} touched={page.touched} />
				</TabPart>
				<TabPart value="practice">
					<Practice work={work} practice={practice} />
				</TabPart>
				<TabPart value="plans">
					<Plans plans={page.plans} kinds={page.kinds} />
				</TabPart>
				<TabPart value="bites">
					<BiteDrill work={work} />
				</TabPart>
				<TabPart value="hour">
					<HourView work={work} />
					<BackDown />
				</TabPart>
			</Tabs>
		</>
	);
}

/** On a phone a part that a link named is brought into sight. */
function useSeen(named: boolean) {
	const part = useRef<HTMLDivElement>(null);
	const first = useRef(named);
	useEffect(() => {
		if (first.current && window.innerWidth < 1024) part.current?.scrollIntoView();
	}, []);
	return part;
}

/** What the lure does, near and far, and what one does with it. */
function HowItGoes({ work, touched }: { work: WorkData; touched: TouchedData[] }) {
	return (
		<section aria-label="How it goes" className="mt-4 max-w-[70ch]">
			<h2 className="sr-only">How it goes</h2>
			<ul>
				{work.says.map((words) => (
					<li key={words} className="border-b border-rule py-1.5">
						{words}
					</li>
				))}
				<li className="border-b border-rule py-1.5">{say("Common mistake: {mistake}.", { mistake: work.mistake })}</li>
			</ul>
			<Link href="/cadences" className="inline-flex min-h-11 items-center underline underline-offset-4">
				{work.own ? "These are your own numbers" : "Change the numbers"}
			</Link>
			<Touched touched={touched} />
		</section>
	);
}

/** How the time is told, kept in this browser. */
function useCues(): [Cues, (cues: Cues) => void] {
	const [cues, setCues] = useState<Cues>(() => ({
		sound: true,
		buzz: true,
		voice: false,
		...kept<Partial<Cues>>("cues"),
	}));
	return [
		cues,
		(next) => {
			setCues(next);
			keep("cues", next);
		},
	];
}
