import { useCallback, useSyncExternalStore } from "react";

/** As sm and lg of the styles: room for drawings and figures in a list, room for the column and the tabs. */
const widths = { sm: "(min-width: 40rem)", lg: "(min-width: 64rem)" };

/** Whether there is more room than a phone has: what a phone would hide is not even drawn there. */
export function useWide(from: keyof typeof widths = "sm"): boolean {
	const query = widths[from];
	const watch = useCallback(
		(changed: () => void) => {
			const list = window.matchMedia?.(query);
			list?.addEventListener("change", changed);
			return () => list?.removeEventListener("change", changed);
		},
		[query],
	);
	return useSyncExternalStore(watch, () => window.matchMedia?.(query).matches ?? true);
}
