import { useDeferredValue } from "react";

/**
 * False while a page is first drawn and true right after: what is below the first sight on a slow phone can wait so long,
 * and is then drawn in slices that leave room for a touch.
 */
export function useSettled(): boolean {
	return useDeferredValue(true, false);
}
