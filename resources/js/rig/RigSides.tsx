import type { OtherRigData, RigData } from "../types";

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
						<span className="block text-[14px] text-slate">
							lost of a lift {other.starts} · hooks to {other.hooks} · holds {other.holds}
						</span>
					</li>
				))}
			</ul>
		</section>
	);
}

/** How far down a hook is still driven, by what the line is made of. */
export function Reaches({ rig }: { rig: RigData }) {
	return (
		<section aria-label="How far a hook is driven" className="mt-6">
			<h2 className="text-[20px]">How far {rig.cast ? "out" : "down"} it hooks</h2>
			<p className="mt-1 text-[14px] text-slate">
				Lines as strong as yours; the mark is {rig.cast ? "a usual cast" : "today's depth"}.
			</p>
			<ul className="mt-2">
				{rig.reaches.map((reach) => (
					<li key={reach.material} className="py-1">
						<span className="flex justify-between text-[15px]">
							<span className={reach.mine ? "font-semibold" : ""}>{reach.material}</span>
							<span className="figure">{reach.text}</span>
						</span>
						<span className="relative mt-1 block h-3 bg-rule">
							<span
								className={`block h-full ${reach.mine ? "bg-ember" : "bg-slate"}`}
								style={{ width: `${100 * reach.share}%` }}
							/>
							<span className="absolute -top-1 -bottom-1 w-0.5 bg-ink" style={{ left: `${100 * rig.marked}%` }} />
						</span>
					</li>
				))}
			</ul>
		</section>
	);
}

/** What a lift loses, by weight and line diameter. */
export function Losses({ rig }: { rig: RigData }) {
	return (
		<section className="mt-6">
			<h2 className="text-[20px]">What a lift loses</h2>
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
