import { useRef } from "react";

type Values = object;

/** Where a form's field is kept as others. */
const asOthers: Record<string, string[]> = { position: ["x", "y"] };

/**
 * What to send of a form over something that is there: which fields were changed in it, and what stood in them when they were
 * looked at. `shown` is that thing as it was when the form opened, `now` as it is.
 */
export function useChanges<T extends Values>(first: T, shown: Values | null, now: Values | null) {
	const opened = useRef({ first, shown });
	const latest = useRef(now);
	latest.current = now;
	const told = useRef(false);
	return {
		with: (data: T) => {
			const { first, shown } = opened.current;
			const changed = (Object.keys(data) as (keyof T & string)[])
				.filter((name) => data[name] !== first[name])
				.flatMap((name) => asOthers[name] ?? [name]);
			// Who was told of the other's value has seen it.
			const seen: Record<string, unknown> = { ...(told.current ? latest.current : shown) };
			return shown
				? { ...data, changed, saw: Object.fromEntries(changed.map((name) => [name, seen[name] ?? null])) }
				: data;
		},
		onError: (errors: Record<string, string>) => {
			told.current = "meanwhile" in errors;
		},
	};
}
