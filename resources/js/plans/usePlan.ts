import { useEffect, useState } from "react";
import type { Ticked } from "../outbox/offlineActions";
import { troubleOf } from "../parts/queries";
import { Refused, send } from "../parts/send";
import type { PlanData } from "../types";
import { useTicked } from "./useTicked";

/**
 * A plan that is ticked off, on this device too while there is no signal; the place to go on from comes back with each tap.
 *
 * @param ticks what waits here
 */
export function usePlan(first: PlanData, ticks: Ticked[]) {
	const [told, setTold] = useState(first);
	const [trouble, setTrouble] = useState<string | null>(null);
	useEffect(() => setTold(first), [first]);
	const plan = useTicked(told, ticks, "plans");
	const tell = async (what: string, body: unknown, keepHere?: () => Promise<void>): Promise<void> => {
		try {
			const next = await send<PlanData>("PUT", `/plans/${told.uuid}/${what}`, body).catch(async (error) => {
				if (error instanceof Refused || !keepHere) throw error;
				await keepHere();
			});
			if (next) setTold(next);
			setTrouble(null);
		} catch (error) {
			setTrouble(troubleOf(error, "No connection: nothing was changed. Tap it again."));
		}
	};
	return {
		plan,
		trouble,
		/** One was made, or was not after all. */
		tick: (number: number, made: boolean) =>
			void tell("made", { number, made }, async () => {
				const { keepUntilHeard } = await import("../outbox/day");
				await keepUntilHeard({ do: "tick", plan: told.uuid, number, made });
			}),
		/** The side or the direction that worked. */
		worked: (words: string) => void tell("worked", { worked: words }),
	};
}
