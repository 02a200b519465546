import { useState } from "react";

/** Which view is shown, as it stands in the address. */
export function useOpened(views: string[], usual: string): [string, (view: string) => void] {
	const asked = new URLSearchParams(window.location.search).get("view") ?? usual;
	const [view, setView] = useState(views.includes(asked) ? asked : usual);
	const open = (next: string) => {
		setView(next);
		const address = new URL(window.location.href);
		address.searchParams.set("view", next);
		window.history.replaceState(window.history.state, "", address);
	};
	return [view, open];
}

/** The address of this page with something else chosen; '' takes it out. */
export function withChosen(changes: Record<string, string>): string {
	const search = new URLSearchParams(window.location.search);
	for (const [name, value] of Object.entries(changes)) {
		if (value === "") search.delete(name);
		else search.set(name, value);
	}
	return `/look-back?${search}`;
}
