import { useCallback, useEffect, useRef, useState } from "react";
import { Refused, send } from "../parts/send";
import type { BoxData, LureData } from "../types";

export interface Filter {
	q: string;
	family: string;
	show: string;
	shown: number;
}

export interface Change {
	id: number;
	set: Record<string, unknown>;
}

interface Changed {
	before: Change[];
	lures: LureData[];
}

/** The box found by a filter, and changes to it that can be undone. */
export function useBox(first: BoxData) {
	const [box, setBox] = useState(first);
	const [filter, setFilter] = useState<Filter>({ q: "", family: "", show: "", shown: 30 });
	const [undo, setUndo] = useState<{ words: string; before: Change[] } | null>(null);
	const [trouble, setTrouble] = useState<{ words: string; fields: Record<string, string> } | null>(null);
	const asked = useRef(0);
	const untouched = useRef(true);

	const look = useCallback(async (by: Filter) => {
		const mine = ++asked.current;
		const query = new URLSearchParams({ q: by.q, family: by.family, show: by.show, shown: `${by.shown}` });
		const found = await send<BoxData>("GET", `/lures?${query}`).catch(() => null);
		if (found && asked.current === mine) setBox(found);
	}, []);

	useEffect(() => setBox(first), [first]);
	useEffect(() => {
		if (untouched.current) {
			untouched.current = false;
			return;
		}
		void look(filter);
	}, [filter, look]);

	const change = useCallback(
		async (each: Change[], words: string, undoing = false): Promise<boolean> => {
			try {
				const { before } = await send<Changed>("PATCH", "/lures", { each });
				setTrouble(null);
				setUndo(undoing ? null : { words, before });
				await look(filter);
				return true;
			} catch (error) {
				const refused = error instanceof Refused ? error : null;
				setTrouble({
					words: refused?.message ?? "No connection: nothing was changed. Try again.",
					fields: refused?.fields ?? {},
				});
				return false;
			}
		},
		[filter, look],
	);

	return { box, filter, setFilter, change, undo, setUndo, trouble, setTrouble };
}
