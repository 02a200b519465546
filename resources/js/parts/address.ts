/** Puts a part of the view into the address, so that it can be bookmarked; null takes it out. */
export function remember(name: string, value: string | null): void {
	const address = new URL(window.location.href);
	if (value === null) address.searchParams.delete(name);
	else address.searchParams.set(name, value);
	window.history.replaceState(window.history.state, "", address);
}

/** What the address holds of the view. */
export function remembered(name: string): string | null {
	return new URLSearchParams(window.location.search).get(name);
}
