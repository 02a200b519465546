import { useQuery } from "@tanstack/react-query";
import { useId, useRef } from "react";
import { pause, queries, troubleOf } from "./queries";
import { ask, Refused, send } from "./send";

interface Asked<T> {
	answer: T | null;
	trouble: string | null;
	/** What was refused, by field. */
	refused: Record<string, string> | null;
	/** Whether the answer shown is to an earlier question. */
	stale: boolean;
}

interface Options {
	/** Asks the same address anew whenever this is another. */
	again?: unknown;
	/** What the address is sent; without it it is only read. */
	body?: unknown;
	/** ms after the last change: long enough to let a held key repeat, short enough not to be felt. */
	after?: number;
}

/** Asks an address whenever it changes, shortly after the last change; the last good answer stays until the next is there. */
export function useAsk<T>(url: string | null, { again, body, after = 40 }: Options = {}): Asked<T> {
	// What another part was told under this address may be of other readings.
	const asker = useId();
	const times = useTimes(again);
	const last = useRef<T | null>(null);
	const { data, error, isFetching } = useQuery(
		{
			queryKey: [asker, url, times, body],
			queryFn: async ({ signal }) => {
				await pause(after, signal);
				return body === undefined ? ask<T>(url ?? "", signal) : send<T>("POST", url ?? "", body, signal);
			},
			enabled: url !== null,
		},
		queries,
	);
	if (data !== undefined) last.current = data;
	return {
		answer: last.current,
		trouble: error && troubleOf(error, "No connection. The last answer is shown."),
		refused: error instanceof Refused ? error.fields : null,
		stale: isFetching || error !== null,
	};
}

/** How often a value has been another: a short name for one that is long to compare. */
function useTimes(value: unknown): number {
	const seen = useRef({ value, times: 0 });
	if (seen.current.value !== value) seen.current = { value, times: seen.current.times + 1 };
	return seen.current.times;
}
