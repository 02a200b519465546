import { useEffect, useRef, useState } from "react";
import { keepSaid, said } from "../outbox/device";
import { send } from "../parts/send";
import type { AnswerData, ColumnData, OutingData } from "../types";
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
 * The pick of what is on the rod in hand, where that is another than the server last spoke of: as it was said when that
 * rod was in hand, or fetched before it was tied on. Null while the server's own is right; empty where none is known.
 */
export function usePicks(angler: number, { outing, column }: Answer, shown: OutingData): Picked | null {
	useEffect(() => {
		if (!outing.setup) return;
		const { pick, rig, counts, move, worked, minutesPerDrop } = outing;
		const picked: Picked = { shown: { pick, rig, counts, move, worked, minutesPerDrop }, column };
		void keepSaid(angler, ofSetup(outing.setup), outing.asOf, picked);
	}, [angler, outing, column]);
	useAhead(angler, outing);
	// The same lure, worked the same, at another spot: what was said of it is right until the server says more.
	const same = inHand(shown) === inHand(outing) && shown.title === outing.title && shown.subtitle === outing.subtitle;
	const other = shown.setup !== outing.setup && !same;
	const key = other && shown.setup ? shown.setup : null;
	const [known, setKnown] = useState<{ setup: string; picked: Picked } | null>(null);
	useEffect(() => {
		if (!key) return;
		let late = false;
		const find = async () => {
			const found =
				(await said<Picked>(angler, ofSetup(key))) ??
				(await said<Picked>(angler, ofPick(`${shown.title} ${shown.subtitle}`)));
			if (!late && found) setKnown({ setup: key, picked: found.answer });
		};
		void find();
		return () => {
			late = true;
		};
	}, [angler, key, shown.title, shown.subtitle]);
	if (!other) return null;
	if (known && known.setup === shown.setup) return known.picked;
	return {
		shown: { pick: null, rig: null, counts: "", move: null, worked: outing.worked, minutesPerDrop: null },
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
				const answer = await send<AnswerData>(
					"GET",
					`/answer?${new URLSearchParams({ pick: step.key })}`,
					undefined,
					stop.signal,
				);
				if (answer.chosen?.key !== step.key) continue;
				const picked: Picked = {
					shown: {
						pick: answer.chosen,
						rig: null,
						counts: answer.chosen.cadenceSteps.join(", "),
						move: null,
						worked: null,
						minutesPerDrop: null,
					},
					column: answer.column,
				};
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
