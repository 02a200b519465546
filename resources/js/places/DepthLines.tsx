import { memo } from "react";
import type { GroundData } from "../types";
import { drawn, onScreen, type Pixel, pairs, type Size, type View } from "./view";

interface Props {
	ground: GroundData;
	view: View;
	size: Size;
	unit: string;
}

/** Pixels of a line for each figure on it, and of the piece that a figure lies on. */
const apart = 330;
const under = 26;
/** Pixels that no other figure comes nearer. */
const clear = 30;

/** Depth lines in thin ink, with their figures lying along them. */
export const DepthLines = memo(function DepthLines({ ground, view, size }: Props) {
	const taken: Pixel[] = [];
	return (
		<g clipPath="url(#known)" fill="none" stroke="#FBFCFA" strokeLinejoin="round">
			{ground.lines.map((line, i) => {
				const points = pairs(line.points).map(({ x, y }) => onScreen(view, size, x, y));
				const path = drawn(points);
				return (
					// biome-ignore lint/suspicious/noArrayIndexKey: lines of one depth are told apart by their place alone
					<g key={`${line.text} ${i}`}>
						<path d={path} strokeOpacity={line.strong ? 0.85 : 0.45} strokeWidth={line.strong ? 1.5 : 0.9} />
						{figures(points, taken).map(({ px, py, turn }) => (
							<text
								key={`${px} ${py}`}
								transform={`translate(${px.toFixed(1)} ${py.toFixed(1)}) rotate(${turn.toFixed(1)})`}
								textAnchor="middle"
								dy="4"
								fontSize="12"
								fill="#FBFCFA"
								stroke="var(--water-mid)"
								strokeWidth="3.5"
								strokeOpacity="0.85"
								paintOrder="stroke"
							>
								{line.text}
							</text>
						))}
					</g>
				);
			})}
		</g>
	);
});

/** Where figures lie: on straight pieces, apart from each other, never upside down. */
function figures(points: Pixel[], taken: Pixel[]): (Pixel & { turn: number })[] {
	const along = [0];
	for (let i = 1; i < points.length; i++)
		along.push((along[i - 1] ?? 0) + away(points[i - 1] as Pixel, points[i] as Pixel));
	const length = along.at(-1) ?? 0;
	if (length < 5 * under) return [];
	const found = [];
	const count = Math.max(1, Math.floor(length / apart));
	for (let n = 0; n < count; n++) {
		const best = straightest(points, along, (length * (n + 0.5)) / count, Math.min(apart, length) / 4);
		if (!best || taken.some((other) => away(other, best) < clear)) continue;
		taken.push(best);
		found.push(best);
	}
	return found;
}

function straightest(points: Pixel[], along: number[], middle: number, within: number) {
	let best: (Pixel & { turn: number; bend: number }) | null = null;
	for (let at = middle - within; at <= middle + within; at += 12) {
		const [from, centre, to] = [at - under / 2, at, at + under / 2].map((s) => pointAt(points, along, s));
		if (!from || !centre || !to) continue;
		const bend = away(from, centre) + away(centre, to) - away(from, to);
		let turn = (Math.atan2(to.py - from.py, to.px - from.px) * 180) / Math.PI;
		if (turn > 90) turn -= 180;
		if (turn < -90) turn += 180;
		if (best === null || bend < best.bend) best = { ...centre, turn, bend };
	}
	return best && best.bend < 3 ? best : null;
}

function pointAt(points: Pixel[], along: number[], at: number): Pixel | null {
	if (at < 0 || at > (along.at(-1) ?? 0)) return null;
	const i = Math.max(
		1,
		along.findIndex((so) => so >= at),
	);
	const [from, to] = [points[i - 1], points[i]];
	if (!from || !to) return null;
	const share = (at - (along[i - 1] ?? 0)) / Math.max(1e-6, (along[i] ?? 0) - (along[i - 1] ?? 0));
	return { px: from.px + share * (to.px - from.px), py: from.py + share * (to.py - from.py) };
}

const away = (a: Pixel, b: Pixel) => Math.hypot(b.px - a.px, b.py - a.py);
