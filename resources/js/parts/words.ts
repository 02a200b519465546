/** "1 lure", "3 lures". */
export function counted(count: number, one: string): string {
	return `${count} ${one}${count === 1 ? "" : "s"}`;
}

export function upper(words: string): string {
	return words.charAt(0).toUpperCase() + words.slice(1);
}

export function lower(words: string): string {
	return words.charAt(0).toLowerCase() + words.slice(1);
}

/** "25 Nov 2026", as the reader's country writes it. */
export function dayOf(iso: string): string {
	return new Date(iso).toLocaleDateString([], { day: "numeric", month: "short", year: "numeric" });
}

/** "25 Nov", as the reader's country writes it. */
export function shortDayOf(iso: string): string {
	return new Date(iso).toLocaleDateString([], { day: "numeric", month: "short" });
}

/** "9:41", as the reader's country writes it. */
export function timeOf(iso: string): string {
	return new Date(iso).toLocaleTimeString([], { hour: "numeric", minute: "2-digit" });
}
