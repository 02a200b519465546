import { useRef } from "react";
import * as clock from "../parts/clock";

/** When a dialog was opened: a bite came before that, not when its details were chosen. */
export function useOpenedAt(open: boolean): () => string {
	const at = useRef<string | null>(null);
	if (open) at.current ??= new Date(clock.now()).toISOString();
	else at.current = null;
	return () => at.current ?? new Date(clock.now()).toISOString();
}
