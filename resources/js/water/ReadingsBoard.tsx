import { type ReactNode, Suspense, useRef, useState } from "react";
import { Button } from "../parts/Button";
import { onDemand } from "../parts/onDemand";
import { useAge } from "../parts/useAge";
import { useAsk } from "../parts/useAsk";
import { useSettled } from "../parts/useSettled";
import { choiceAddress } from "../readings/choiceAddress";
import { ReadingCell } from "../readings/ReadingCell";
import { FIRST } from "../readings/ReadingsStrip";
import { toCell } from "../readings/toCell";
import type { Live } from "../readings/useAnswer";
import type { PlaceData, ReadingData, SecondLookData } from "../types";

const OpenedSpots = onDemand(() => import("./OpenedSpots"));
const KeepSpot = onDemand(() => import("./KeepSpot"));

interface Props {
	live: Live;
	places: PlaceData[];
	spotId: number | null;
	/** Beside the spot: its day. */
	children?: ReactNode;
}

/** The readings that move the choice first and large, the rest by group, each group opened by a press. */
export function ReadingsBoard({ live, places, spotId, children }: Props) {
	const board = useRef<HTMLDivElement>(null);
	const settled = useSettled();
	const age = useAge();
	const readings = Object.values(live.answer.readings);
	const first = FIRST.flatMap((name) => live.answer.readings[name] ?? []);
	const groups = [...new Set(readings.map((reading) => reading.group))];
	const second = useAsk<SecondLookData>(settled ? choiceAddress("/second-look", live.answer) : null, {
		again: live.answer.query,
	});
	const tips = second.stale ? null : second.answer?.tips;
	const ageOf = ({ readAt, sourceWords, source }: ReadingData) => {
		if (!readAt) return sourceWords;
		return source === "measured" ? age(readAt) : `${sourceWords}, ${age(readAt)}`;
	};
	const cell = (reading: ReadingData, large = false) => (
		<ReadingCell
			key={reading.name}
			reading={reading}
			live={live}
			large={large}
			tip={large ? tips?.[reading.name] : undefined}
			tipped={large}
			onMove={(by) => toCell(board.current, reading.name, by)}
			age={ageOf(reading)}
		/>
	);
	return (
		<div ref={board}>
			<div className="flex flex-wrap items-center justify-between gap-x-4">
				<Where places={places} spotId={spotId} />
				{children}
			</div>
			<section
				aria-label="What moves the choice"
				className="grid grid-cols-2 border-t border-rule max-lg:[&>:nth-child(2n)]:border-r-0 lg:grid-cols-4 lg:[&>:nth-child(4n)]:border-r-0"
			>
				{first.map((reading) => cell(reading, true))}
			</section>
			{groups.map((title) => {
				const rest = readings.filter((reading) => reading.group === title && !FIRST.includes(reading.name));
				return (
					rest.length > 0 && (
						<Group key={title} title={title} readings={rest} live={live}>
							{rest.map((reading) => cell(reading))}
						</Group>
					)
				);
			})}
			{settled && live.answer.signs.length > 0 && (
				<ul aria-live="polite" className="border-t border-rule py-2">
					{live.answer.signs.map((sign) => (
						<li key={sign}>{sign}</li>
					))}
				</ul>
			)}
			{settled && (
				<p className="border-t border-rule pt-2 text-[14px] text-slate">
					Arrow keys step a reading, Enter opens it. What isn&rsquo;t read is ignored.
				</p>
			)}
		</div>
	);
}

/** A word that is chosen speaks for itself; a figure, or yes, needs its name. */
function inShort({ label, shown, options }: ReadingData): string {
	return options.length > 0 && shown !== "yes" ? shown : shown === "yes" ? label : `${label} ${shown}`;
}

interface GroupProps {
	title: string;
	readings: ReadingData[];
	live: Live;
	children: ReactNode;
}

/** A group of readings: what of it is read in one line, all of it on a press. */
function Group({ title, readings, live, children }: GroupProps) {
	const [pressed, setPressed] = useState(false);
	const open = pressed || readings.some(({ name }) => live.troubles[name]);
	const read = readings.filter(({ source, shown }) => source !== "missing" && shown !== "no").map(inShort);
	return (
		<section aria-label={title} className="border-t border-rule">
			<h2>
				<button
					type="button"
					aria-expanded={open}
					onClick={() => setPressed(!open)}
					className="flex min-h-12 w-full items-center gap-x-4 text-left"
				>
					<span className="figure w-[92px] shrink-0 text-[16px]">{title}</span>
					<span className="min-w-0 flex-1 truncate text-[15px] font-normal text-slate">
						{!open && (read.join(" · ") || "not read")}
					</span>
					<span aria-hidden="true">{open ? "▴" : "▾"}</span>
				</button>
			</h2>
			{open && (
				<div className="grid grid-cols-2 pb-2 max-lg:[&>:nth-child(2n)]:border-r-0 lg:grid-cols-5 lg:[&>:nth-child(5n)]:border-r-0">
					{children}
				</div>
			)}
		</section>
	);
}

/** Which water and which spot; what is known of it becomes today's. */
function Where({ places, spotId }: { places: PlaceData[]; spotId: number | null }) {
	const [naming, setNaming] = useState<boolean | null>(null);
	const [choosing, setChoosing] = useState(false);
	const here = places.flatMap((place) => place.spots).find((spot) => spot.id === spotId);
	const look =
		"flex min-h-12 min-w-[260px] items-center justify-between gap-3 rounded-md border-2 border-slate bg-paper px-3 text-left font-semibold";
	const closed = (
		<button
			type="button"
			role="combobox"
			aria-label="Water and spot"
			aria-expanded={false}
			aria-haspopup="listbox"
			onClick={() => setChoosing(true)}
			className={look}
		>
			<span>{here?.name ?? "Which water and spot?"}</span>
			<span aria-hidden="true">▾</span>
		</button>
	);
	return (
		<div className="flex flex-wrap items-center gap-3 pb-2">
			{choosing ? (
				<Suspense fallback={closed}>
					<OpenedSpots places={places} spotId={spotId} className={look} />
				</Suspense>
			) : (
				closed
			)}
			<Button look="strong" size="normal" onClick={() => setNaming(true)}>
				Keep this as a spot
			</Button>
			<Suspense>{naming !== null && <KeepSpot open={naming} onOpenChange={setNaming} />}</Suspense>
		</div>
	);
}
