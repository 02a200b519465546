import { Link } from "@inertiajs/react";
import { useAsk } from "../parts/useAsk";
import { lower, say, upper } from "../parts/words";
import { choiceAddress } from "../readings/choiceAddress";
import type { AnswerData, CompareData, PickData, StepData } from "../types";
import { Reasons } from "./Reasons";

interface Props {
	answer: AnswerData;
	pick: PickData;
	/** The key of the pick on top of the whole box. */
	first: string;
	/** Minutes it has been fished without a bite, where it is on the line. */
	spent?: number;
	onWay: (key: string) => void;
}

/** Why this one, or what keeps it from the top. */
export function Why({ answer, pick, first, spent = 0, onWay }: Props) {
	const top = pick.key === first;
	return (
		<>
			<h2 className={top ? "sr-only" : "text-[20px]"}>
				{top ? "Why the first one" : say("Why not the {spoken}", { spoken: pick.spoken })}
			</h2>
			{!top && <WhyNot answer={answer} pick={pick} first={first} />}
			<Reasons reasons={pick.reasons}>
				<Link href="/rules" className="underline underline-offset-4">
					Change the rules
				</Link>
			</Reasons>
			{spent > 0 && pick.ladder[0] && <p className="mt-2 text-[15px]">{patience(pick.ladder[0], spent)}</p>}
			{pick.ways.length + pick.otherSchools.length > 0 && (
				<details className="mt-2 border-t border-rule pt-1 text-[15px]">
					<summary className="min-h-8 cursor-pointer underline underline-offset-4">Other ways with this lure</summary>
					{pick.otherSchools.map((words) => (
						<p key={words} className="mt-2 rounded-md bg-frost px-3 py-2">
							{words}
						</p>
					))}
					<ul className="mt-1">
						{pick.ways.map((way) => (
							<li key={way.key} className="border-t border-rule">
								<button
									type="button"
									onClick={() => onWay(way.key)}
									className="flex min-h-10 w-full items-center justify-between gap-2 text-left"
								>
									<span>{way.words}</span>
									<span className="figure text-slate">{way.pointsText}</span>
								</button>
							</li>
						))}
					</ul>
				</details>
			)}
		</>
	);
}

/** What would put a pick on top. */
interface OnTop {
	pick: string;
	words: string[];
}

/** What sets it behind the first, and what would put it on top. */
function WhyNot({ answer, pick, first }: { answer: AnswerData; pick: PickData; first: string }) {
	const { answer: compared, trouble } = useAsk<CompareData>(
		choiceAddress("/compare", answer, { a: first, b: pick.key }),
		{ again: answer.query },
	);
	const { answer: leading } = useAsk<OnTop>(choiceAddress("/on-top", answer, { pick: pick.key }), {
		again: answer.query,
	});
	if (!compared || compared.secondKey !== pick.key)
		return <p className="mt-1 text-[15px] text-slate">{trouble ?? "Weighing it …"}</p>;
	const behind = compared.contrasts.filter((contrast) => contrast.lead > 0);
	return (
		<div className="text-[15px]">
			<p className="mt-1">{compared.verdict}</p>
			{behind.length > 0 && (
				<ul aria-label="What keeps it from the top" className="mt-1">
					{behind.map((contrast) => (
						<li key={contrast.rule} className="grid grid-cols-[38px_1fr] py-[3px] leading-snug">
							<span className="figure text-rowan">−{Math.abs(contrast.lead)}</span>
							<span>
								{contrast.second && contrast.second.points < (contrast.first?.points ?? 0)
									? contrast.second.text
									: say("Only for the first: {first}", { first: contrast.first?.text ?? "" })}
							</span>
						</li>
					))}
				</ul>
			)}
			<p className="mt-1 min-h-[22px]">
				{leading?.pick === pick.key &&
					(leading.words.length > 0 ? (
						<>
							<b>It would lead with:</b> {leading.words.map(lower).join("; ")}.
						</>
					) : (
						"No one reading by itself puts it on top."
					))}
			</p>
			<h3 className="mt-3 text-[16px]">All that counts for and against it</h3>
		</div>
	);
}

/** How long to stay with it, and what to change then. */
function patience(next: StepData, spent: number): string {
	const left = next.minutes - spent;
	if (next.hardly) return "Stay with it: nothing in the box is worth the change today.";
	if (left <= 0) return say("{spent} min without a bite: {words} now.", { spent, words: next.words });
	return spent > 0
		? say("No bite in {left} min more? {words} first.", { left, words: upper(next.words) })
		: say("No bite in {left} min? {words} first.", { left, words: upper(next.words) });
}
