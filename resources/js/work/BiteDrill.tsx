import { useEffect, useRef } from "react";
import { Button } from "../parts/Button";
import { isCalm } from "../parts/calm";
import { say, upper } from "../parts/words";
import { useKeys } from "../shell/useKeys";
import type { WorkData } from "../types";
import { cycleOf, heightAt, heldStill, type Phase, placeAt } from "./repeat";
import { type Drill, useDrill } from "./useDrill";

/** Where bites come and how they show, and a drill of them: strike at anything out of the ordinary. */
export function BiteDrill({ work }: { work: WorkData }) {
	const drill = useDrill(work);
	useKeys({ s: drill.strike });
	return (
		<div className="mt-4 grid gap-x-8 gap-y-4 lg:grid-cols-[320px_minmax(0,1fr)]">
			<section aria-label="How bites show">
				<h2 className="text-[20px]">How a bite shows</h2>
				<ol className="mt-1">
					{work.bites.map((bite) => (
						<li key={bite.sign} className="flex justify-between gap-3 border-b border-rule py-1.5">
							<span>{bite.shows}</span>
							<span className="text-slate">
								{{ fall: "on the fall", rest: "at rest", lift: "on the lift" }[bite.phase]}
							</span>
						</li>
					))}
				</ol>
				<Strikes work={work} />
				<Scores drill={drill} />
			</section>
			<section aria-label="Drill">
				<Line work={work} drill={drill} />
				<div className="mt-2 grid grid-cols-2 gap-2.5">
					<Button look="plain" size="big" onClick={drill.toggle} aria-pressed={drill.running}>
						{drill.running ? "Stop the drill" : "Start the drill"}
					</Button>
					<button
						type="button"
						aria-keyshortcuts="S"
						onPointerDown={drill.strike}
						onClick={(event) => event.detail === 0 && drill.strike()}
						disabled={!drill.running}
						className="figure min-h-[76px] rounded-md bg-ember text-[22px] text-on-ember"
					>
						Strike
					</button>
				</div>
				<p role="status" className="mt-1 min-h-6 text-[15px]">
					{drill.said}
				</p>
			</section>
		</div>
	);
}

/** When to strike: as most do with this cadence, and the other school beside it. */
function Strikes({ work }: { work: WorkData }) {
	const [usual, other] = work.strikes;
	if (!usual || !other) return null;
	return (
		<>
			<h2 className="mt-4 text-[20px] first-letter:uppercase">{usual.word}</h2>
			<p>{usual.says}</p>
			<p className="mt-1 text-[15px] text-slate">
				{upper(other.word)}: {other.says}
			</p>
		</>
	);
}

function Scores({ drill }: { drill: Drill }) {
	const kinds = Object.entries(drill.scores);
	if (kinds.length === 0 && drill.falseStrikes === 0) return null;
	return (
		<table className="mt-3 w-full text-[15px]" aria-label="Strikes by how the bite showed">
			<thead>
				<tr className="text-left text-[14px] text-slate">
					<th className="py-1 font-normal">it showed as</th>
					<th className="py-1 text-right font-normal">hit</th>
					<th className="py-1 text-right font-normal">missed</th>
					<th className="py-1 text-right font-normal">after</th>
				</tr>
			</thead>
			<tbody>
				{kinds.map(([kind, { hits, misses, late }]) => (
					<tr key={kind} className="border-t border-rule">
						<th className="py-1 text-left font-normal">{kind}</th>
						<td className="figure py-1 text-right">{hits}</td>
						<td className="figure py-1 text-right">{misses}</td>
						<td className="py-1 text-right">{hits > 0 ? `${(late / hits).toFixed(1)} s` : "–"}</td>
					</tr>
				))}
				<tr className="border-t border-rule">
					<th className="py-1 text-left font-normal">nothing</th>
					<td className="figure py-1 text-right" colSpan={3}>
						{say("{falseStrikes} false", { falseStrikes: drill.falseStrikes })}
					</td>
				</tr>
			</tbody>
		</table>
	);
}

const [wide, tall, top, floor] = [440, 220, 22, 188];

/** The line from the tip to the lure, as it falls, rests and is lifted; a bite changes it as one would. */
function Line({ work, drill }: { work: WorkData; drill: Drill }) {
	const path = useRef<SVGPathElement>(null);
	const lure = useRef<SVGGElement>(null);
	const { running, look } = drill;
	useEffect(() => {
		const draw = (seconds: number, sign: string, since: number) => {
			const at = seconds % cycleOf(work);
			const share = work.liftM > 0 ? heightAt(work.ribbon, at) / work.liftM : 0;
			const moved = drawn(placeAt(work, seconds).phase, share, sign, since);
			path.current?.setAttribute("d", `M220 ${top} Q${moved.belly} ${(top + moved.y) / 2 + 20} ${moved.x} ${moved.y}`);
			lure.current?.setAttribute("transform", `translate(${moved.x} ${moved.y})`);
		};
		if (!running) return draw(0, "", 0);
		let frame = 0;
		const calm = isCalm();
		const step = () => {
			const { seconds, bite } = look();
			const since = bite ? seconds - bite.at : 0;
			// With reduced motion a bite shows as it looks in full, and the lure steps from phase to phase.
			if (calm) draw(heldStill(work, seconds), bite?.sign ?? "", bite?.sign === "tick" ? 0 : 1);
			else draw(seconds, bite?.sign ?? "", since);
			frame = requestAnimationFrame(step);
		};
		frame = requestAnimationFrame(step);
		return () => cancelAnimationFrame(frame);
	}, [work, running, look]);
	return (
		<svg
			viewBox={`0 0 ${wide} ${tall}`}
			role="img"
			aria-label="The line as you would watch it"
			className="block w-full rounded-md"
		>
			<rect width={wide} height={tall} fill="var(--water-mid)" />
			<rect width={wide} height={top} fill="var(--sky)" />
			<rect y={floor + 8} width={wide} height={tall - floor - 8} fill="#B8A77B" />
			<path ref={path} fill="none" stroke="#FBFCFA" strokeWidth={2.5} />
			<g ref={lure}>
				<ellipse rx={13} ry={6} fill="#FBFCFA" stroke="#10222B" />
			</g>
		</svg>
	);
}

/** Where the lure is drawn, and how far the line bellies aside; each sign shows in its own way for as long as it lasts. */
function drawn(phase: Phase, share: number, sign: string, since: number): { x: number; y: number; belly: number } {
	const y = floor - share * 110;
	// Slack bellies the line while it falls and rests, a lift draws it straight.
	const slack = phase === "lift" ? 222 : phase === "fall" ? 232 : 246;
	switch (sign) {
		case "early_count":
			return { x: 220, y: Math.min(y, floor - 46), belly: 248 };
		case "tick":
			return { x: 220 + (since < 0.18 ? 7 : 0), y: y - (since < 0.18 ? 6 : 0), belly: since < 0.18 ? 222 : slack };
		case "line_aside":
			return { x: 220 - Math.min(60, since * 70), y, belly: 220 - Math.min(40, since * 50) };
		case "belly_tightens":
			return { x: 220, y, belly: Math.max(220, slack - since * 60) };
		case "weight":
			return { x: 220, y: Math.max(y, floor - 8), belly: 220 };
		default:
			return { x: 220, y, belly: slack };
	}
}
