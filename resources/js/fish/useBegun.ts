import { router, usePage } from "@inertiajs/react";
import { useCallback, useMemo, useState } from "react";
import { begunHere } from "../outbox/day";
import type { Begun } from "../outbox/offlineActions";
import { useOutbox } from "../outbox/useOutbox";
import type { Arrived } from "../outbox/wire";
import type { OutingData } from "../types";

/**
 * The outing under way: the server's, or one that this device began with no signal, until the server tells of it.
 *
 * @param blank as one would begin; null while one is under way
 */
export function useBegun(told: OutingData | null, blank: OutingData | null): OutingData | null {
	const angler = Number(usePage().props.anglerId);
	/** It has arrived, and the page does not know of it yet. */
	const [arrived, setArrived] = useState<Begun | null>(null);
	const onArrived = useCallback(({ actions }: Arrived) => {
		const begun = begunHere(actions);
		if (!begun) return;
		setArrived(begun);
		router.reload({ onSuccess: () => setArrived(null) });
	}, []);
	const { waiting } = useOutbox(angler, onArrived);
	const begun = (waiting && begunHere(waiting)) ?? arrived;
	return useMemo(() => {
		const like = blank ?? told;
		// One that the server has begun since is told by it.
		const isNewer = begun !== null && (told === null || Date.parse(told.startedAt) < Date.parse(begun.at));
		return isNewer && like && told?.uuid !== begun.id ? emptied(like, begun) : told;
	}, [begun, told, blank]);
}

/** An outing in which nothing was done yet, where the other is. */
function emptied(like: OutingData, { id, at }: Begun): OutingData {
	return {
		...like,
		uuid: id,
		asOf: at,
		startedAt: at,
		title: "Nothing on this rod",
		subtitle: "",
		setup: null,
		counts: "",
		pace: "",
		worked: null,
		minutesPerDrop: null,
		events: [],
		pick: null,
		rig: null,
		move: null,
		forgotten: null,
		rods: like.rods.map((rod) => ({
			...rod,
			tied: "",
			way: "",
			setup: null,
			quietSince: null,
			tally: rod.tally && nothing,
		})),
		takenBack: [],
		tally: nothing,
		pause: null,
		crew: null,
		drift: 0,
		note: "",
		endedAt: null,
		marks: [],
	};
}

const nothing = { drops: 0, touches: 0, landed: 0, dropsBefore: 0, touchBefore: null, tiedAt: null };
