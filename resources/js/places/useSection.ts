import { useEffect, useState } from "react";
import { remember } from "../parts/address";
import { useAsk } from "../parts/useAsk";
import type { PlacesPage, SectionData } from "../types";
import type { Point } from "./view";
import { lineOf, lineText } from "./view";

interface Section {
	line: Point[];
	setLine: (line: Point[]) => void;
	section: SectionData | null;
	trouble: string | null;
	stale: boolean;
}

/** The line drawn on the chart, kept in the address, and what lies below it. */
export function useSection(page: PlacesPage): Section {
	const water = page.water?.id ?? null;
	const [line, setLine] = useState<Point[]>(() => lineOf(page.section?.line ?? null));
	// Another water has other lines.
	// biome-ignore lint/correctness/useExhaustiveDependencies: only when the water is another
	useEffect(() => setLine(lineOf(page.section?.line ?? null)), [water]);
	const text = line.length > 1 ? lineText(line) : null;
	const first = page.section?.line ?? null;
	const asked = useAsk<SectionData>(
		water !== null && text !== null && text !== first
			? `/places/${water}/section?line=${encodeURIComponent(text)}`
			: null,
		{ after: 60 },
	);
	const [touched, setTouched] = useState(false);
	useEffect(() => {
		if (touched) remember("line", text);
	}, [touched, text]);
	const draw = (next: Point[]) => {
		setTouched(true);
		setLine(next);
	};
	if (text === null) return { line, setLine: draw, section: null, trouble: page.trouble, stale: false };
	return text === first
		? { line, setLine: draw, section: page.section, trouble: null, stale: false }
		: { line, setLine: draw, section: asked.answer, trouble: asked.trouble, stale: asked.stale };
}
