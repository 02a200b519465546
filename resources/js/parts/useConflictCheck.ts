import { useRef } from "react";

/** Fields that are kept as others. */
const asOthers: Record<string, string[]> = { position: ["x", "y"] };

/**
 * What to send of a form over something that is there: also which fields were changed in it, and what stood in them when they
 * were looked at, so that two tabs do not write over each other unheard.
 *
 * @param first what the form holds while nothing is changed
 * @param shown the thing as it was when the form opened; null for a new one
 * @param now the same as it is by now
 */
export function useConflictCheck<T extends object>(first: T, shown: object | null, now: object | null) {
	const opened = useRef({ first, shown });
	const latest = useRef(now);
	latest.current = now;
	const told = useRef(false);
	return {
		with: (data: T): T => {
			const { first, shown } = opened.current;
			if (!shown) return data;
			const changed = (Object.keys(data) as (keyof T & string)[])
				.filter((name) => data[name] !== first[name])
				.flatMap((name) => asOthers[name] ?? [name]);
			// Who was told of the other's value has seen it.
			const seen: Record<string, unknown> = { ...(told.current ? latest.current : shown) };
			return { ...data, changed, saw: Object.fromEntries(changed.map((name) => [name, seen[name] ?? null])) };
		},
		onError: (errors: Record<string, string>) => {
			told.current = "meanwhile" in errors;
		},
	};
}
