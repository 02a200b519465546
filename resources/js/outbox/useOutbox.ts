import { useCallback, useEffect, useMemo, useState } from "react";
import type { Holding } from "./Outbox";
import type { OfflineAction } from "./offlineActions";
import { type Arrived, listen, outboxOf, type Why } from "./wire";

export interface OutboxState extends Omit<Holding, "waiting"> {
	/** Done here, not yet confirmed; null until the device has said. */
	waiting: OfflineAction[] | null;
	/** Why nothing arrives. */
	trouble: Why | null;
	add: (deed: OfflineAction) => Promise<void>;
	letGo: (ids: string[]) => void;
	/** Puts back in line what was not taken, mended or for another outing. */
	sendAgain: (ids: string[], mend?: (deed: OfflineAction) => OfflineAction) => void;
	/** Sends what waits, now. */
	again: () => void;
}

const nothing: Omit<Holding, "waiting"> = { turned: [], away: [], unkept: 0 };
const unheard = () => {};

/** What waits on this device, kept current over all tabs. */
export function useOutbox(angler: number, onArrived: (arrived: Arrived) => void = unheard): OutboxState {
	// Once: a page that is about to go must not begin to send again for who has just left.
	const outbox = useMemo(() => outboxOf(angler), [angler]);
	const [holding, setHolding] = useState<Holding | null>(null);
	const [trouble, setTrouble] = useState<Why | null>(null);
	useEffect(() => outbox.watch(setHolding), [outbox]);
	useEffect(() => listen(onArrived, setTrouble), [onArrived]);
	const add = useCallback(
		async (deed: OfflineAction) => {
			await outbox.add(deed);
			void outbox.flush();
		},
		[outbox],
	);
	const letGo = useCallback((ids: string[]) => void outbox.letGo(ids), [outbox]);
	const sendAgain = useCallback(
		(ids: string[], mend?: (deed: OfflineAction) => OfflineAction) =>
			void outbox.sendAgain(ids, mend).then(() => outbox.flush(true)),
		[outbox],
	);
	const again = useCallback(() => void outbox.flush(true), [outbox]);
	return { ...(holding ?? nothing), waiting: holding?.waiting ?? null, trouble, add, letGo, sendAgain, again };
}
