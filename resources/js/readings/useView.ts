import type { QueryKey } from "@tanstack/react-query";
import { type RefObject, useCallback, useRef, useState } from "react";
import { remember } from "../parts/address";
import { queries, troubleOf } from "../parts/queries";
import { ask } from "../parts/send";
import type { AnswerData } from "../types";
import type { SetTroubles } from "./useAnswer";

/** What is looked at of an answer: one way to fish, and one family or all. */
export interface Looked {
	pick: string | null;
	family: string | null;
}

export interface View {
	/** Shows the drop of another way to fish a lure. */
	choose: (pick: string) => void;
	pick: string | null;
	/** Lists only a family; null lists all. */
	narrow: (family: string | null) => void;
}

interface Props {
	initial: AnswerData;
	initialPick: string | null;
	key: QueryKey;
	setTroubles: SetTroubles;
	/** Sends what is not answered yet once more, with what is looked at; null when all is answered. */
	resend: RefObject<() => Promise<void> | null>;
}

interface Own extends View {
	now: RefObject<Looked>;
	/** The address of the answer as it is looked at now. */
	address: () => string;
	/** Asks for it; one that is on its way is called off. */
	look: () => Promise<void>;
	callOff: () => void;
}

/** Which way to fish and which family of the answer are looked at, kept in the address. */
export function useView({ initial, initialPick, key, setTroubles, resend }: Props): Own {
	const [pick, setPick] = useState(initialPick);
	const now = useRef<Looked>({ pick: initialPick, family: initial.family });
	const current = useCallback(() => queries.getQueryData<AnswerData>(key) ?? initial, [key, initial]);
	const address = useCallback(() => {
		const { fromLink, query } = current();
		const asked = new URLSearchParams(fromLink ? query : "");
		if (now.current.pick) asked.set("pick", now.current.pick);
		if (now.current.family) asked.set("family", now.current.family);
		return `/answer?${asked}`;
	}, [current]);
	const onItsWay = useRef<AbortController | null>(null);
	const callOff = useCallback(() => onItsWay.current?.abort(), []);
	const look = useCallback(async () => {
		callOff();
		const resent = resend.current();
		if (resent) return resent;
		onItsWay.current = new AbortController();
		const { signal } = onItsWay.current;
		try {
			const next = await ask<AnswerData>(address(), signal);
			if (!signal.aborted) queries.setQueryData(key, next);
		} catch (error) {
			if (!signal.aborted) throw error;
		}
	}, [address, callOff, key, resend]);
	const choose = useCallback(
		async (wanted: string) => {
			const before = now.current.pick;
			const show = (shown: string | null) => {
				setPick(shown);
				now.current.pick = shown;
				remember("pick", shown);
			};
			show(wanted);
			if (current().chosen?.key === wanted) return;
			setTroubles(({ pick: _, ...others }) => others);
			try {
				await look();
			} catch (error) {
				if (now.current.pick !== wanted) return;
				const words = troubleOf(error, "No connection: that one cannot be shown now. Tap it again.");
				setTroubles((all) => ({ ...all, pick: words }));
				show(before);
			}
		},
		[current, look, setTroubles],
	);
	const narrow = useCallback(
		async (family: string | null) => {
			now.current.family = family;
			remember("family", family);
			await look().catch(() => {});
		},
		[look],
	);
	return { pick, now, address, look, callOff, choose, narrow };
}
