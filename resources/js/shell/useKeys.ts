import { useEffect, useRef } from "react";

/** Runs a key's action unless somebody is typing or a dialog is open. */
export function useKeys(actions: Record<string, () => void>) {
	const latest = useRef(actions);
	latest.current = actions;
	useEffect(() => {
		const listen = (event: KeyboardEvent) => {
			const target = event.target as HTMLElement | null;
			const typing = target?.closest(
				"input, textarea, select, [contenteditable], [role=dialog], [role=menu], [role=listbox]",
			);
			if (event.ctrlKey || event.metaKey || event.altKey || typing) return;
			const action = latest.current[event.key];
			if (!action) return;
			event.preventDefault();
			action();
		};
		window.addEventListener("keydown", listen);
		return () => window.removeEventListener("keydown", listen);
	}, []);
}
