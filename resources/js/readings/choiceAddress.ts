import type { AnswerData } from "../types";

/** The address of a question about the choice, for the readings as they are looked at. */
export function choiceAddress(path: string, answer: AnswerData, asked: Record<string, string> = {}): string {
	const query = new URLSearchParams(answer.fromLink ? answer.query : "");
	for (const [name, value] of Object.entries(asked)) query.set(name, value);
	return query.size > 0 ? `${path}?${query}` : path;
}
