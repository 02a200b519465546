import type { WindData } from "../types";
import type { Placed } from "./labels";
import { barOf, type Size, type View } from "./view";

interface Props {
	view: View;
	size: Size;
	unit: string;
	unitM: number;
	wind: WindData | null;
}

/** What lies over the chart on a plate of paper, so that it is read over deep water too. */
const plate = "absolute rounded-sm bg-paper/85 px-1.5 py-0.5 text-[13px] leading-tight text-ink";

/** Scale, north, and the wind with whither it blows. */
export function Overlay({ view, size, unit, unitM, wind }: Props) {
	const bar = barOf(view.scale * unitM, Math.min(130, size.wide / 4));
	return (
		<div aria-hidden="true" className="pointer-events-none absolute inset-0 will-change-transform">
			{wind && (
				<p className={`${plate} top-2 left-2 flex items-center gap-1.5`}>
					<svg
						aria-hidden="true"
						width="30"
						height="30"
						viewBox="-20 -20 40 40"
						fill="none"
						stroke="currentColor"
						strokeWidth="2.6"
					>
						<path d="M0 17 V-17 m-6 9 l6 -9 l6 9" transform={`rotate(${wind.fromDeg + 180})`} />
					</svg>
					{wind.words}
				</p>
			)}
			<p className={`${plate} top-2 right-2 flex flex-col items-center`}>
				<svg
					aria-hidden="true"
					width="12"
					height="24"
					viewBox="-6 0 12 24"
					fill="none"
					stroke="currentColor"
					strokeWidth="2"
				>
					<path d="M0 24 V1 m-5 8 l5 -8 l5 8" />
				</svg>
				N
			</p>
			<p className={`${plate} bottom-2 left-2`} data-scale>
				{bar} {unit}
				<span className="mt-1 mb-0.5 block h-[2.5px] bg-ink" style={{ width: bar * view.scale * unitM }} />
			</p>
		</div>
	);
}

/** Pixels that the drift takes a boat in ten minutes; null where nobody knows, or it is too little to draw. */
export function drifted(wind: WindData, view: View): { dx: number; dy: number } | null {
	if (wind.driftM === null) return null;
	const bearing = ((wind.fromDeg + 180) * Math.PI) / 180;
	const [dx, dy] = [Math.sin(bearing) * wind.driftM * view.scale, -Math.cos(bearing) * wind.driftM * view.scale];
	return Math.hypot(dx, dy) < 12 ? null : { dx, dy };
}

interface DriftProps {
	at: { px: number; py: number };
	by: { dx: number; dy: number };
	words: string;
	name: Placed | undefined;
}

/** Where the drift takes a boat from here in ten minutes. */
export function Drift({ at, by: { dx, dy }, words, name }: DriftProps) {
	return (
		<g pointerEvents="none">
			<g transform={`translate(${at.px.toFixed(1)} ${at.py.toFixed(1)})`}>
				<path d={`M0 0 L${dx.toFixed(1)} ${dy.toFixed(1)}`} stroke="#FBFCFA" strokeWidth="1.6" strokeDasharray="7 5" />
				<circle cx={dx} cy={dy} r="4" fill="none" stroke="#FBFCFA" strokeWidth="1.6" />
			</g>
			{name && (
				<text
					x={name.x}
					y={name.y}
					textAnchor={name.anchor}
					fontSize="12"
					fill="#FBFCFA"
					stroke="var(--water-deep)"
					strokeWidth="3"
					paintOrder="stroke"
				>
					{words}
				</text>
			)}
		</g>
	);
}
