/** Who is signed in on this page; null while nobody is. */
let here: number | null = null;

export function setAngler(angler: number | null): void {
	here = angler;
}

export function anglerHere(): number | null {
	return here;
}
