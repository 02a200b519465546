import type { PlanData } from "../types";

interface Tick {
	plan: string;
	number: number;
	made: boolean;
}

/** A plan as it will be once what was ticked off here has arrived: the first that is not made is next. */
export function withTicks(plan: PlanData, ticks: Tick[]): PlanData {
	const mine = ticks.filter((tick) => tick.plan === plan.uuid);
	if (mine.length === 0) return plan;
	const made = new Map(mine.map((tick) => [tick.number, tick.made]));
	const marks = plan.marks.map((mark) => ({ ...mark, made: made.get(mark.n) ?? mark.made }));
	return {
		...plan,
		marks,
		made: marks.filter((mark) => mark.made).length,
		next: marks.find((mark) => !mark.made)?.n ?? null,
	};
}
