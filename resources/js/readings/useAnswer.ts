import { useCallback, useEffect, useRef, useState } from "react";
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
				const next = await send<AnswerData>("PUT", "/readings", { readings: sent, pick: pickNow.current }, mine.signal);
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

	const choose = useCallback(
		async (key: string) => {
			setPick(key);
			pickNow.current = key;
			const address = new URL(window.location.href);
			address.searchParams.set("pick", key);
			window.history.replaceState(window.history.state, "", address);
			const shown = [...answer.picks, ...(answer.chosen ? [answer.chosen] : [])];
			if (shown.some((one) => one.key === key)) return;
			const next = await send<AnswerData>("GET", `/answer?${new URLSearchParams({ pick: key })}`).catch(() => null);
			if (next && pickNow.current === key) setAnswer(next);
		},
		[answer],
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
			const query = pickNow.current ? `?${new URLSearchParams({ pick: pickNow.current })}` : "";
			const next = await send<AnswerData>("GET", `/answer${query}`).catch(() => null);
			if (next && running.current === before && Object.keys(unsaved.current).length === 0) setAnswer(next);
		};
		const timer = window.setInterval(look, feed ? 2_000 : 10_000);
		return () => window.clearInterval(timer);
	}, [feed]);

	return { answer, pending, troubles, change, changeMany, choose, pick, pin };
}
