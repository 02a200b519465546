import { FAMILY } from "../kinds";
import type { LureDrawing } from "../types";
import { middleOf, topOf } from "./lureSides";

/** What was added to the finish, on the flank: gold along the back, red before the tail, tape across. Scent shows nothing. */
export function Accents({ lure }: { lure: LureDrawing }) {
	const l = lure.lengthMm;
	const h = lure.heightMm;
	const has = (accent: string) => lure.accents.includes(accent);
	return (
		<>
			{has("gold") && lure.finish !== "gold" && (
				<path
					d={`M ${l * 0.18} ${topOf(lure) + h * 0.2} Q ${l * 0.5} ${topOf(lure) + h * 0.06} ${l * 0.86} ${middleOf(lure) - h * 0.08}`}
					stroke="#D9A93B"
					strokeWidth={h * 0.16}
					fill="none"
				/>
			)}
			{has("red") && (
				<path
					d={`M ${l * 0.74} ${topOf(lure)} v ${h}`}
					stroke="#B3202F"
					strokeWidth={l * 0.05}
					strokeOpacity="0.85"
					fill="none"
				/>
			)}
			{has("tape") && (
				<path
					d={`M ${l * 0.5} ${topOf(lure)} l ${l * 0.05} ${h}`}
					stroke="#DDE8EC"
					strokeWidth={l * 0.07}
					strokeOpacity="0.85"
					fill="none"
				/>
			)}
		</>
	);
}

/** A feather or a soft tail behind the lure. */
export function Tail({ lure }: { lure: LureDrawing }) {
	const soft = lure.accents.includes("soft_tail");
	if (!soft && !lure.accents.includes("feather")) return null;
	const x = lure.lengthMm;
	const y = FAMILY[lure.family].flat ? middleOf(lure) + lure.heightMm * 0.3 : 2;
	const strands = soft
		? `M ${x} ${y} q 4 2 8 0 q -2 3 -8 2 Z`
		: [-2, 0, 2].map((lean) => `M ${x} ${y} q 4 ${lean} 8 ${lean * 1.6}`).join(" ");
	return <path d={strands} fill={soft ? "#C9B79A" : "none"} stroke="var(--wire)" strokeWidth="0.6" />;
}
