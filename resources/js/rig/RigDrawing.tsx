import { LureShape, tiePoint } from "../drop/LureFigure";
import { say } from "../parts/words";
import type { PickData, RigData } from "../types";

const width = 640;
/** x of the rod's tip and of the lure. */
const from = 84;
const to = 548;
const y = 40;
/** Pixels for a line as thick as any, and for the thinnest. */
const thick = { line: 3, leader: 1.6 };

/** The rig laid out as on the bench, reel at the left: lengths to scale, diameters not. */
export function RigDrawing({ rig, pick }: { rig: RigData; pick: PickData }) {
	const whole = rig.lineOutM ?? 0;
	const leader = whole > 0 ? Math.min(0.9, rig.leaderM / whole) : rig.leaderM > 0 ? 0.2 : 0;
	const knot = to - (to - from) * leader;
	const tie = tiePoint(pick.drawing, pick.holeIndex);
	const size = 68 / pick.drawing.lengthMm;
	const told = say("The rig to scale: {line}, {leader}, {connector}.", {
		line: rig.line,
		leader: rig.leader,
		connector: rig.connector,
	});
	return (
		<div className="py-2">
			<svg viewBox={`0 0 ${width} 84`} role="img" aria-label={told} className="block w-full">
				<g fill="none" stroke="var(--ink)" strokeWidth={2}>
					<circle cx={34} cy={y + 14} r={13} fill="var(--paper)" />
					<circle cx={34} cy={y + 14} r={5} />
					<path d={`M8 ${y} H${from}`} stroke="var(--ember)" strokeWidth={5} strokeLinecap="round" />
					<path d={`M34 ${y + 1} q30 -12 ${from - 34} -1`} strokeWidth={1.2} />
					<path d={`M${from} ${y} H${knot}`} strokeWidth={thick.line} />
					{leader > 0 && <path d={`M${knot} ${y} H${to}`} strokeWidth={thick.leader} stroke="var(--slate)" />}
					{leader > 0 && <circle cx={knot} cy={y} r={4.5} fill="var(--ink)" />}
					<circle cx={to + 5} cy={y} r={5} fill={rig.connector === "tied direct" ? "var(--ink)" : "var(--paper)"} />
				</g>
				<g transform={`translate(${to + 10} ${y}) scale(${size}) translate(${-tie.x} ${-tie.y})`}>
					<LureShape lure={pick.drawing} holeInUse={pick.holeIndex} />
					{rig.hooks.stinger && <Stinger at={tie} size={pick.drawing.heightMm} />}
				</g>
			</svg>
			<p aria-hidden="true" className="flex justify-between gap-3 text-[14px] text-slate">
				<span>{rig.line}</span>
				<span className="ml-auto">{rig.leader}</span>
				<span>{rig.connector}</span>
			</p>
		</div>
	);
}

/** A single hook on a soft loop at the head. */
function Stinger({ at, size }: { at: { x: number; y: number }; size: number }) {
	return (
		<g transform={`translate(${at.x} ${at.y})`} fill="none" stroke="var(--wire)" strokeWidth={0.9}>
			<path d={`M0 0 q${-size * 0.3} ${size * 0.3} 0 ${size * 0.7}`} strokeDasharray="1.4 0.8" />
			<path d={`M0 ${size * 0.7} v${size * 0.5} q${size * 0.28} ${size * 0.34} ${size * 0.36} ${-size * 0.16}`} />
		</g>
	);
}
