import type { AnswerData } from "../types";

/** Where two picks are put side by side, for the readings as they are looked at. */
export function compareAddress(answer: AnswerData, first: string, second: string): string {
	const query = new URLSearchParams(answer.fromLink ? answer.query : "");
	query.set("a", first);
	query.set("b", second);
	return `/compare?${query}`;
}
