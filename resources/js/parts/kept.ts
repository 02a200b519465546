/** Where the worker keeps pages as they were last seen: only of who is signed in, and gone when they sign out. */
export const PAGES = "pages";

/** What this browser keeps under a key; null when there is nothing, or nothing that can be read. */
export function kept<T>(key: string): T | null {
	try {
		return JSON.parse(localStorage.getItem(key) ?? "null") as T | null;
	} catch {
		return null;
	}
}

/** Keeps something in this browser. False when there is no room for it. */
export function keep(key: string, value: unknown): boolean {
	try {
		localStorage.setItem(key, JSON.stringify(value));
		return true;
	} catch {
		return false;
	}
}
