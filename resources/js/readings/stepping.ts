import type { ReadingData } from "../types";

/** The text of a reading one step up or down from where it stands; null where there is nothing to step. */
export function stepped(reading: ReadingData, shown: string | null | undefined, by: 1 | -1): string | null {
	if (reading.kind === "measure") {
		const typed = shown === undefined || shown === null ? Number.NaN : Number.parseFloat(shown.replace("−", "-"));
		const from = shown !== reading.text && Number.isFinite(typed) ? typed : (reading.value ?? 0);
		const decimals = reading.step < 0.1 ? 2 : reading.step < 1 ? 1 : 0;
		const next = Math.min(reading.max, Math.max(reading.min, Math.round(from / reading.step + by) * reading.step));
		return `${Number(next.toFixed(decimals))} ${reading.unit}`.replace(" °", " °");
	}
	if (reading.kind === "choices") return null;
	const at = reading.options.findIndex((option) => option.value === (shown ?? reading.text));
	const next = reading.options[(at + by + reading.options.length) % reading.options.length];
	return next?.value ?? null;
}

/** The words for a text that is not answered yet. */
export function words(reading: ReadingData, text: string | null): string {
	if (text === null) return "–";
	if (reading.kind === "measure") return text;
	if (text === "") return "none";
	return text
		.split(",")
		.map((value) => reading.options.find((option) => option.value === value)?.word ?? value)
		.join(", ");
}
