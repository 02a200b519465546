import { useState } from "react";
import { BITE_PHASE, FLEW } from "../kinds";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";
import { optionsOf } from "../parts/options";
import { plainText, plainTexts } from "../parts/plainText";
import { useDraft } from "../parts/useDraft";
import { Pictures } from "../pictures/Pictures";
import type { EventData, LoggedBiteData } from "../types";
import { momentOf } from "./moment";
import { OfFish } from "./OfFish";
import { TagCard } from "./TagCard";
import type { OutingLog } from "./useOuting";

interface Props {
	/** Uuid. */
	outing: string;
	event: EventData;
	onClose: () => void;
	log: Pick<OutingLog, "amend" | "takeBack">;
	/** Its pictures on the server are others. */
	onPictures?: () => void;
}

type Draft = LoggedBiteData & { count: string; depth: string };

/** Mends what was logged: when and where it came, which fish it was, what became of it; whether a lure stayed down. */
export function EventEditor({ outing, event, onClose, log, onPictures }: Props) {
	const { bite } = event;
	const [typed, change, letGo] = useDraft(`event ${event.uuid}`, {
		draft: bite && ({ ...bite, count: "", depth: "" } as Draft),
		lureLost: event.lureLost ?? false,
		time: clockOf(event.at),
		note: event.note,
		flown: event.flew,
	});
	const { draft, lureLost, time, note, flown } = typed;
	const [sure, setSure] = useState(false);
	const set = (changes: Partial<Draft>) => draft && change({ draft: { ...draft, ...plainTexts(changes) } });
	const close = () => {
		letGo();
		onClose();
	};
	const couldLose = event.lureLost !== null && !draft?.landed;
	const keep = () => {
		const at = time === clockOf(event.at) ? null : momentOf(time, dayEnd(event.at));
		log.amend(event.uuid, {
			...(draft && bite ? changesOf(draft, bite) : {}),
			...(event.lureLost === null ? {} : { lure_lost: couldLose && lureLost }),
			...(flown === event.flew ? {} : { flew: flown || null }),
			...(at ? { at: at.toISOString() } : {}),
			...(note === event.note ? {} : { note }),
		});
		close();
	};
	return (
		<Dialog open onOpenChange={(open) => !open && close()} title={event.words}>
			<form
				noValidate
				onSubmit={(submitted) => {
					submitted.preventDefault();
					keep();
				}}
			>
				{draft && <Where draft={draft} set={set} known={event.depthText} />}
				{draft?.fish && <OfFish draft={draft} set={set} />}
				{flown !== null && (
					<Choice
						label="How it flew"
						value={flown}
						onChange={(how) => change({ flown: how })}
						options={optionsOf(FLEW)}
					/>
				)}
				{couldLose && <LureLost lost={lureLost} onChange={(lost) => change({ lureLost: lost })} snag={!draft} />}
				<div className="mt-5 grid grid-cols-[120px_1fr] gap-x-3">
					<Field label="When" type="time" value={time} onChange={(changed) => change({ time: changed.target.value })} />
					<Field
						label="Note"
						value={note}
						maxLength={500}
						onChange={(changed) => change({ note: plainText(changed.target.value) })}
					/>
				</div>
				{draft?.fish && (
					<Pictures
						shown={{ of: "event", thing: event.uuid, outing }}
						pictures={event.pictures}
						onChange={onPictures}
					/>
				)}
				{draft?.tag && <TagCard event={event} bite={draft} />}
				<div className="mt-4 grid grid-cols-2 gap-2.5">
					<Button type="submit" look="next" size="big">
						Keep
					</Button>
					<Button
						look="danger"
						size="big"
						onClick={() => {
							if (!sure) {
								setSure(true);
								return;
							}
							log.takeBack(event.uuid);
							close();
						}}
					>
						{sure ? "Yes, take it away" : "Take it away"}
					</Button>
				</div>
			</form>
		</Dialog>
	);
}

/** "14:20" */
function clockOf(iso: string): string {
	const at = new Date(iso);
	return [at.getHours(), at.getMinutes()].map((part) => String(part).padStart(2, "0")).join(":");
}

/** The last moment that is of the same day as another, or now. */
function dayEnd(iso: string): number {
	const end = new Date(iso);
	end.setHours(23, 59, 59, 999);
	return Math.min(end.getTime(), Math.max(Date.now(), Date.parse(iso)));
}

/** What was changed, as the server takes it: what was left alone may have been mended elsewhere. */
function changesOf(now: Draft, before: LoggedBiteData): Record<string, unknown> {
	const all: Record<string, [unknown, boolean]> = {
		came: [now.came || null, now.came !== before.came],
		count: [now.count, now.count !== ""],
		depth: [now.depth, now.depth !== ""],
		species: [now.species, now.species !== before.species],
		length: [now.length, now.length !== before.length],
		girth: [now.girth, now.girth !== before.girth],
		scale: [now.scale, now.scale !== before.scale],
		landed: [now.landed, now.landed !== before.landed],
		hook: [now.hook || null, now.hook !== before.hook],
		held: [now.held || null, now.held !== before.held],
		bent: [now.bent, now.bent !== before.bent],
		lost_at: [now.landed ? null : now.lostAt || null, now.lostAt !== before.lostAt || now.landed !== before.landed],
		kept: [now.kept === "kept", now.kept !== before.kept],
		tag: [now.tag, now.tag !== before.tag],
		tag_contact: [now.tagContact, now.tagContact !== before.tagContact],
	};
	return Object.fromEntries(
		Object.entries(all).flatMap(([name, [value, changed]]) => (changed ? [[name, value]] : [])),
	);
}

interface WhereProps {
	draft: Draft;
	set: (changes: Partial<Draft>) => void;
	known: string;
}

/** When in the drop, and how deep. */
function Where({ draft, set, known }: WhereProps) {
	return (
		<>
			<Choice
				label="When it bit"
				value={draft.came}
				onChange={(where) => set({ came: where })}
				options={optionsOf(BITE_PHASE)}
			/>
			<div className="mt-4 grid grid-cols-2 gap-x-3">
				<Field
					label="Or at count"
					placeholder="7"
					inputMode="decimal"
					value={draft.count}
					onChange={(changed) => set({ count: changed.target.value })}
				/>
				<Field
					label="Or at depth"
					placeholder={known || "not known"}
					value={draft.depth}
					onChange={(changed) => set({ depth: changed.target.value })}
				/>
			</div>
		</>
	);
}

/** Whether the lure stayed down: then it leaves the box and the rod. */
function LureLost({ lost, onChange, snag }: { lost: boolean; onChange: (lost: boolean) => void; snag: boolean }) {
	return (
		<>
			<Choice
				label="The lure"
				value={lost ? "lost" : "freed"}
				onChange={(what) => onChange(what === "lost")}
				options={[
					["freed", snag ? "came free" : "came back"],
					["lost", "is lost"],
				]}
			/>
			<p className="mt-1.5 text-slate">
				{lost ? "It leaves the box and the rod; tie the next one on." : "It stays in the box and on the rod."}
			</p>
		</>
	);
}
