import { useEffect, useMemo, useRef, useState } from "react";
import { keyOf as wayOf } from "../outbox/day";
import { keepSaid, said } from "../outbox/device";
import type { OfflineAction, TiedOn } from "../outbox/offlineActions";
import { askHere, send } from "../parts/send";
import type { ColumnData, OutingData, PickData, WayShownData } from "../types";
import type { Answer } from "./useServerState";

/** What belongs to a lure on a rod: its drop, its ladder, its rig, and the picture of it. */
export interface Picked {
	shown: Pick<OutingData, "pick" | "rig" | "counts" | "move" | "worked" | "minutesPerDrop">;
	column: ColumnData;
}

const ofSetup = (setup: string) => `setup ${setup}`;
const inHand = ({ rods }: OutingData) => rods.find((one) => one.inHand)?.uuid;
const ofPick = (key: string) => `pick ${key}`;

/**
 * The pick of what is on the rod in hand, where that is another than the server last spoke of, or what is known of the water
 * has changed here since: as this device works it out, else as it was said when that rod was in hand, or fetched before it
 * was tied on. Null while the server's own is right; empty where none is known.
 */
export function usePicks(
	angler: number,
	{ outing, column }: Answer,
	shown: OutingData,
	pending: OfflineAction[],
): Picked | null {
	useEffect(() => {
		if (!outing.setup) return;
		void keepSaid(angler, ofSetup(outing.setup), outing.asOf, { shown: ofOuting(outing), column } satisfies Picked);
	}, [angler, outing, column]);
	useAhead(angler, outing);
	// The same lure, worked the same, at another spot: what was said of it is right until the server says more.
	const same = inHand(shown) === inHand(outing) && shown.title === outing.title && shown.subtitle === outing.subtitle;
	const other = shown.setup !== outing.setup && !same;
	const news = pending.filter((one) => one.do === "read" || one.do === "move").length;
	const setup = shown.setup && (other || news > 0) ? shown.setup : null;
	const way = useMemo(
		() => (setup ? (tiedAs(shown, pending) ?? (other ? null : (outing.pick?.key ?? null))) : null),
		[setup, shown, pending, other, outing.pick],
	);
	/** What was asked for: what is read or moved on to changes it. */
	const asked = setup && `${setup} after ${news}`;
	const [known, setKnown] = useState<{ setup: string; asked: string; picked: Picked } | null>(null);
	useEffect(() => {
		if (!setup || !asked) return;
		let late = false;
		const find = async () => {
			const here = way && (await onThisDevice(way));
			const found = here
				? null
				: ((await said<Picked>(angler, ofSetup(setup))) ??
					(await said<Picked>(angler, ofPick(`${shown.title} ${shown.subtitle}`))));
			const picked = here || found?.answer;
			if (!late && picked) setKnown({ setup, asked, picked });
		};
		void find();
		return () => {
			late = true;
		};
	}, [angler, setup, asked, way, shown.title, shown.subtitle]);
	if (setup && known?.setup === setup)
		return other ? known.picked : { ...known.picked, shown: { ...ofOuting(outing), pick: known.picked.shown.pick } };
	if (!other) return null;
	return {
		shown: { pick: null, rig: null, counts: "", move: null, worked: outing.worked, minutesPerDrop: null },
		column,
	};
}

const ofOuting = ({ pick, rig, counts, move, worked, minutesPerDrop }: OutingData): Picked["shown"] => ({
	pick,
	rig,
	counts,
	move,
	worked,
	minutesPerDrop,
});

/** The way to fish that is on the rod in hand, where it was tied on here; null where it was not. */
function tiedAs({ setup, title, subtitle }: OutingData, pending: OfflineAction[]): string | null {
	const tied = pending.findLast(
		(one): one is TiedOn =>
			// At another spot it goes on under another id.
			one.do === "tie_on" && (one.id === setup || (one.words === title && one.way === subtitle)),
	);
	return tied?.lure ? wayOf(tied) : null;
}

/** What this device works out of it by itself; null where it cannot. */
async function onThisDevice(key: string): Promise<Picked | null> {
	const way = await askHere<WayShownData>(wayTo(key)).catch(() => null);
	return way?.chosen?.key === key ? pickedOf(way, way.chosen) : null;
}

const wayTo = (key: string) => `/way?${new URLSearchParams({ pick: key })}`;

function pickedOf({ column }: WayShownData, pick: PickData): Picked {
	return {
		shown: {
			pick,
			rig: null,
			counts: pick.cadenceSteps.join(", "),
			move: null,
			worked: null,
			minutesPerDrop: null,
		},
		column,
	};
}

/** Fetches what the next steps of the ladder would show, while there is a connection, so that they can be tied on without. */
function useAhead(angler: number, outing: OutingData): void {
	const latest = useRef(outing);
	latest.current = outing;
	const keys = outing.pick?.ladder.map((step) => step.key).join(" ");
	useEffect(() => {
		const steps = keys === undefined ? undefined : latest.current.pick?.ladder;
		if (!steps) return;
		const stop = new AbortController();
		const fetchAll = async () => {
			for (const step of steps) {
				const way = await send<WayShownData>("GET", wayTo(step.key), undefined, stop.signal);
				if (way.chosen?.key !== step.key) continue;
				const picked = pickedOf(way, way.chosen);
				await keepSaid(angler, ofPick(`${step.title} ${step.subtitle}`), latest.current.asOf, picked);
			}
		};
		// Not before what is looked at is there.
		const timer = window.setTimeout(() => void fetchAll().catch(() => {}), 3_000);
		return () => {
			window.clearTimeout(timer);
			stop.abort();
		};
	}, [angler, keys]);
}
