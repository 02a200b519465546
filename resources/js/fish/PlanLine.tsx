import { ButtonLink } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { Ticking } from "../plans/PlanView";
import { usePlan } from "../plans/usePlan";
import type { PlanData } from "../types";

/** The plan of the outing, ticked off where one fishes; or the way to lay one out. */
export function PlanLine({ plan }: { plan: PlanData | null }) {
	if (plan) return <Going first={plan} />;
	return (
		<ButtonLink href="/work?view=plans" look="aside">
			Lay out casts or drifts
		</ButtonLink>
	);
}

function Going({ first }: { first: PlanData }) {
	const { plan, trouble, tick } = usePlan(first);
	return (
		<section aria-label="Plan" className="border-b border-rule py-2">
			<ButtonLink href="/work?view=plans" look="strong" size="inline">
				{plan.name}
			</ButtonLink>
			{plan.marks.length > 0 ? <Ticking plan={plan} onTick={tick} /> : <p>{plan.sentence}</p>}
			<Trouble words={trouble} />
		</section>
	);
}
