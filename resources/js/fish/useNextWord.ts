import { useCallback, useEffect, useRef } from "react";
import { Refused, send } from "../parts/send";
import type { OutingNowData } from "../types";

/** ms within which another tap may follow: what the server makes of them is asked once. */
const PAUSE = 400;

/** ms after which it is asked again, where nothing answered. */
const AGAIN = 15_000;

/**
 * Asks the server what it makes of an outing after something arrived there; gives back how to have it asked.
 *
 * @param onGone when it is no outing of this angler's any more
 */
export function useNextWord(outing: string, settle: (word: OutingNowData) => void, onGone: () => void): () => void {
	const asking = useRef({ timer: 0, stop: new AbortController() });
	const ask = useCallback(
		(after: number) => {
			window.clearTimeout(asking.current.timer);
			asking.current.stop.abort();
			const stop = new AbortController();
			const now = async () => {
				try {
					settle(await send<OutingNowData>("GET", `/outings/${outing}/now`, undefined, stop.signal));
				} catch (error) {
					if (stop.signal.aborted) return;
					if (error instanceof Refused && error.status === 404) onGone();
					else ask(AGAIN);
				}
			};
			asking.current = { timer: window.setTimeout(() => void now(), after), stop };
		},
		[outing, settle, onGone],
	);
	useEffect(
		() => () => {
			window.clearTimeout(asking.current.timer);
			asking.current.stop.abort();
		},
		[],
	);
	return useCallback(() => ask(PAUSE), [ask]);
}
