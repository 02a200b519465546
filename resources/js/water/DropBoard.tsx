import { router } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { Check } from "../parts/Check";
import { Choice } from "../parts/Choice";
import { say } from "../parts/words";
import type { Live } from "../readings/useAnswer";
import type { GhostData, LineData, PickData } from "../types";
import { SecondDrop } from "./SecondDrop";

interface Props {
	live: Live;
	pick: PickData;
	lines: LineData[];
	sonar: boolean;
	onSonar: (on: boolean) => void;
	onGhost: (ghost: GhostData | null) => void;
	onFall: () => void;
}

/** The one drop: its figures, a second one beside it, the sonar circle, the fall at true speed. */
export default function DropBoard({ live, pick, lines, sonar, onSonar, onGhost, onFall }: Props) {
	const { drop } = pick;
	const inUse = lines.find((line) => line.inUse);
	return (
		<div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
			<section aria-label="This drop">
				<h2 className="text-[19px]">{pick.title}</h2>
				<Figures pick={pick} />
				<p className="mt-2 text-[15px]">{drop.words}</p>
				<p className="mt-1 text-[14px] text-slate">
					{say("{basis} Line weight, lure lift and unsteady flow are left out: compare, do not quote.", {
						basis: drop.basis,
					})}
				</p>
				<div className="mt-3 flex flex-wrap gap-3">
					<Button look="next" size="normal" onClick={onFall}>
						Watch it fall
					</Button>
					<Check className="flex min-h-12 items-center gap-3" checked={sonar} onChange={onSonar}>
						Sonar circle
					</Check>
				</div>
				{sonar && <p className="mt-1 text-[15px]">{live.answer.column.sonar.words}</p>}
				{lines.length > 0 && (
					<Choice
						label="Line on the reel"
						value={`${inUse?.id ?? ""}`}
						options={lines.map((line) => [`${line.id}`, `${line.name}, ${line.diameter}`] as const)}
						onChange={(line) =>
							router.put("/line", { line: Number(line) }, { preserveScroll: true, preserveState: true })
						}
					/>
				)}
			</section>
			<SecondDrop live={live} pick={pick} lineText={inUse?.diameter ?? "0.2 mm"} onGhost={onGhost} />
		</div>
	);
}

function Figures({ pick: { drop } }: { pick: PickData }) {
	const [hang, ...hangs] = drop.hangText.split(" ");
	const figures: [string, string][] = [
		...(drop.cast
			? [[drop.cast.landsText, "lands out"] as [string, string]]
			: [[drop.angleText, "line angle"] as [string, string]]),
		[drop.secondsText, drop.downTo === "to bottom" ? "to the bottom" : drop.downTo],
		[drop.lineOutText, "line out"],
		[hang || "–", say("hangs {hangs}", { hangs: hangs.join(" ") })],
	];
	return (
		<dl className="mt-2 grid grid-cols-4 border-y border-rule py-2">
			{figures.map(([figure, label]) => (
				<div key={label} className="flex flex-col-reverse justify-end pr-2">
					<dt className="text-[13px] text-slate">{label}</dt>
					<dd className="figure text-[19px]">{figure}</dd>
				</div>
			))}
		</dl>
	);
}
