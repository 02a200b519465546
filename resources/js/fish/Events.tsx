import { useState } from "react";
import { Button } from "../parts/Button";
import { say, timeOf } from "../parts/words";
import { Picture } from "../pictures/Picture";
import type { EventData } from "../types";
import { inRuns } from "./runs";

/** Lines that are listed under the pads; the rest is with all of the outing. */
const LISTED = 12;

/** What it was, and on which rod where there are several. */
const named = ({ words, rodName }: EventData) => [words, rodName].filter(Boolean).join(", ");

/** What was just taken back, while it can be put back. */
export function TakenBack({ event, onPutBack }: { event: EventData; onPutBack: (uuid: string) => void }) {
	return (
		<p className="flex items-center justify-between gap-3 border-b border-rule text-[15px]">
			<span>
				Taken back: <s>{named(event)}</s>
			</span>
			<Button look="strong" size="normal" className="shrink-0" onClick={() => onPutBack(event.uuid)}>
				Put it back
			</Button>
		</p>
	);
}

interface Props {
	events: EventData[];
	onMend: (event: EventData) => void;
	/** Every single one, rather than the last lines. */
	all?: boolean;
}

function Many({ pictures }: Pick<EventData, "pictures">) {
	return (
		<span className="block text-slate">
			{pictures.length === 1 ? "1 picture" : say("{pictures} pictures", { pictures: pictures.length })}
		</span>
	);
}

function Thumbs({ event }: { event: EventData }) {
	return (
		<span className="flex flex-wrap gap-2 py-1">
			{event.pictures.map((picture) => (
				<Picture key={picture.uuid} picture={picture} alt={event.words} className="h-[108px] w-[144px] rounded-md" />
			))}
		</span>
	);
}

/** What was logged last, newest first: the last one, and those before it on a press. */
export function Events({ events, onMend, all = false }: Props) {
	const [before, setBefore] = useState(false);
	const runs = all ? events.map((event) => ({ event, words: named(event) })) : inRuns(events).slice(0, LISTED);
	return (
		<ul aria-label="Last events" className="mt-2 lg:max-h-none">
			{runs.slice(0, all || before ? undefined : 1).map(({ event, words }) => (
				<li key={event.uuid} className="grid grid-cols-[66px_1fr_auto] gap-2 border-b border-rule py-1.5 text-[15px]">
					<time dateTime={event.at} className="whitespace-nowrap text-slate">
						{timeOf(event.at)}
					</time>
					<span>
						<button type="button" onClick={() => onMend(event)} className="text-left underline underline-offset-4">
							{words}
						</button>
						{event.bite?.card && <span className="block text-rowan">{event.bite.card}</span>}
						{event.note && <span className="block text-slate">{event.note}</span>}
						{event.pictures.length > 0 && (all ? <Thumbs event={event} /> : <Many pictures={event.pictures} />)}
					</span>
					<span>
						{event.depthText}
						{event.computed && <span className="text-slate"> computed</span>}
					</span>
				</li>
			))}
			{!all && runs.length > 1 && (
				<li>
					<Button size="big" aria-expanded={before} onClick={() => setBefore(!before)}>
						{before ? "Only the last" : "Earlier"}
					</Button>
				</li>
			)}
			{events.length === 0 && <li className="py-2 text-slate">Nothing logged yet. Tap Drop each time it goes down.</li>}
		</ul>
	);
}
