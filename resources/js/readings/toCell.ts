/** Moves the focus from one reading to the one so many places on, of those that are shown in a part of the page; round its ends. */
export function toCell(within: HTMLElement | null, from: string, by: number): void {
	const cells = [...(within?.querySelectorAll<HTMLButtonElement>("[data-reading]") ?? [])];
	const at = cells.findIndex((cell) => cell.dataset.reading === from);
	cells[(at + by + cells.length) % cells.length]?.focus();
}
