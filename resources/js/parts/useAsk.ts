import { startTransition, useEffect, useState } from "react";
import { Refused, send } from "./send";

interface Asked<T> {
	answer: T | null;
	trouble: string | null;
	/** Whether the answer shown is to an earlier question. */
	stale: boolean;
}

/** Long enough to let a held key repeat, short enough not to be felt. */
const pause = 40;

/** Asks an address whenever it changes, shortly after the last change; the last good answer stays until the next is there. */
export function useAsk<T>(url: string | null, again: unknown = null): Asked<T> {
	const [asked, setAsked] = useState<Asked<T>>({ answer: null, trouble: null, stale: false });
	// biome-ignore lint/correctness/useExhaustiveDependencies: `again` is there to ask the same address anew
	useEffect(() => {
		if (url === null) return;
		const mine = new AbortController();
		setAsked((last) => ({ ...last, stale: true }));
		const timer = window.setTimeout(async () => {
			try {
				const answer = await send<T>("GET", url, undefined, mine.signal);
				startTransition(() => setAsked({ answer, trouble: null, stale: false }));
			} catch (error) {
				if (mine.signal.aborted) return;
				const trouble = error instanceof Refused ? error.message : "No connection. The last answer is shown.";
				setAsked((last) => ({ ...last, trouble, stale: true }));
			}
		}, pause);
		return () => {
			window.clearTimeout(timer);
			mine.abort();
		};
	}, [url, again]);
	return asked;
}
