import { useEffect, useState } from "react";
import { EVENT_KIND, FLEW } from "../kinds";
import { Button } from "../parts/Button";
import * as clock from "../parts/clock";
import { optionsOf } from "../parts/options";
import { say } from "../parts/words";
import type { EventData, OutingData } from "../types";
import { TakenBack } from "./Events";
import { RunBetween } from "./RunBetween";
import type { OutingLog } from "./useOuting";

/** ms for which something is asked about. */
const LATELY = 120_000;

/** ms after a fish within which being back down matters. */
const SCHOOL_STAYS = 600_000;

/** What just happened asks for a moment: back down after a fish, one bite or two, how a foul cast flew, what was taken back. */
export function JustNow({ outing, log }: { outing: OutingData; log: OutingLog }) {
	const [newest] = outing.events;
	const merged = outing.takenBack.find(({ became }) => became !== null && became === newest?.uuid);
	const taken = outing.takenBack.find(({ became }) => became === null);
	const foul = newest && EVENT_KIND[newest.kind].flies && newest.flew === "" && outing.pick?.drop.cast ? newest : null;
	return (
		<>
			<BackDown events={outing.events} />
			<RunBetween outing={outing} onRest={log.restBetween} />
			{merged && (
				<p className="flex items-center justify-between gap-3 border-b border-rule text-[15px]">
					<span>The bite before was this fish: it counts once.</span>
					<Button look="strong" className="shrink-0" onClick={() => log.putBack(merged.uuid)}>
						There were two
					</Button>
				</p>
			)}
			{foul && <HowItFlew key={foul.uuid} foul={foul} onSay={(how) => log.amend(foul.uuid, { flew: how })} />}
			{taken && <TakenBack event={taken} onPutBack={log.putBack} />}
		</>
	);
}

/** Whether that was only a moment ago; looks again by itself. */
function useLately(at: string | null, within: number): number | null {
	const [now, setNow] = useState(() => clock.now());
	const ago = at === null ? null : now - Date.parse(at);
	const open = ago !== null && ago < within;
	useEffect(() => {
		if (at === null) return;
		const look = () => {
			setNow(clock.now());
			if (clock.now() - Date.parse(at) >= within) window.clearInterval(timer);
		};
		const timer = window.setInterval(look, 1_000);
		look();
		return () => window.clearInterval(timer);
	}, [at, within]);
	return open ? Math.max(0, ago) : null;
}

/** Seconds since a fish was off the hook, until something goes down again: the longer, the sooner the school is gone. */
function BackDown({ events }: { events: EventData[] }) {
	const last = events.find(({ kind }) => EVENT_KIND[kind].fish || EVENT_KIND[kind].drop);
	const ago = useLately(last && EVENT_KIND[last.kind].fish ? last.over : null, SCHOOL_STAYS);
	if (ago === null) return null;
	const seconds = Math.floor(ago / 1000);
	const clockText = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
	return (
		<p role="timer" className="border-b border-rule py-1.5 text-[17px]">
			<strong className="figure">{say("Back down: {clockText}", { clockText })}</strong>{" "}
			<span className="text-slate">One fish often means more. Partner: keep your lure beside it.</span>
		</p>
	);
}

/** Two opinions of what fouls a cast: the record tells which it is. */
function HowItFlew({ foul, onSay }: { foul: EventData; onSay: (how: string) => void }) {
	if (useLately(foul.at, LATELY) === null) return null;
	return (
		<div className="flex flex-wrap items-center gap-x-4 border-b border-rule text-[15px]">
			<span>How did it fly?</span>
			{optionsOf(FLEW).map(([how, word]) => (
				<Button key={how} look="strong" size="big" onClick={() => onSay(how)}>
					{word}
				</Button>
			))}
		</div>
	);
}
