import { router } from "@inertiajs/react";
import { useEffect, useRef, useState } from "react";
import type { RodData } from "../types";

export interface RodForm {
	draft: RodData;
	set: (changes: Partial<RodData>) => void;
	errors: Record<string, string>;
	/** Keeps the rod with these changes; everything that follows from it comes back with the page. */
	keep: (changes?: Partial<RodData>) => void;
	busy: boolean;
}

/** The rod at hand, changed in place. What was typed stays when it is refused. */
export function useRod(rod: RodData): RodForm {
	const [draft, setDraft] = useState(rod);
	const [errors, setErrors] = useState<Record<string, string>>({});
	const [busy, setBusy] = useState(false);
	// A refusal brings the page again with the rod as it was: what was typed stays.
	const told = JSON.stringify({ ...rod, uuid: "" });
	const latest = useRef(rod);
	latest.current = rod;
	useEffect(() => {
		if (told) setDraft(latest.current);
	}, [told]);
	const keep = (changes: Partial<RodData> = {}) => {
		const next = { ...draft, ...changes };
		setDraft(next);
		setErrors({});
		const { leaderStrength, leaderLength, ...others } = next;
		router.put(
			"/rig",
			{ ...others, leader_strength: leaderStrength, leader_length: leaderLength },
			{
				preserveScroll: true,
				preserveState: true,
				onStart: () => setBusy(true),
				onFinish: () => setBusy(false),
				onError: setErrors,
			},
		);
	};
	const set = (changes: Partial<RodData>) => setDraft((before) => ({ ...before, ...changes }));
	return { draft, set, errors, keep, busy };
}
