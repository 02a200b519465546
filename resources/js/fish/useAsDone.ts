import { useRef } from "react";
import type { OfflineAction } from "../outbox/offlineActions";
import type { OutingData } from "../types";
import { withWaiting } from "./withWaiting";

/** ms after which what was done is with the device, or never will be. */
const WITH_DEVICE = 5_000;

/** The outing with what was done this moment: the next tap goes to what was just tied on, before the device has kept that. */
export class AsDone {
	private done: { deed: OfflineAction; at: number }[] = [];
	private outing: OutingData;

	constructor(private shown: OutingData) {
		this.outing = shown;
	}

	now(): OutingData {
		return this.outing;
	}

	add(deed: OfflineAction): void {
		this.done.push({ deed, at: Date.now() });
		this.outing = withWaiting(this.outing, [deed]);
	}

	show(shown: OutingData, pending: OfflineAction[]): void {
		const kept = new Set(pending.map(({ id }) => id));
		this.done = this.done.filter(({ deed, at }) => !kept.has(deed.id) && Date.now() - at < WITH_DEVICE);
		if (shown === this.shown && this.done.length > 0) return;
		this.shown = shown;
		this.outing = withWaiting(
			shown,
			this.done.map(({ deed }) => deed),
		);
	}
}

/**
 * What is shown with what was done this moment, to be asked by the next tap.
 *
 * @param pending what is shown already, beyond the server's last word
 */
export function useAsDone(shown: OutingData, pending: OfflineAction[]): AsDone {
	const asDone = useRef<AsDone | null>(null);
	asDone.current ??= new AsDone(shown);
	asDone.current.show(shown, pending);
	return asDone.current;
}
