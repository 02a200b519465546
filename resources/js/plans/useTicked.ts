import { router } from "@inertiajs/react";
import { useEffect, useRef } from "react";
import type { Ticked } from "../outbox/offlineActions";
import type { PlanData } from "../types";
import { withTicks } from "./withTicks";

/**
 * A plan with what was ticked off since the server told of it; asked anew once all of that has arrived.
 *
 * @param part of the page, that has it
 */
export function useTicked(plan: PlanData, waiting: Ticked[], part: "plan" | "plans"): PlanData {
	const since = useRef<{ plan: PlanData; ticks: Ticked[] }>({ plan, ticks: [] });
	if (since.current.plan !== plan) since.current = { plan, ticks: [] };
	const known = new Set(since.current.ticks.map((tick) => tick.id));
	since.current.ticks.push(...waiting.filter((tick) => !known.has(tick.id)));
	const arrived = waiting.length === 0 && since.current.ticks.length > 0;
	useEffect(() => {
		if (arrived) router.reload({ only: [part] });
	}, [arrived, part]);
	return withTicks(plan, since.current.ticks);
}
