import { useEffect, useState } from "react";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Notice";
import { useAsk } from "../parts/useAsk";
import type { Live } from "../readings/useAnswer";
import type { GhostData, PickData } from "../types";

interface Props {
	live: Live;
	pick: PickData;
	/** What the line on the reel measures. */
	lineText: string;
	onGhost: (ghost: GhostData | null) => void;
}

const same = { weight: "", line: "", hole: "" };

/** Another weight, line or hole beside the drop. */
export function SecondDrop({ live, pick, lineText, onGhost }: Props) {
	const [other, setOther] = useState(same);
	const wanted = Object.entries(other).filter(([, text]) => text.trim() !== "");
	const holding = wanted.length > 0;
	const query = new URLSearchParams({ pick: pick.key, ...Object.fromEntries(wanted) });
	const asked = useAsk<GhostData>(holding ? `/ghost?${query}` : null, { again: live.answer });
	const ghost = holding ? asked.answer : null;
	useEffect(() => onGhost(ghost), [ghost, onGhost]);
	useEffect(() => () => onGhost(null), [onGhost]);
	return (
		<section aria-label="A second drop beside it">
			<h2 className="text-[19px]">Beside it</h2>
			<p className="mt-1 mb-3 text-[15px] text-slate">Another weight, line or hole, drawn dashed in the column.</p>
			<div className="grid grid-cols-2 gap-x-3">
				<Field
					label="Weight"
					placeholder={/^\S+\s\S+/.exec(pick.title)?.[0]}
					value={other.weight}
					onChange={(event) => setOther({ ...other, weight: event.target.value })}
				/>
				<Field
					label="Line"
					placeholder={lineText}
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
			<Trouble words={holding && asked.trouble} />
			{ghost && (
				<div aria-live="polite" className="mt-3 border-t border-rule pt-2">
					<h3 className="text-[17px]">{ghost.title}</h3>
					<ul>
						{ghost.differences.map((difference) => (
							<li key={difference}>{difference}</li>
						))}
					</ul>
					<Button look="strong" className="mt-1" onClick={() => setOther(same)}>
						Let it go
					</Button>
				</div>
			)}
		</section>
	);
}
