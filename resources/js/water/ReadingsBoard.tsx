import { type ReactNode, Suspense, useRef, useState } from "react";
import { Button } from "../parts/Button";
import { onDemand } from "../parts/onDemand";
import { useAge } from "../parts/useAge";
import { useSettled } from "../parts/useSettled";
import { ReadingCell } from "../readings/ReadingCell";
import type { Live } from "../readings/useAnswer";
import type { PlaceData } from "../types";

const OpenedSpots = onDemand(() => import("./OpenedSpots"));
const KeepSpot = onDemand(() => import("./KeepSpot"));

/** Groups that a phone shows before one scrolls. */
const SEEN_FIRST = 2;

interface Props {
	live: Live;
	places: PlaceData[];
	spotId: number | null;
	/** Beside the spot: its day. */
	children?: ReactNode;
}

/** Every reading, each with where it comes from and when. */
export function ReadingsBoard({ live, places, spotId, children }: Props) {
	const board = useRef<HTMLDivElement>(null);
	const settled = useSettled();
	const age = useAge();
	const readings = Object.values(live.answer.readings);
	const names = readings.map((reading) => reading.name);
	const groups = [...new Set(readings.map((reading) => reading.group))];
	const move = (from: string, by: number) => {
		const next = names[(names.indexOf(from) + by + names.length) % names.length];
		board.current?.querySelector<HTMLButtonElement>(`[data-reading="${next}"]`)?.focus();
	};
	return (
		<div ref={board}>
			<div className="flex flex-wrap items-center justify-between gap-x-4">
				<Where places={places} spotId={spotId} />
				{children}
			</div>
			{groups.slice(0, settled ? groups.length : SEEN_FIRST).map((title) => (
				<section key={title} aria-label={title} className="grid border-t border-rule lg:grid-cols-[92px_minmax(0,1fr)]">
					<h2 className="figure self-center pt-2 text-[16px] text-slate lg:pt-0">{title}</h2>
					<div className="grid grid-cols-2 max-lg:[&>:nth-child(2n)]:border-r-0 lg:grid-cols-5 lg:[&>:nth-child(5n)]:border-r-0">
						{readings
							.filter((reading) => reading.group === title)
							.map((reading) => (
								<ReadingCell
									key={reading.name}
									reading={reading}
									live={live}
									onMove={(by) => move(reading.name, by)}
									age={reading.readAt ? `${reading.sourceWords}, ${age(reading.readAt)}` : reading.sourceWords}
								/>
							))}
					</div>
				</section>
			))}
			{settled && live.answer.signs.length > 0 && (
				<ul aria-live="polite" className="border-t border-rule py-2">
					{live.answer.signs.map((sign) => (
						<li key={sign}>{sign}</li>
					))}
				</ul>
			)}
			{settled && (
				<p className="border-t border-rule pt-2 text-[14px] text-slate">
					Arrow keys change a reading by a step and move to the next; Enter or a tap opens it to type or choose. What is
					not read is ignored.
				</p>
			)}
		</div>
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
