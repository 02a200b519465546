import { useEffect, useRef, useState } from "react";
import type { OfflineAction } from "./offlineActions";
import { watchHere } from "./watchHere";

type Of<Do> = Extract<OfflineAction, { do: Do }>;

/**
 * What of a kind waits on this device until there is a signal, in any tab.
 *
 * @param onGone called once some of it was sent, or let go
 */
export function useWaitingHere<Do extends OfflineAction["do"]>(what: Do, onGone: () => void = () => {}): Of<Do>[] {
	const [here, setHere] = useState<Of<Do>[]>([]);
	const gone = useRef(onGone);
	gone.current = onGone;
	useEffect(() => {
		let known = 0;
		const hear = (all: OfflineAction[]) => {
			const waiting = all.filter((one): one is Of<Do> => one.do === what);
			if (waiting.length === 0 && known === 0) return;
			if (waiting.length < known) gone.current();
			known = waiting.length;
			setHere(waiting);
		};
		return watchHere(hear);
	}, [what]);
	return here;
}
