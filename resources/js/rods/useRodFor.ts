import { useState } from "react";
import { useAsk } from "../parts/useAsk";
import { choiceAddress } from "../readings/choiceAddress";
import type { AnswerData, PickData, RodForData } from "../types";

export interface RodFor {
	/** On which the pick can be tied, the fewest changes first; none while there is but one rod. */
	rods: RodForData[];
	/** Where it is to be tied. */
	rod: RodForData | null;
	choose: (uuid: string) => void;
	/** Whether it cannot be told now. */
	failed: boolean;
}

/** The rod for a pick: the one that needs the fewest changes, unless another is chosen. */
export function useRodFor(answer: AnswerData, pick: PickData, several: boolean): RodFor {
	const { answer: asked, trouble } = useAsk<RodForData[]>(
		several ? choiceAddress("/rods", answer, { pick: pick.key }) : null,
		{
			again: `${answer.query} ${pick.key}`,
		},
	);
	const [chosen, choose] = useState<string | null>(null);
	const rods = asked ?? [];
	return { rods, rod: rods.find((rod) => rod.uuid === chosen) ?? rods[0] ?? null, choose, failed: trouble !== null };
}
