import { ButtonLink } from "../parts/Button";
import { Select } from "../parts/Select";
import { useSettled } from "../parts/useSettled";
import type { AnswerData } from "../types";

interface Props {
	answer: AnswerData;
	onChoose: (key: string) => void;
}

/** Lures of the box that are not in the list; they can be asked about a moment after the page is there. */
export function MoreLures({ answer, onChoose }: Props) {
	const settled = useSettled();
	const others = answer.rack.filter((one) => !answer.picks.some((listed) => listed.lureId === one.lureId));
	return (
		settled && (
			<Select
				label="Look up another"
				value=""
				options={[["", "Look up another"], ...others.map((one) => [one.key, one.title] as const)]}
				onChange={(key) => key && onChoose(key)}
			/>
		)
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
