type Value = string | number | null | undefined;

/** The values a template names. */
type Named<Template extends string> = Template extends `${string}{${infer Inner}}${infer Rest}`
	? (Inner extends `${infer Name}|${string}` ? Name : Inner) | Named<Rest>
	: never;

/**
 * What is said, from a template with named values, as `Words::of()` says it on the server: "{lure}" is a value,
 * "{bites|# bite|# bites}" chooses by a number, the first for one, "#" being the number. A sentence begins with a capital, also
 * where a value begins it.
 */
export function say<const Template extends string>(
	template: Template,
	values: { [Name in Named<Template>]: Value },
): string {
	const of = values as Record<string, Value>;
	const said = template.replace(
		/\{(\w+)(?:\|([^{}|]*)\|([^{}|]*))?\}/g,
		(_, name: string, one?: string, more?: string) => {
			const value = `${of[name] ?? ""}`;
			return one === undefined || more === undefined ? value : (value === "1" ? one : more).replaceAll("#", value);
		},
	);
	return /^\{.*[.?!]$/.test(template) ? upper(said) : said;
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
