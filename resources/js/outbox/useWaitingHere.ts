import { useEffect, useRef, useState } from "react";
import type { OfflineAction } from "./offlineActions";

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
		let closed = false;
		let stop = () => {};
		let known = 0;
		const hear = (all: OfflineAction[]) => {
			const waiting = all.filter((one): one is Of<Do> => one.do === what);
			if (waiting.length === 0 && known === 0) return;
			if (waiting.length < known) gone.current();
			known = waiting.length;
			setHere(waiting);
		};
		const watch = async () => {
			const { watchWaiting } = await import("./day");
			if (!closed) stop = watchWaiting(hear);
		};
		void watch().catch(() => {});
		return () => {
			closed = true;
			stop();
		};
	}, [what]);
	return here;
}
