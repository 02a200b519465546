import { useCallback, useEffect, useRef, useState } from "react";
import { remember } from "../parts/address";
import { Refused, send } from "../parts/send";
import type { AnswerData } from "../types";

export interface Live {
	answer: AnswerData;
	/** What was changed and is not answered yet, by name; null takes a reading away. */
	pending: Record<string, string | null>;
	/** A refusal in words, by reading. */
	troubles: Record<string, string>;
	change: (name: string, text: string | null) => void;
	changeMany: (texts: Record<string, string | null>) => void;
	/** Shows the drop of another way to fish a lure. */
	choose: (pick: string) => void;
	pick: string | null;
	/** Lists only a family; null lists all. */
	narrow: (family: string | null) => void;
	/** Keeps a lure in the list wherever it ranks; null lets it go. */
	keepInSight: (lureId: number | null) => void;
	/** Keeps instruments from changing a reading, or lets them again. */
	pin: (name: string, pinned: boolean) => void;
}

/**
 * Keeps readings and shows what follows from them. Each change is sent at once with everything not yet answered; an
 * answer that a later change has overtaken is dropped, and the last good one stays until the next is there.
 */
export function useAnswer(initial: AnswerData, initialPick: string | null = null): Live {
	const [answer, setAnswer] = useState(initial);
	const [pending, setPending] = useState<Record<string, string | null>>({});
	const [troubles, setTroubles] = useState<Record<string, string>>({});
	const [pick, setPick] = useState(initialPick);
	const unsaved = useRef<Record<string, string | null>>({});
	const pickNow = useRef(pick);
	const familyNow = useRef(initial.family);
	const running = useRef<AbortController | null>(null);

	useEffect(() => {
		setAnswer(initial);
		setPending({});
	}, [initial]);

	const changeMany = useCallback(
		async (texts: Record<string, string | null>) => {
			const linked = Object.values(answer.readings).filter((reading) => reading.source === "link");
			const adopted = Object.fromEntries(linked.map((reading) => [reading.name, reading.text]));
			unsaved.current = { ...adopted, ...unsaved.current, ...texts };
			const sent = unsaved.current;
			setPending(sent);
			setTroubles((all) => Object.fromEntries(Object.entries(all).filter(([name]) => !(name in texts))));
			running.current?.abort();
			const mine = new AbortController();
			running.current = mine;
			try {
				const next = await send<AnswerData>(
					"PUT",
					"/readings",
					{ readings: sent, pick: pickNow.current, family: familyNow.current },
					mine.signal,
				);
				if (running.current !== mine) return;
				unsaved.current = {};
				setPending({});
				setAnswer(next);
			} catch (error) {
				if (mine.signal.aborted) return;
				if (error instanceof Refused && error.status === 422) {
					for (const name of Object.keys(error.fields)) delete unsaved.current[name];
					setTroubles((all) => ({ ...all, ...error.fields }));
					setPending({});
					const rest = unsaved.current;
					unsaved.current = {};
					const left = Object.entries(rest).filter(([name]) => !(name in texts));
					if (left.length > 0) changeMany(Object.fromEntries(left));
				} else {
					const words =
						error instanceof Refused ? error.message : "No connection: not kept yet. It is sent with your next change.";
					setTroubles((all) => ({ ...all, ...Object.fromEntries(Object.keys(texts).map((name) => [name, words])) }));
				}
			}
		},
		[answer.readings],
	);

	const change = useCallback((name: string, text: string | null) => void changeMany({ [name]: text }), [changeMany]);

	const linked = answer.fromLink ? answer.query : "";
	/** The address of the answer as it is looked at now. */
	const address = useCallback(() => {
		const query = new URLSearchParams(linked);
		if (pickNow.current) query.set("pick", pickNow.current);
		if (familyNow.current) query.set("family", familyNow.current);
		return `/answer?${query}`;
	}, [linked]);

	const choose = useCallback(
		async (key: string) => {
			const before = pickNow.current;
			const show = (wanted: string | null) => {
				setPick(wanted);
				pickNow.current = wanted;
				remember("pick", wanted);
			};
			show(key);
			if (answer.chosen?.key === key) return;
			setTroubles(({ pick: _, ...others }) => others);
			try {
				const next = await send<AnswerData>("GET", address());
				if (pickNow.current === key) setAnswer(next);
			} catch (error) {
				if (pickNow.current !== key) return;
				const words =
					error instanceof Refused ? error.message : "No connection: that one cannot be shown now. Tap it again.";
				setTroubles((all) => ({ ...all, pick: words }));
				show(before);
			}
		},
		[answer.chosen, address],
	);

	const narrow = useCallback(
		async (family: string | null) => {
			familyNow.current = family;
			remember("family", family);
			const next = await send<AnswerData>("GET", address()).catch(() => null);
			if (next && familyNow.current === family) setAnswer(next);
		},
		[address],
	);

	const keepInSight = useCallback(
		async (lureId: number | null) => {
			try {
				await send("PUT", "/pinned", { lure: lureId });
				setAnswer(await send<AnswerData>("GET", address()));
			} catch (error) {
				const words = error instanceof Refused ? error.message : "No connection: not pinned. Try again.";
				setTroubles((all) => ({ ...all, pinned: words }));
			}
		},
		[address],
	);

	const pin = useCallback(async (name: string, pinned: boolean) => {
		try {
			setAnswer(await send<AnswerData>("PUT", "/readings/pin", { name, pinned }));
		} catch (error) {
			const words = error instanceof Refused ? error.message : "No connection: not pinned. Try again.";
			setTroubles((all) => ({ ...all, [name]: words }));
		}
	}, []);

	// While instruments fill the readings, look again and again; rarely once they have fallen silent.
	const feed = answer.feed?.live;
	useEffect(() => {
		if (feed === undefined) return;
		const look = async () => {
			if (document.visibilityState === "hidden" || Object.keys(unsaved.current).length > 0) return;
			const before = running.current;
			const next = await send<AnswerData>("GET", address()).catch(() => null);
			if (next && running.current === before && Object.keys(unsaved.current).length === 0) setAnswer(next);
		};
		const timer = window.setInterval(look, feed ? 2_000 : 10_000);
		return () => window.clearInterval(timer);
	}, [feed, address]);

	return { answer, pending, troubles, change, changeMany, choose, pick, narrow, keepInSight, pin };
}
