import { router } from "@inertiajs/react";
import { useEffect, useRef, useState } from "react";
import { useOverlay, without } from "../parts/useOverlay";
import type { RodData } from "../types";

type Part = Partial<RodData>;

export interface RodForm {
	draft: RodData;
	set: (part: Part) => void;
	trouble: (name: keyof RodData) => string | undefined;
	/** Keeps this of the rod, and nothing that is only typed; what follows from it comes back with the page. */
	keep: (part: Part) => void;
}

/** The rod at hand, changed in place. What is typed stays when it is refused, and when something else is kept meanwhile. */
export function useRod(rod: RodData): RodForm {
	const { draft, set, kept, drop } = useOverlay(rod);
	const [errors, setErrors] = useState<Record<string, string>>({});
	// Not answered yet. A visit ends the one under way, so it says again what that one said.
	const said = useRef<Part>({});
	useAnother(rod, () => {
		said.current = {};
		setErrors({});
		drop();
	});
	const keep = (part: Part) => {
		set(part);
		const asked = { ...said.current, ...part };
		said.current = asked;
		setErrors((before) => Object.fromEntries(Object.entries(before).filter(([name]) => !(name in body(asked)))));
		const answered = () => {
			said.current = without(said.current, asked);
		};
		router.put("/rig", body({ ...rod, ...asked }), {
			preserveScroll: true,
			preserveState: true,
			onSuccess: () => {
				answered();
				kept(asked);
			},
			onError: (refused) => {
				answered();
				setErrors((before) => ({ ...before, ...refused }));
			},
		});
	};
	return { draft, set, trouble: (name) => errors[field(name)], keep };
}

/** Calls when another rod is at hand. The first of all has another name with each page until it is kept. */
function useAnother(rod: RodData, onAnother: () => void): void {
	const told = JSON.stringify({ ...rod, uuid: "" });
	const before = useRef({ uuid: rod.uuid, told });
	useEffect(() => {
		if (before.current.uuid !== rod.uuid && before.current.told !== told) onAnother();
		before.current = { uuid: rod.uuid, told };
	});
}

function body(part: Part) {
	return Object.fromEntries(Object.entries(part).map(([name, value]) => [field(name), value]));
}

/** A part of the rod as the server calls it. */
function field(name: string): string {
	return { leaderStrength: "leader_strength", leaderLength: "leader_length" }[name] ?? name;
}
