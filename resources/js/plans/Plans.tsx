import { useState } from "react";
import { useWaitingHere } from "../outbox/useWaitingHere";
import { Button } from "../parts/Button";
import type { PlanData, PlanKindData } from "../types";
import { PlanMaker } from "./PlanMaker";
import { PlanView } from "./PlanView";

/** The plans that stand, and one more. */
export function Plans({ plans, kinds }: { plans: PlanData[]; kinds: PlanKindData[] }) {
	const ticks = useWaitingHere("tick");
	const [making, setMaking] = useState(plans.length === 0);
	return (
		<section aria-label="Plans" className="mt-4">
			{making ? (
				<PlanMaker kinds={kinds} onMade={() => setMaking(false)} />
			) : (
				<Button look="plain" onClick={() => setMaking(true)}>
					Lay out another
				</Button>
			)}
			<div className="mt-4">
				{plans.map((plan) => (
					<PlanView key={plan.uuid} first={plan} ticks={ticks} />
				))}
			</div>
		</section>
	);
}
