import { router } from "@inertiajs/react";
import { useEffect, useState } from "react";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { useAsk } from "../parts/useAsk";
import type { Live } from "../readings/useAnswer";
import type { GhostData, PickData } from "../types";

export interface LineChoice {
	id: number;
	name: string;
	diameter: string;
	inUse: boolean;
}

interface Props {
	live: Live;
	pick: PickData;
	lines: LineChoice[];
	sonar: boolean;
	onSonar: (on: boolean) => void;
	onGhost: (ghost: GhostData | null) => void;
	onFall: () => void;
}

/** The one drop: its figures, a second one beside it, the sonar circle, the fall at true speed. */
export default function DropBoard({ live, pick, lines, sonar, onSonar, onGhost, onFall }: Props) {
	const { drop } = pick;
	const [other, setOther] = useState({ weight: "", line: "", hole: "" });
	const holding = Object.values(other).some((text) => text.trim() !== "");
	const query = new URLSearchParams({
		pick: pick.key,
		...Object.fromEntries(Object.entries(other).filter(([, text]) => text.trim() !== "")),
	});
	const asked = useAsk<GhostData>(holding ? `/ghost?${query}` : null, { again: live.answer });
	const ghost = holding ? asked.answer : null;
	useEffect(() => onGhost(ghost), [ghost, onGhost]);
	useEffect(() => () => onGhost(null), [onGhost]);
	const figures: [string, string][] = [
		[drop.angleText, "line angle"],
		[drop.secondsText, "to the bottom"],
		[drop.lineOutText, "line out"],
		[drop.hangText.split(" ")[0] || "–", `hangs ${drop.hangText.split(" ").slice(1).join(" ")}`],
	];
	return (
		<div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
			<section aria-label="This drop">
				<h2 className="text-[19px]">{pick.title}</h2>
				<dl className="mt-2 grid grid-cols-4 border-y border-rule py-2">
					{figures.map(([figure, label]) => (
						<div key={label} className="flex flex-col-reverse justify-end pr-2">
							<dt className="text-[13px] text-slate">{label}</dt>
							<dd className="figure text-[19px]">{figure}</dd>
						</div>
					))}
				</dl>
				<p className="mt-2 text-[15px]">{drop.words}</p>
				<p className="mt-1 text-[14px] text-slate">
					{drop.basis} Line weight, lure lift and unsteady flow are left out: compare, do not quote.
				</p>
				<div className="mt-3 flex flex-wrap gap-3">
					<button type="button" onClick={onFall} className="figure min-h-12 rounded-md bg-ember px-5 text-on-ember">
						Watch it fall
					</button>
					<label className="flex min-h-12 items-center gap-3">
						<input
							type="checkbox"
							className="size-6 accent-[var(--ember)]"
							checked={sonar}
							onChange={(event) => onSonar(event.target.checked)}
						/>
						Sonar circle
					</label>
				</div>
				{sonar && <p className="mt-1 text-[15px]">{live.answer.column.sonar.words}</p>}
				{lines.length > 0 && (
					<Choice
						label="Line on the reel"
						value={`${lines.find((line) => line.inUse)?.id ?? ""}`}
						options={lines.map((line) => [`${line.id}`, `${line.name}, ${line.diameter}`] as const)}
						onChange={(line) =>
							router.put("/line", { line: Number(line) }, { preserveScroll: true, preserveState: true })
						}
					/>
				)}
			</section>
			<section aria-label="A second drop beside it">
				<h2 className="text-[19px]">Beside it</h2>
				<p className="mt-1 mb-3 text-[15px] text-slate">Another weight, line or hole, drawn dashed in the column.</p>
				<div className="grid grid-cols-2 gap-x-3">
					<Field
						label="Weight"
						placeholder={pick.title.split(" ").slice(0, 2).join(" ")}
						value={other.weight}
						onChange={(event) => setOther({ ...other, weight: event.target.value })}
					/>
					<Field
						label="Line"
						placeholder={lines.find((line) => line.inUse)?.diameter ?? "0.2 mm"}
						value={other.line}
						onChange={(event) => setOther({ ...other, line: event.target.value })}
					/>
				</div>
				{pick.drawing.holes.length > 1 && (
					<Choice
						label="Hole"
						value={other.hole || (pick.hole ?? "")}
						options={pick.drawing.holes.map((hole) => [hole.name, hole.name] as const)}
						onChange={(hole) => setOther({ ...other, hole: hole === pick.hole ? "" : hole })}
					/>
				)}
				{asked.trouble && holding && (
					<p role="alert" className="mt-2 text-rowan">
						{asked.trouble}
					</p>
				)}
				{ghost && (
					<div aria-live="polite" className="mt-3 border-t border-rule pt-2">
						<h3 className="text-[17px]">{ghost.title}</h3>
						<ul>
							{ghost.differences.map((difference) => (
								<li key={difference}>{difference}</li>
							))}
						</ul>
						<button
							type="button"
							onClick={() => setOther({ weight: "", line: "", hole: "" })}
							className="mt-1 min-h-11 font-semibold underline underline-offset-4"
						>
							Let it go
						</button>
					</div>
				)}
			</section>
		</div>
	);
}
