import { type ReactNode, useState } from "react";
import { LureFigure } from "../drop/LureFigure";
import { Button } from "../parts/Button";
import { useWide } from "../parts/useWide";
import { say } from "../parts/words";
import type { ListedPickData } from "../types";
import { PointsBar } from "./PointsBar";

interface Props {
	picks: ListedPickData[];
	selected: string | null;
	/** A lure kept at the head of the list, wherever it ranks. */
	pinned?: number | null;
	onSelect: (key: string) => void;
	/** Beside the press that lists all. */
	children?: ReactNode;
}

/** Lures that are listed before all are asked for. */
const FEW = 5;

/** The box ranked, best way of each lure. */
export function PickList({ picks: ranked, selected, pinned = null, onSelect, children }: Props) {
	const [all, setAll] = useState(false);
	const picks = [
		...ranked.filter((pick) => pick.lureId === pinned),
		...ranked.filter((pick) => pick.lureId !== pinned),
	];
	const wide = useWide();
	// The one that is looked at stands among them, wherever it ranks.
	const shown = all ? picks : picks.filter((pick, index) => index < FEW || pick.key === selected);
	const most = Math.max(0, ...picks.map((pick) => pick.forPoints));
	const drawn = shown.find((pick) => pick.key === selected);
	return (
		<>
			<ol aria-label="Picks, best first">
				{shown.map((pick) => {
					const on = pick.key === selected;
					return (
						<li key={pick.lureId}>
							<button
								type="button"
								onClick={() => onSelect(pick.key)}
								aria-pressed={on}
								className={`grid min-h-[52px] w-full grid-cols-[14px_44px_minmax(0,1fr)_auto] items-center gap-x-2 px-3 py-[7px]
								text-left sm:grid-cols-[16px_96px_minmax(0,1fr)_42px_40px_76px_42px]
								${on ? "rounded-md bg-paper outline-2 -outline-offset-2 outline-ink" : "border-b border-rule hover:bg-paper"}`}
							>
								<span className="figure text-[15px] text-slate">{pick.place}</span>
								<span className="flex justify-center">
									<LureFigure lure={pick.drawing} holeInUse={pick.holeIndex} scale={wide ? 1.45 : 0.76} />
								</span>
								<span className="min-w-0">
									<span className="figure block text-[17px]">
										{pick.title}
										{pick.usual && <i className="pl-2 text-[13px] font-normal text-slate">usual</i>}
										{pick.lureId === pinned && <i className="pl-2 text-[13px] font-normal text-slate">pinned</i>}
									</span>
									{/* Worked like the one that is looked at, which the head of the page tells: seen there alone. */}
									<span className={pick.subtitle === drawn?.subtitle ? "sr-only" : "block text-[14px] text-slate"}>
										{pick.subtitle}
									</span>
								</span>
								{wide && (
									<>
										<Figure value={pick.secondsText} label="down" said={drawn?.secondsText} />
										<Figure
											value={pick.asideText}
											label={pick.asideWord}
											said={pick.asideWord === drawn?.asideWord ? drawn.asideText : null}
										/>
										<PointsBar pro={pick.forPoints} con={pick.againstPoints} most={most} />
									</>
								)}
								<span className="figure text-right text-[16px]">{pick.pointsText}</span>
							</button>
						</li>
					);
				})}
			</ol>
			<div className="mt-1 flex min-h-12 flex-wrap items-center justify-between gap-x-4">
				{!all && picks.length > FEW && (
					<Button look="strong" size="big" onClick={() => setAll(true)}>
						{say("All {picks}", { picks: picks.length })}
					</Button>
				)}
				{children}
			</div>
		</>
	);
}

interface FigureProps {
	value: string;
	label: string;
	/** The same of the lure whose drop the column draws and tells: seen there alone, and always heard. */
	said?: string | null;
}

function Figure({ value, label, said }: FigureProps) {
	const isSaid = value === said;
	return (
		<span>
			<span className={isSaid ? "sr-only" : "figure block text-[17px] whitespace-nowrap"}>{value}</span>
			<span className={isSaid ? "sr-only" : "block text-[13px] text-slate"}>{label}</span>
		</span>
	);
}
