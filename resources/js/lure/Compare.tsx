import { useEffect, useState } from "react";
import { LureFigure } from "../drop/LureFigure";
import { remember, remembered } from "../parts/address";
import { Trouble } from "../parts/Notice";
import { Select } from "../parts/Select";
import { useAsk } from "../parts/useAsk";
import { say } from "../parts/words";
import { choiceAddress } from "../readings/choiceAddress";
import type { AnswerData, CompareData, ContrastData, GhostData, PickData } from "../types";

interface Props {
	answer: AnswerData;
	pick: PickData;
	/** The second drop, drawn beside the first. */
	onGhost: (ghost: GhostData | null) => void;
}

/** This pick and any other lure, rule by rule, with their drops drawn together. */
export function Compare({ answer, pick, onGhost }: Props) {
	const others = answer.rack.filter((lure) => lure.lureId !== pick.lureId);
	const [wanted, setWanted] = useState(() => remembered("with"));
	const choose = (id: string) => {
		setWanted(id);
		remember("with", id);
	};
	const lure = others.find((one) => `${one.lureId}` === wanted) ?? others[0];
	const { answer: compared, trouble } = useAsk<CompareData>(
		lure ? choiceAddress("/compare", answer, { a: pick.key, b: lure.key }) : null,
		{ again: answer.query },
	);
	const ghost = compared?.firstKey === pick.key && compared.secondKey === lure?.key ? compared.ghost : null;
	useEffect(() => {
		onGhost(ghost);
	}, [ghost, onGhost]);
	useEffect(() => () => onGhost(null), [onGhost]);
	if (!lure) return <p>There is no second lure in the box to compare with.</p>;
	return (
		<>
			<h2 className="text-[20px]">Side by side</h2>
			<div className="mt-2 grid grid-cols-2 gap-x-3 text-[15px]">
				<Side title={pick.title} sub={pick.subtitle} points={compared?.firstPoints ?? pick.pointsText}>
					<LureFigure lure={pick.drawing} holeInUse={pick.holeIndex} scale={1.3} />
				</Side>
				<Side title={lure.title} sub="" points={compared?.secondPoints ?? ""}>
					{ghost && <LureFigure lure={ghost.drawing} holeInUse={ghost.holeIndex} scale={1.3} />}
				</Side>
			</div>
			<Select
				label="Compare with"
				value={`${lure.lureId}`}
				options={others.map((one) => [`${one.lureId}`, one.title] as const)}
				onChange={choose}
				className="mt-2 w-full"
			/>
			<Trouble words={trouble} className="mt-2" />
			{compared && (
				<div aria-live="polite">
					<p className="mt-2 text-[15px]">{compared.verdict}</p>
					<table className="mt-1 w-full text-[14px] leading-snug">
						<caption className="sr-only">Points that set them apart, the weightiest first</caption>
						<thead className="sr-only">
							<tr>
								<th scope="col">{compared.firstTitle}</th>
								<th scope="col">{compared.secondTitle}</th>
								<th scope="col">why</th>
							</tr>
						</thead>
						<tbody>
							{compared.contrasts.map((contrast) => (
								<tr key={contrast.rule} className="border-t border-rule align-top">
									<Points text={contrast.first?.pointsText} />
									<Points text={contrast.second?.pointsText} />
									<td className="py-1">{said(contrast)}</td>
								</tr>
							))}
						</tbody>
					</table>
					<p className="border-t border-rule py-1 text-[14px] text-slate">
						{compared.contrasts.length === 0 && "No rule tells them apart. "}
						{compared.alike}
					</p>
					<h3 className="mt-2 text-[16px]">The second drop, dashed in the picture</h3>
					<ul className="pb-3 text-[15px]">
						{compared.ghost.differences.map((difference) => (
							<li key={difference}>{difference}</li>
						))}
					</ul>
				</div>
			)}
		</>
	);
}

function Side({
	title,
	sub,
	points,
	children,
}: {
	title: string;
	sub: string;
	points: string;
	children: React.ReactNode;
}) {
	return (
		<div className="min-w-0">
			<div className="flex h-[52px] items-end">{children}</div>
			<p className="figure mt-1 leading-tight">{title}</p>
			{sub && <p className="truncate text-[13px] text-slate">{sub}</p>}
			<p className="figure text-[18px]">
				{points} <span className="text-[13px] text-slate">points</span>
			</p>
		</div>
	);
}

function Points({ text }: { text: string | undefined }) {
	return (
		<td className={`figure w-10 py-1 ${text?.startsWith("−") ? "text-rowan" : "text-moss"}`}>
			{text ?? <span className="text-slate">0</span>}
		</td>
	);
}

/** Both sentences where the two say otherwise, else the one there is. */
function said({ first, second }: ContrastData): string {
	if (first && second)
		return first.text === second.text
			? first.text
			: say("{first} Second: {second}", { first: first.text, second: second.text });
	return first?.text ?? second?.text ?? "";
}
