import { useCallback, useState } from "react";

/** What was told with the changes made over it: they stand until they are told back, whatever else is told meanwhile. */
export function useOverlay<T extends object>(told: T) {
	const [edits, setEdits] = useState<Partial<T>>({});
	return {
		draft: { ...told, ...edits } as T,
		set: useCallback((part: Partial<T>) => setEdits((before) => ({ ...before, ...part })), []),
		/** These were kept; what was changed again since stays. */
		kept: useCallback((part: Partial<T>) => setEdits((before) => without<Partial<T>>(before, part)), []),
		drop: useCallback(() => setEdits({}), []),
	};
}

/** What stands in the first and not, with that value, in the second. */
export function without<T extends object>(from: T, part: Partial<T>): Partial<T> {
	return Object.fromEntries(
		Object.entries(from).filter(([name, value]) => part[name as keyof T] !== value),
	) as Partial<T>;
}
