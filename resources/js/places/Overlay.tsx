import type { WindData } from "../types";
import { barOf, type Size, type View } from "./view";

interface Props {
	view: View;
	size: Size;
	unit: string;
	unitM: number;
	wind: WindData | null;
}

/** Scale, north, and the wind with whither it takes a boat. */
export function Overlay({ view, size, unit, unitM, wind }: Props) {
	const bar = barOf(view.scale * unitM, Math.min(130, size.wide / 4));
	const turn = wind ? wind.fromDeg + 180 : 0;
	return (
		<g stroke="var(--ink)" fill="var(--ink)" fontSize={13} pointerEvents="none">
			<g strokeWidth={5} stroke="var(--paper)" strokeOpacity={0.75} paintOrder="stroke">
				<text x={16} y={size.tall - 22}>
					{bar} {unit}
				</text>
				<text x={size.wide - 24} y={50} textAnchor="middle">
					N
				</text>
			</g>
			<path
				d={`M16 ${size.tall - 14} h${(bar * view.scale * unitM).toFixed(1)}`}
				strokeWidth={5}
				stroke="var(--paper)"
			/>
			<path d={`M16 ${size.tall - 14} h${(bar * view.scale * unitM).toFixed(1)}`} strokeWidth={2.5} />
			<path d={`M${size.wide - 24} 36 V12 m-5 8 l5 -8 l5 8`} fill="none" strokeWidth={2} />
			{wind && (
				<g>
					<g transform={`translate(34 34) rotate(${turn})`} fill="none" strokeWidth={2.2}>
						<path d="M0 17 V-17 m-6 9 l6 -9 l6 9" stroke="var(--paper)" strokeWidth={6} strokeOpacity={0.75} />
						<path d="M0 17 V-17 m-6 9 l6 -9 l6 9" />
					</g>
					<text x={60} y={38} stroke="var(--paper)" strokeWidth={5} strokeOpacity={0.75} paintOrder="stroke">
						{wind.words}
					</text>
				</g>
			)}
		</g>
	);
}

interface DriftProps {
	at: { px: number; py: number };
	wind: WindData;
	view: View;
}

/** Where the drift takes a boat from here in ten minutes. */
export function Drift({ at, wind, view }: DriftProps) {
	if (wind.driftM === null) return null;
	const bearing = ((wind.fromDeg + 180) * Math.PI) / 180;
	const [dx, dy] = [Math.sin(bearing) * wind.driftM * view.scale, -Math.cos(bearing) * wind.driftM * view.scale];
	if (Math.hypot(dx, dy) < 12) return null;
	return (
		<g transform={`translate(${at.px.toFixed(1)} ${at.py.toFixed(1)})`} pointerEvents="none">
			<path d={`M0 0 L${dx.toFixed(1)} ${dy.toFixed(1)}`} stroke="#FBFCFA" strokeWidth="1.6" strokeDasharray="7 5" />
			<circle cx={dx} cy={dy} r="4" fill="none" stroke="#FBFCFA" strokeWidth="1.6" />
			<text
				x={dx + 8}
				y={dy + 14}
				fontSize="12"
				fill="#FBFCFA"
				stroke="var(--water-deep)"
				strokeWidth="3"
				paintOrder="stroke"
			>
				{wind.driftWords}
			</text>
		</g>
	);
}
