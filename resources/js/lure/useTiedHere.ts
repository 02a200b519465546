import { useEffect, useState } from "react";
import type { TiedHere } from "../outbox/day";
import type { TiedData } from "../types";

/** What is on the rod in hand: as the server told it, or as it is once what waits on this device was done. */
export function useTiedHere(told: TiedData | null): TiedData | null {
	const [here, setHere] = useState<TiedHere | undefined>(undefined);
	useEffect(() => {
		let closed = false;
		let stop = () => {};
		const watch = async () => {
			const { watchTied } = await import("../outbox/day");
			if (!closed) stop = watchTied((tied) => setHere(tied));
		};
		void watch().catch(() => {});
		return () => {
			closed = true;
			stop();
		};
	}, []);
	return here === undefined ? told : here;
}
