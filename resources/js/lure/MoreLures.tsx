import { ButtonLink } from "../parts/Button";
import { Select } from "../parts/Select";
import type { AnswerData } from "../types";

/** Lures of the box that are not in the list. */
export function MoreLures({ answer, onChoose }: { answer: AnswerData; onChoose: (key: string) => void }) {
	const others = answer.rack.filter((one) => !answer.picks.some((listed) => listed.lureId === one.lureId));
	return (
		<div className="mt-3 flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
			<p className="text-[14px] text-slate">
				{answer.picks.length} of {answer.boxCount} lures. Angles and seconds are estimates until you time a drop.
			</p>
			<Select
				label="Ask about another"
				value=""
				options={[["", "Ask about another"], ...others.map((one) => [one.key, one.title] as const)]}
				onChange={(key) => key && onChoose(key)}
			/>
		</div>
	);
}

/** What to do when there is nothing to choose from. */
export function EmptyBox() {
	return (
		<div className="mt-4 flex flex-wrap items-center gap-x-5 gap-y-2">
			<ButtonLink href="/tackle" look="next" size="big" className="px-6 lg:min-h-12">
				Begin with a usual dozen
			</ButtonLink>
			<ButtonLink href="/tackle#first">Put in your first lure</ButtonLink>
		</div>
	);
}
