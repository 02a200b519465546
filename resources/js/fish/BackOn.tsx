import { useEffect, useRef, useState } from "react";
import { SURE_M } from "../figures";
import { Dialog } from "../parts/Dialog";
import { ask } from "../parts/send";
import { say } from "../parts/words";
import { type Position, wayOfLate } from "../phone/position";
import { useBoat } from "../places/useBoat";
import type { MarkedData, WayBackData } from "../types";

interface Props {
	water: number;
	mark: MarkedData;
	/** What is let down there; "" for nothing. */
	pick: string;
	position: Position;
	onDone: () => void;
}

/** How far, which turn, and from where to drift so that the lure passes it; kept current while the boat moves. */
export default function BackOn({ water, mark, pick, position, onDone }: Props) {
	const sure = position.fix !== null && position.fix.accuracy <= SURE_M && mark.lat !== null;
	return (
		<Dialog open onOpenChange={(open) => !open && onDone()} title={say("Back on the {word}", { word: mark.word })}>
			{sure ? <ByPhone mark={mark} pick={pick} position={position} /> : <ByInstruments water={water} mark={mark} />}
		</Dialog>
	);
}

/** With a signal or without: the phone's own fixes, and what it knows of the day. */
function ByPhone({ mark, pick, position }: Pick<Props, "mark" | "pick" | "position">) {
	const way = useWayBack(mark, pick, position.fix?.at ?? 0);
	if (!way) return <p className="min-h-[220px] pt-3 text-slate">One moment.</p>;
	return (
		<div className="min-h-[220px] pt-2">
			<div aria-live="polite" className="flex items-center gap-5">
				<Arrow degrees={way.arrowDeg} north={!way.isTurn} />
				<div>
					<p className="figure text-[56px] leading-none whitespace-nowrap">{way.away}</p>
					<p className="figure pt-1 text-[28px] leading-tight">{way.turn}</p>
				</div>
			</div>
			{way.start && <p className="pt-3 text-[19px]">{way.start}</p>}
		</div>
	);
}

/** The last way back that was told, asked anew with each fix: one question at a time. */
function useWayBack({ lat, lon }: MarkedData, pick: string, fixedAt: number): WayBackData | null {
	const [way, setWay] = useState<WayBackData | null>(null);
	const asking = useRef(false);
	useEffect(() => {
		if (asking.current || lat === null || lon === null || fixedAt === 0) return;
		asking.current = true;
		ask<WayBackData>("/way-back", undefined, { lat: `${lat}`, lon: `${lon}`, pick, fixes: wayOfLate() })
			.then(setWay)
			// The last one stands until the next is told.
			.catch(() => {})
			.finally(() => {
				asking.current = false;
			});
	}, [lat, lon, pick, fixedAt]);
	return way;
}

/** Where it lies from the bow; while the boat hardly moves, from north. */
function Arrow({ degrees, north }: { degrees: number | null; north: boolean }) {
	if (degrees === null) return null;
	return (
		<svg viewBox="-50 -50 100 100" className="w-[112px] shrink-0" aria-hidden="true">
			<circle r="48" fill="none" stroke="var(--rule)" strokeWidth="2" />
			{north && (
				<text y="-36" textAnchor="middle" fontSize="13" fill="var(--slate)">
					N
				</text>
			)}
			<path transform={`rotate(${degrees})`} d="M0 -30 L17 22 L0 12 L-17 22 Z" fill="var(--ember)" />
		</svg>
	);
}

function ByInstruments({ water, mark }: Pick<Props, "water" | "mark">) {
	const boat = useBoat(water, mark.uuid, null);
	return (
		<p aria-live="polite" className="figure mt-3 min-h-24 text-[21px]">
			{boat?.back?.words ?? "To be led back, use this phone or the boat's instruments."}
		</p>
	);
}
