/** What grows, as choices want it: each value with its word, in order. */
export function optionsOf<K extends string>(kinds: Record<K, { readonly word: string }>): [K, string][] {
	return (Object.entries(kinds) as [K, { word: string }][]).map(([value, { word }]) => [value, word]);
}
