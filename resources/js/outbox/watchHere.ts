import type { OfflineAction } from "./offlineActions";

/** Tells what waits on this device, now and whenever that changes, once what keeps it has come; gives back how to stop. */
export function watchHere(hear: (waiting: OfflineAction[]) => void): () => void {
	let closed = false;
	let stop = () => {};
	const watch = async () => {
		const { watchWaiting } = await import("./day");
		if (!closed) stop = watchWaiting(hear);
	};
	void watch().catch(() => {});
	return () => {
		closed = true;
		stop();
	};
}
