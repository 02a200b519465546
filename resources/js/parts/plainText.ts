/**
 * What no keyboard types and no record takes: control characters but tabs and line ends, halves of characters, and what
 * Unicode calls no character. They come along with what is pasted.
 */
// biome-ignore lint/suspicious/noControlCharactersInRegex: they are what is looked for.
const UNREADABLE = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\ufffe\uffff]|\p{Surrogate}/gu;

/** Text as it can be kept. */
export function plainText(text: string): string {
	return text.replace(UNREADABLE, "");
}

/** The same for every text in a value. */
export function plainTexts<T>(value: T): T {
	if (typeof value === "string") return plainText(value) as T;
	if (Array.isArray(value)) return value.map(plainTexts) as T;
	if (typeof value !== "object" || value === null) return value;
	return Object.fromEntries(Object.entries(value).map(([name, inner]) => [name, plainTexts(inner)])) as T;
}
