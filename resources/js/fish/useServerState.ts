import { useCallback, useEffect, useRef, useState } from "react";
import { keepSaid, said } from "../outbox/device";
import type { ColumnData, OutingData } from "../types";
import type { Answer } from "./useOuting";

/** The server's last word: of the page, of an answer since, or of an earlier page that was there longer. */
export function useServerState(angler: number, first: OutingData, column: ColumnData, onStale: () => void) {
	const [state, setState] = useState<Answer>({ outing: first, column });
	const take = useCallback(
		(answer: Answer) =>
			setState((before) =>
				before.outing.uuid === answer.outing.uuid && before.outing.asOf > answer.outing.asOf ? before : answer,
			),
		[],
	);
	const tellOthers = useOtherTabs(angler, first.uuid, take, onStale);
	useEffect(() => {
		take({ outing: first, column });
		// A page that is opened without a connection is as old as it was when it was last loaded.
		void said<Answer>(angler, `outing ${first.uuid}`).then((last) => last && take(last.answer));
	}, [angler, first, column, take]);
	const settle = useCallback(
		(answer: Answer) => {
			take(answer);
			void keepSaid(angler, `outing ${answer.outing.uuid}`, answer.outing.asOf, answer);
			tellOthers(answer);
		},
		[angler, take, tellOthers],
	);
	return { state, settle };
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
