import { useCallback, useEffect, useRef, useState } from "react";
import { keepSaid, said } from "../outbox/device";
import type { OfflineAction } from "../outbox/offlineActions";
import type { ColumnData, OutingData, OutingNowData } from "../types";

/** The server's last word, and what it took since. */
export interface Answer extends OutingNowData {
	/** Taken after that word, in order: shown until the next word has it. */
	since?: OfflineAction[];
	/** When the last of these was taken. */
	upTo?: string;
}

export interface ServerState {
	state: Answer;
	/** Takes over a word of the server. */
	settle: (answer: Answer) => void;
	/** Something was taken, at a moment of the server's clock. */
	taken: (actions: OfflineAction[], asOf: string) => void;
}

const nothing: OfflineAction[] = [];

/** What the server took after its last word. */
export const takenSince = ({ since }: Answer): OfflineAction[] => since ?? nothing;

const upTo = (answer: Answer) => answer.upTo ?? answer.outing.asOf;

/** The server's last word: of the page, of an answer since, or of an earlier page that was there longer. */
export function useServerState(
	angler: number,
	first: OutingData,
	column: ColumnData,
	onStale: () => void,
): ServerState {
	const [state, setState] = useState<Answer>({ outing: first, column });
	const latest = useRef(state);
	/** False when something newer is known. */
	const take = useCallback((answer: Answer): boolean => {
		const before = latest.current;
		if (before.outing.uuid === answer.outing.uuid && upTo(before) > upTo(answer)) return false;
		latest.current = answer;
		setState(answer);
		return true;
	}, []);
	const tellOthers = useOtherTabs(angler, first.uuid, take, onStale);
	useEffect(() => {
		take({ outing: first, column });
		// A page that is opened without a connection is as old as it was when it was last loaded.
		void said<Answer>(angler, `outing ${first.uuid}`).then((last) => last && take(last.answer));
	}, [angler, first, column, take]);
	const settle = useCallback(
		(answer: Answer) => {
			if (!take(answer)) return;
			void keepSaid(angler, `outing ${answer.outing.uuid}`, upTo(answer), answer);
			tellOthers(answer);
		},
		[angler, take, tellOthers],
	);
	const taken = useCallback(
		(actions: OfflineAction[], asOf: string) => {
			const before = latest.current;
			// A word that was given after that has it already.
			if (before.outing.asOf > asOf) return;
			settle({ ...before, since: [...takenSince(before), ...actions], upTo: asOf });
		},
		[settle],
	);
	return { state, settle, taken };
}

/** What tabs of one browser tell each other. */
interface ToldHere {
	angler: number;
	answer: Answer;
}

/** Takes over what another tab was answered, and looks again when this one is seen again; gives back how to tell the others. */
function useOtherTabs(
	angler: number,
	outing: string,
	take: (answer: Answer) => void,
	onStale: () => void,
): (answer: Answer) => void {
	const channel = useRef<BroadcastChannel | null>(null);
	const stale = useRef(onStale);
	stale.current = onStale;
	useEffect(() => {
		const open = new BroadcastChannel("outing");
		channel.current = open;
		open.onmessage = ({ data }: MessageEvent<ToldHere>) => {
			if (data.angler === angler && data.answer.outing.uuid === outing) take(data.answer);
		};
		const back = () => document.visibilityState === "visible" && stale.current();
		document.addEventListener("visibilitychange", back);
		return () => {
			open.close();
			document.removeEventListener("visibilitychange", back);
		};
	}, [angler, outing, take]);
	return useCallback((answer: Answer) => channel.current?.postMessage({ angler, answer } satisfies ToldHere), [angler]);
}
