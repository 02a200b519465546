/** Under which this page may add styles of its own: parts that bring a style sheet along are given it. */
export function styleNonce(): string | undefined {
	return document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content;
}
