import { useEffect, useState } from "react";
import { troubleOf } from "../parts/queries";
import { send } from "../parts/send";
import type { PlanData } from "../types";

/** A plan that is ticked off; the place to go on from comes back with each tap. */
export function usePlan(first: PlanData) {
	const [plan, setPlan] = useState(first);
	const [trouble, setTrouble] = useState<string | null>(null);
	useEffect(() => setPlan(first), [first]);
	const tell = async (what: string, body: unknown): Promise<void> => {
		try {
			setPlan(await send<PlanData>("PUT", `/plans/${plan.uuid}/${what}`, body));
			setTrouble(null);
		} catch (error) {
			setTrouble(troubleOf(error, "No connection: it is not ticked off. Tap it again."));
		}
	};
	return {
		plan,
		trouble,
		/** One was made, or was not after all. */
		tick: (number: number, made: boolean) => void tell("made", { number, made }),
		/** The side or the direction that worked. */
		worked: (words: string) => void tell("worked", { worked: words }),
	};
}
