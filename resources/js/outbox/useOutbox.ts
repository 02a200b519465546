import { useCallback, useEffect, useState } from "react";
import type { Deed } from "./deeds";
import type { Turned } from "./device";
import { listen, outboxOf } from "./wire";

export interface OutboxState {
	/** Done here, not yet confirmed; null until the device has said. */
	waiting: Deed[] | null;
	/** What the server did not take, with its reason; it never holds up the rest. */
	turned: Turned[];
	/** Why nothing arrives. */
	trouble: string | null;
	add: (deed: Deed) => Promise<void>;
	letGo: (id: string) => void;
	again: () => void;
}

/** What waits on this device, kept current over all tabs. */
export function useOutbox(angler: number, onAnswer: (outing: string, answer: unknown) => void): OutboxState {
	const outbox = outboxOf(angler);
	const [waiting, setWaiting] = useState<Deed[] | null>(null);
	const [turned, setTurned] = useState<Turned[]>([]);
	const [trouble, setTrouble] = useState<string | null>(null);
	useEffect(
		() =>
			outbox.watch((now, not) => {
				setWaiting(now);
				setTurned(not);
			}),
		[outbox],
	);
	useEffect(() => listen(onAnswer, setTrouble), [onAnswer]);
	const add = useCallback(
		async (deed: Deed) => {
			if (!(await outbox.add(deed))) setTrouble("This phone has no room left: keep this page open until all is sent.");
			void outbox.flush();
		},
		[outbox],
	);
	const letGo = useCallback((id: string) => void outbox.letGo(id), [outbox]);
	const again = useCallback(() => void outbox.flush(), [outbox]);
	return { waiting, turned, trouble, add, letGo, again };
}
