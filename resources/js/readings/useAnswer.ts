import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useId, useMemo, useRef, useState } from "react";
import { NO_SIGNAL } from "../parts/kit";
import { queries, troubleOf } from "../parts/queries";
import { send } from "../parts/send";
import type { AnswerData } from "../types";
import { type Changes, useReadingUpdates } from "./useReadingUpdates";
import { useView, type View } from "./useView";

export interface Live extends Changes, View {
	answer: AnswerData;
	/** A refusal in words, by reading. */
	troubles: Record<string, string>;
	/** Keeps a lure in the list wherever it ranks; null lets it go. */
	keepInSight: (lureId: number | null) => void;
	/** Keeps instruments from changing a reading, or lets them again. */
	pin: (name: string, pinned: boolean) => void;
}

export type SetTroubles = (change: (all: Record<string, string>) => Record<string, string>) => void;

/** ms between two looks while instruments fill the readings, and once they have fallen silent. */
const looks = { live: 2_000, silent: 10_000 };

/**
 * Keeps readings and shows what follows from them. The last good answer stays until the next is there; an answer that a
 * later change has overtaken is dropped.
 */
export function useAnswer(initial: AnswerData, initialPick: string | null = null): Live {
	const id = useId();
	const key = useMemo(() => ["answer", id], [id]);
	const [troubles, setTroubles] = useState<Record<string, string>>({});
	const show = useCallback((next: AnswerData) => queries.setQueryData(key, next), [key]);
	const resend = useRef<() => Promise<void> | null>(() => null);
	const view = useView({ initial, initialPick, key, setTroubles, resend });
	const changes = useReadingUpdates({ key, view: view.now, setTroubles, show, callOff: view.callOff, resend });
	const feed = initial.feed;
	const busy = Object.keys(changes.pending).length > 0;
	const { data } = useQuery(
		{
			queryKey: key,
			queryFn: ({ signal }) => send<AnswerData>("GET", view.address(), undefined, signal),
			initialData: initial,
			refetchInterval: ({ state }) => {
				const heard = state.data?.feed ?? feed;
				return heard && !busy ? (heard.live ? looks.live : looks.silent) : false;
			},
		},
		queries,
	);
	const { letGo } = changes;
	useEffect(() => {
		show(initial);
		letGo();
	}, [initial, show, letGo]);
	const { look } = view;
	// A page that was kept is as it was; what this device can work out by itself is shown as it is now.
	useEffect(() => {
		const again = (event: Event) => {
			event.preventDefault();
			void look().catch(() => {});
		};
		window.addEventListener(NO_SIGNAL, again);
		return () => window.removeEventListener(NO_SIGNAL, again);
	}, [look]);
	const keepInSight = useCallback(
		async (lure: number | null) => {
			try {
				await send("PUT", "/pinned", { lure });
				await look();
			} catch (error) {
				setTroubles((all) => ({ ...all, pinned: troubleOf(error, "No connection: not pinned. Try again.") }));
			}
		},
		[look],
	);
	const pin = useCallback(
		async (name: string, pinned: boolean) => {
			try {
				show(await send<AnswerData>("PUT", "/readings/pin", { name, pinned }));
			} catch (error) {
				setTroubles((all) => ({ ...all, [name]: troubleOf(error, "No connection: not pinned. Try again.") }));
			}
		},
		[show],
	);
	return { ...changes, ...view, answer: data, troubles, keepInSight, pin };
}
