import { say } from "../parts/words";
import type { OtherRigData, ReachData, RigData } from "../types";

/** What the other schools would tie in its place, and what that trades. */
export function OtherRigs({ others }: { others: OtherRigData[] }) {
	return (
		<section aria-label="Other schools">
			<h2 className="text-[20px]">Other schools</h2>
			<ul>
				{others.map((other) => (
					<li key={other.label} className="border-b border-rule py-2">
						<span className="font-semibold">{other.label}</span>
						<span className="block text-[15px] text-slate">
							{other.trades.length === 0 ? "much the same here" : other.trades.join(", ")}
						</span>
						{other.figures && <span className="block text-[14px] text-slate">{other.figures}</span>}
					</li>
				))}
			</ul>
		</section>
	);
}

/** How far down, and how far out, a hook is still driven, by what the line is made of. */
export function Reaches({ rig }: { rig: RigData }) {
	return (
		<section aria-label="How far a hook is driven" className="mt-6">
			<h2 className="text-[20px]">How far it hooks</h2>
			<p className="mt-1 text-[14px] text-slate">
				{say("Lines as strong as yours. Full dot: straight down. Open dot: end of a cast. The mark is {mark}.", {
					mark: rig.cast ? "a usual cast" : "today's depth",
				})}
			</p>
			<ul className="mt-2">
				{rig.reaches.map((reach) => (
					<li key={reach.material} className="py-1 text-[15px]">
						<span className="flex justify-between gap-2">
							<span className={reach.mine ? "font-semibold" : ""}>{reach.material}</span>
							<span>{say("{downText} down, {outText} out", { downText: reach.downText, outText: reach.outText })}</span>
						</span>
						<Scale reach={reach} marked={rig.marked} />
					</li>
				))}
			</ul>
		</section>
	);
}

/** Both on one scale, as far as anybody fishes. */
function Scale({ reach, marked }: { reach: ReachData; marked: number }) {
	const at = (share: number) => 6 + share * 270;
	const ink = reach.mine ? "var(--ember)" : "var(--slate)";
	return (
		<svg viewBox="0 0 282 18" aria-hidden="true" className="block w-full">
			<path d="M6 9 H276" stroke="var(--rule)" strokeWidth={2} />
			<path d={`M${at(marked)} 2 V16`} stroke="var(--ink)" strokeWidth={1.5} />
			{reach.out !== null && (
				<circle cx={at(reach.out)} cy={9} r={5} fill="var(--paper)" stroke={ink} strokeWidth={2.5} />
			)}
			{reach.down !== null && <circle cx={at(reach.down)} cy={9} r={4} fill={ink} />}
		</svg>
	);
}

/** What a lift loses, by weight and line diameter. */
export function Losses({ rig }: { rig: RigData }) {
	return (
		<section className="mt-6">
			<h2 className="text-[20px]">What a lift loses</h2>
			<LossChart rig={rig} />
			<table className="mt-2 w-full text-[15px]" aria-label="What a lift loses, by weight and line">
				<thead>
					<tr className="text-left text-[14px] text-slate">
						<th className="py-1 font-normal">weight</th>
						{rig.diameters.map((diameter) => (
							<th key={diameter} className="py-1 text-right font-normal">
								{diameter}
							</th>
						))}
					</tr>
				</thead>
				<tbody>
					{rig.losses.map((loss) => (
						<tr key={loss.weight} className={`border-t border-rule ${loss.mine ? "font-bold" : ""}`}>
							<th className="py-1 text-left font-[inherit]">{loss.weight}</th>
							{loss.lost.map((lost, index) => (
								<td key={rig.diameters[index]} className="py-1 text-right">
									{lost}
								</td>
							))}
						</tr>
					))}
				</tbody>
			</table>
		</section>
	);
}

/** A line for each diameter: weights from light to heavy, down by the share of the lift that is lost. */
function LossChart({ rig }: { rig: RigData }) {
	const x = (index: number) => 10 + (index * 262) / Math.max(1, rig.losses.length - 1);
	const y = (share: number) => 6 + 78 * share;
	return (
		<svg viewBox="0 0 282 104" aria-hidden="true" className="mt-2 block w-full">
			<path d={`M10 ${y(0)} H272 M10 ${y(1)} H272`} stroke="var(--rule)" strokeWidth={1} />
			{rig.diameters.map((diameter, line) => (
				<polyline
					key={diameter}
					points={rig.losses
						.map((loss, index) => [x(index), loss.shares[line] ?? null] as const)
						.filter((point): point is readonly [number, number] => point[1] !== null)
						.map(([px, share]) => `${px},${y(share)}`)
						.join(" ")}
					fill="none"
					stroke="var(--ink)"
					strokeWidth={1 + line}
				/>
			))}
			{rig.losses.map((loss, index) =>
				loss.mine ? (
					<path key={loss.weight} d={`M${x(index)} ${y(0)} V${y(1)}`} stroke="var(--ember)" strokeWidth={1.5} />
				) : null,
			)}
			<text x={10} y={100} fontSize={12} fill="var(--slate)">
				lightest
			</text>
			<text x={272} y={100} fontSize={12} fill="var(--slate)" textAnchor="end">
				heaviest; thick strokes are thick lines
			</text>
		</svg>
	);
}
