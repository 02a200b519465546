import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useId, useRef, useState } from "react";
import { queries } from "../parts/queries";
import { send } from "../parts/send";
import type { BoxData, LureData } from "../types";
import { type Change, seen, shownFields, useLureChanges } from "./lureChanges";

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

/** Lures shown first, and with each press more. */
const page = { first: 30, more: 100 };

const everything: Filter = { q: "", family: "", show: "", shown: page.first };

/** The box found by a filter, and changes to it that can be undone. */
export function useBox(first: BoxData) {
	const id = useId();
	const [filter, setFilter] = useState(everything);
	const query = new URLSearchParams({ ...filter, shown: `${filter.shown}` }).toString();
	const { data, refetch } = useQuery(
		{
			queryKey: ["box", id, query],
			queryFn: ({ signal }) => send<BoxData>("GET", `/lures?${query}`, undefined, signal),
			// The page brought what is found without a filter.
			initialData: filter === everything ? first : undefined,
			placeholderData: keepPreviousData,
		},
		queries,
	);
	const box = data ?? first;
	/** Every lure as it was last looked at, also those that a filter has taken out of sight. */
	const known = useRef(new Map<number, LureData>());
	for (const lure of box.lures) known.current.set(lure.id, lure);
	const again = useCallback(() => refetch(), [refetch]);
	// What the server did otherwise, such as adding one, comes with a new page.
	const brought = useRef(first);
	useEffect(() => {
		if (brought.current === first) return;
		brought.current = first;
		if (filter === everything) queries.setQueryData(["box", id, query], first);
		else void again();
	}, [first, again, filter, id, query]);
	const changes = useLureChanges((lures) => {
		for (const lure of lures) known.current.set(lure.id, lure);
		return again();
	});
	const { apply } = changes;
	const change = useCallback(
		(wishes: Wish[], words: string) =>
			apply(
				wishes.map(({ id: lureId, set }): Change => {
					const lure = known.current.get(lureId);
					return { id: lureId, set, version: lure?.version ?? 0, saw: lure ? seen(shownFields(lure), set) : {} };
				}),
				words,
			),
		[apply],
	);
	return {
		box,
		filter,
		find: (part: Partial<Filter>) => setFilter({ ...filter, ...part, shown: page.first }),
		more: () => setFilter({ ...filter, shown: filter.shown + page.more }),
		again,
		change,
		notes: changes.notes,
		troubles: changes.fields,
	};
}
