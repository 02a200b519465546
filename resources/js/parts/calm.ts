/** Whether whoever looks asked for less motion: then things step instead of moving. */
export function isCalm(): boolean {
	return window.matchMedia("(prefers-reduced-motion: reduce)").matches;
}
