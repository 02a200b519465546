import { memo } from "react";
import { EVENT_KIND } from "../kinds";
import { timeOf } from "../parts/words";
import type { TrackData } from "../types";
import { lined, onScreen, type Size, type View } from "./view";

interface Props {
	track: TrackData;
	view: View;
	size: Size;
}

/** Pixels for a metre below which only its line is seen: what was logged would hide it. */
const NEAR = 1;

/** Where the boat went, with what was logged on the way. */
export const Track = memo(function Track({ track, view, size }: Props) {
	const drawn = (lines: number[][]) => lines.map((line) => lined(line, view, size)).join("");
	const drifts = drawn(track.drifts);
	const near = view.scale >= NEAR;
	return (
		<g fill="none" strokeLinejoin="round" strokeLinecap="round">
			<path d={drawn(track.runs)} stroke="#FBFCFA" strokeOpacity="0.7" strokeWidth="1" strokeDasharray="2 5" />
			{near && <path d={drifts} stroke="#10222B" strokeOpacity="0.55" strokeWidth="4.5" />}
			<path d={drifts} stroke="#FBFCFA" strokeWidth={near ? 2 : 1} />
			{(near ? track.signs : []).map((sign) => {
				const { px, py } = onScreen(view, size, sign.x, sign.y);
				return (
					<g key={`${sign.at} ${sign.kind}`} transform={`translate(${px.toFixed(1)} ${py.toFixed(1)})`}>
						<title>{`${sign.words}, ${timeOf(sign.at)}`}</title>
						<Sign kind={sign.kind} />
					</g>
				);
			})}
		</g>
	);
});

/** A fish, a bite that was missed, or the lure going down. */
export function Sign({ kind }: { kind: TrackData["signs"][number]["kind"] }) {
	if (EVENT_KIND[kind].fish) return <path d="M0 -7 L7 0 L0 7 L-7 0 Z" fill="#E9C66A" stroke="#10222B" />;
	if (EVENT_KIND[kind].bite)
		return <path d="M0 -6 L6 0 L0 6 L-6 0 Z" fill="var(--water-deep)" stroke="#E9C66A" strokeWidth="2" />;
	return <circle r="2.6" fill="#FBFCFA" stroke="#10222B" />;
}
