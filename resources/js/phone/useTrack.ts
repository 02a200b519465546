import { useEffect } from "react";
import { anglerHere } from "../parts/angler";

/** Keeps where the boat goes in an outing while a page stands open; null where none is under way. */
export function useTrack(outing: string | null): void {
	useEffect(() => {
		const angler = anglerHere();
		if (outing === null || angler === null) return;
		let closed = false;
		let stop = () => {};
		const follow = async () => {
			const { followTrack } = await import("./track");
			if (!closed) stop = followTrack(angler, outing);
		};
		void follow().catch(() => {});
		return () => {
			closed = true;
			stop();
		};
	}, [outing]);
}
