import { useRef } from "react";

/** When a dialog was opened: a bite came before that, not when its details were chosen. */
export function useOpenedAt(open: boolean): () => string {
	const at = useRef<string | null>(null);
	if (open) at.current ??= new Date().toISOString();
	else at.current = null;
	return () => at.current ?? new Date().toISOString();
}
