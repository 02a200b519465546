import { useCallback, useEffect, useRef, useState } from "react";
import { send } from "../parts/send";
import type { BoxData, LureData } from "../types";
import { type Change, type Clash, seen, sendChanges, shownFields } from "./lureChanges";

export interface Filter {
	q: string;
	family: string;
	show: string;
	shown: number;
}

/** Some fields of a lure of the list, to be changed. */
export interface Wish {
	id: number;
	set: Record<string, unknown>;
}

/** The box found by a filter, and changes to it that can be undone. */
export function useBox(first: BoxData) {
	const [box, setBox] = useState(first);
	const [filter, setFilter] = useState<Filter>({ q: "", family: "", show: "", shown: 30 });
	const [undo, setUndo] = useState<{ words: string; before: Change[] } | null>(null);
	const [trouble, setTrouble] = useState<{ words: string; fields: Record<string, string> } | null>(null);
	const [clash, setClash] = useState<(Clash & { done: string }) | null>(null);
	const asked = useRef(0);
	const untouched = useRef(true);
	/** Every lure as it was last looked at, also those that a filter has taken out of sight. */
	const known = useRef(new Map<number, LureData>());
	for (const lure of box.lures) known.current.set(lure.id, lure);

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

	const apply = useCallback(
		async (each: Change[], words: string, undoing = false): Promise<boolean> => {
			const told = await sendChanges(each);
			setTrouble(told.trouble);
			setClash(told.clash && { ...told.clash, done: words });
			if (!told.changed) return false;
			for (const lure of told.changed.lures) known.current.set(lure.id, lure);
			setUndo(undoing ? null : { words, before: told.changed.before });
			await look(filter);
			return true;
		},
		[filter, look],
	);

	const change = useCallback(
		(wishes: Wish[], words: string) =>
			apply(
				wishes.map(({ id, set }): Change => {
					const lure = known.current.get(id);
					return { id, set, version: lure?.version ?? 0, saw: lure ? seen(shownFields(lure), set) : {} };
				}),
				words,
			),
		[apply],
	);

	return {
		box,
		filter,
		setFilter,
		change,
		undo,
		setUndo,
		trouble,
		clash,
		takeBack: () => undo && void apply(undo.before, "", true),
		insist: () => clash && void apply(clash.mine, clash.done),
		giveWay: () => {
			setClash(null);
			void look(filter);
		},
	};
}
