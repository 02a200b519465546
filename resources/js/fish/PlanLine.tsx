import { ButtonLink } from "../parts/Button";
import { Ticking } from "../plans/PlanView";
import { useTicked } from "../plans/useTicked";
import type { PlanData } from "../types";
import type { OutingLog } from "./useOuting";

const HREF = "/work?view=plans";

type Ticks = Pick<OutingLog, "tick" | "ticks">;

/** The plan of the outing, ticked off where one fishes; or the way to lay one out. */
export function PlanLine({ plan, log }: { plan: PlanData | null; log: Ticks }) {
	if (plan) return <Going first={plan} log={log} />;
	return (
		<ButtonLink href={HREF} look="aside">
			Lay out casts or drifts
		</ButtonLink>
	);
}

function Going({ first, log }: { first: PlanData; log: Ticks }) {
	const plan = useTicked(first, log.ticks, "plan");
	return (
		<section aria-label="Plan" className="border-b border-rule py-2">
			{plan.marks.length > 0 ? (
				<Ticking plan={plan} href={HREF} onTick={(number, made) => log.tick(plan.uuid, number, made)} />
			) : (
				<p>
					<ButtonLink href={HREF} look="strong" size="inline">
						{plan.name}
					</ButtonLink>{" "}
					{plan.sentence}
				</p>
			)}
		</section>
	);
}
