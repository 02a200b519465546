import { useId } from "react";
import { FAMILY } from "../kinds";
import type { LureDrawing } from "../types";
import { paintOf } from "./finish";
import { Accents, Tail } from "./LureAdded";
import { bottomOf, frameOf, hooksOf, middleOf, outlinePath, topOf } from "./lureSides";

interface Props {
	lure: LureDrawing;
	/** Which hole the line is on, from the nose. */
	holeInUse?: number | null;
}

/** Where the line is tied on, in drawing coordinates: millimetres, x from the nose, y down. */
export function tiePoint(lure: LureDrawing, holeInUse?: number | null): { x: number; y: number } {
	const hole = lure.holes[holeInUse ?? -1];
	if (hole) return { x: hole.x, y: -hole.y };
	const { tie } = FAMILY[lure.family];
	return tie ? { x: lure.lengthMm * tie[0], y: lure.heightMm * tie[1] } : { x: -2, y: 0 };
}

/** A lure drawn from its measures, as a group in millimetres: nose at the origin, tail to the right, back up. */
export function LureShape({ lure, holeInUse }: Props) {
	const id = useId();
	const paint = paintOf(lure.finish);
	const { flat, tail } = FAMILY[lure.family];
	return (
		<g strokeLinejoin="round" strokeLinecap="round">
			<defs>
				<linearGradient id={`${id}flank`} x1="0" y1="0" x2="0" y2="1">
					<stop offset="0" stopColor={paint.back} />
					<stop offset="0.42" stopColor={paint.flank} />
					<stop offset="1" stopColor={paint.belly} />
				</linearGradient>
				<clipPath id={`${id}clip`}>
					<path d={outlinePath(lure)} />
				</clipPath>
			</defs>
			<Hooks lure={lure} />
			{tail === "blade" && <TailBlade x={lure.lengthMm + 2} y={0} size={lure.heightMm * 0.95} />}
			{tail === "wire" && <TailBlade x={lure.lengthMm + 6} y={0} size={lure.heightMm} wire />}
			<path d={outlinePath(lure)} fill={`url(#${id}flank)`} stroke="#10222B" strokeWidth="0.9" />
			<g clipPath={`url(#${id}clip)`}>
				<Pattern lure={lure} pattern={paint.pattern} />
				<Accents lure={lure} />
				{lure.red && <circle cx={lure.lengthMm * 0.36} cy={bottomOf(lure)} r={lure.heightMm * 0.22} fill="#B3202F" />}
				{flat && (
					<ellipse
						cx={lure.lengthMm * 0.17}
						cy={middleOf(lure) + lure.heightMm * 0.12}
						rx={lure.lengthMm * 0.19}
						ry={lure.heightMm * 0.36}
						fill="#10222B"
						fillOpacity="0.16"
						stroke="#10222B"
						strokeOpacity="0.4"
						strokeWidth="0.6"
					/>
				)}
			</g>
			<Tail lure={lure} />
			<Eye lure={lure} />
			{!flat && <TieEye lure={lure} />}
			{lure.holes.map((hole, index) => (
				<circle
					key={hole.name}
					cx={hole.x}
					cy={-hole.y}
					r={index === holeInUse ? 1.9 : 1.15}
					fill={index === holeInUse ? "#C8501E" : "#FBFCFA"}
					stroke="#10222B"
					strokeWidth={index === holeInUse ? 0.9 : 0.6}
				/>
			))}
		</g>
	);
}

/** A lure on its own, to a common scale in pixels per millimetre. */
export function LureFigure({ lure, holeInUse, scale = 1.45 }: Props & { scale?: number }) {
	const { left, top, width, height } = frameOf(lure);
	return (
		<svg
			viewBox={`${left} ${top} ${width} ${height}`}
			width={width * scale}
			height={height * scale}
			role="img"
			aria-label={lure.words}
			style={{ maxWidth: "100%" }}
		>
			<LureShape lure={lure} holeInUse={holeInUse} />
		</svg>
	);
}

function Pattern({ lure, pattern }: { lure: LureDrawing; pattern: string }) {
	const l = lure.lengthMm;
	const h = lure.heightMm;
	const top = topOf(lure);
	if (pattern === "bars") {
		return (
			<>
				{[0.36, 0.48, 0.6, 0.72, 0.83].map((share) => (
					<path
						key={share}
						d={`M ${l * share} ${top - 1} q ${l * 0.02} ${h * 0.35} ${-l * 0.006} ${h * 0.66}`}
						stroke="#2E3A14"
						strokeWidth={l * 0.045}
						fill="none"
						opacity="0.8"
					/>
				))}
				<path
					d={`M ${l * 0.3} ${bottomOf(lure)} h ${l * 0.3}`}
					stroke="#D9702A"
					strokeWidth={h * 0.14}
					opacity="0.85"
				/>
			</>
		);
	}
	if (pattern === "unknown") {
		return (
			<path
				d={[0.2, 0.4, 0.6, 0.8].map((share) => `M ${l * share} ${top} l ${-h * 0.7} ${h}`).join(" ")}
				stroke="#6B7772"
				strokeWidth="0.7"
			/>
		);
	}
	if (pattern === "hammered" && !FAMILY[lure.family].flat) {
		return (
			<path
				d={[0.28, 0.5, 0.72].map((share) => `M ${l * share} ${-h / 2} l ${l * 0.06} ${h}`).join(" ")}
				stroke="#10222B"
				strokeOpacity="0.35"
				strokeWidth="0.5"
			/>
		);
	}
	return (
		<path
			d={`M ${l * 0.3} ${middleOf(lure) + h * 0.02} Q ${l * 0.55} ${middleOf(lure) + h * 0.1} ${l * 0.84} ${middleOf(lure)}`}
			stroke="#10222B"
			strokeOpacity="0.28"
			strokeWidth="0.6"
			fill="none"
		/>
	);
}

function Eye({ lure }: { lure: LureDrawing }) {
	const { eye, flat } = FAMILY[lure.family];
	const x = lure.lengthMm * eye;
	const y = flat ? middleOf(lure) - lure.heightMm * 0.06 : -lure.heightMm * 0.08;
	const r = Math.max(1, lure.heightMm * 0.085);
	return (
		<>
			<circle cx={x} cy={y} r={r} fill="#FBFCFA" stroke="#10222B" strokeWidth="0.5" />
			<circle cx={x} cy={y} r={r * 0.5} fill="#10222B" />
		</>
	);
}

function TieEye({ lure }: { lure: LureDrawing }) {
	const at = tiePoint(lure);
	return <circle cx={at.x} cy={at.y} r="1.5" fill="none" stroke="var(--wire)" strokeWidth="0.8" />;
}

function TailBlade({ x, y, size, wire }: { x: number; y: number; size: number; wire?: boolean }) {
	return (
		<g>
			{wire && <path d={`M ${x - 7} ${y} h 6`} stroke="var(--wire)" strokeWidth="0.8" />}
			<circle cx={x - 0.6} cy={y} r="0.9" fill="none" stroke="var(--wire)" strokeWidth="0.6" />
			<path
				d={`M ${x} ${y} C ${x + size * 0.2} ${y - size * 0.42} ${x + size * 0.8} ${y - size * 0.46} ${x + size}
					${y - size * 0.12} C ${x + size * 0.95} ${y + size * 0.24} ${x + size * 0.3} ${y + size * 0.26} ${x} ${y} Z`}
				fill="#E6C268"
				stroke="#10222B"
				strokeWidth="0.7"
			/>
		</g>
	);
}

/** Trebles hang below: front smaller than rear on a blade, one at the tail of a spoon, one under a tail spinner. */
function Hooks({ lure }: { lure: LureDrawing }) {
	return hooksOf(lure).map(({ name, ...at }) => <Treble key={name} {...at} />);
}

function Treble({ x, y, size }: { x: number; y: number; size: number }) {
	const s = size;
	const bend = (side: number) =>
		`M 0 ${s * 0.62} C 0 ${s * 1.05} ${side * s * 0.52} ${s * 1.1} ${side * s * 0.5} ${s * 0.58} l ${-side * s * 0.13} ${s * 0.14}`;
	return (
		<g transform={`translate(${x} ${y})`} fill="none" stroke="var(--wire)" strokeWidth="0.75">
			<circle cx="0" cy="0.9" r="1" />
			<path d={`M 0 1.9 V ${s * 0.62} ${bend(-1)} ${bend(1)} M 0 ${s * 0.62} v ${s * 0.34}`} />
		</g>
	);
}
