/** A text as its template stands in the scripts. */
export interface Said {
	file: string;
	line: number;
	text: string;
	/** Put together where it stands. */
	glued?: true;
}

/** Texts of one source. */
export function saidIn(source: string): Omit<Said, "file">[];

/** Texts of all scripts. */
export function inScripts(): Said[];
