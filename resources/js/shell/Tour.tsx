import { router } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { say } from "../parts/words";
import { keepTourStep, steps, tourStep } from "./tour";

/** Two minutes through the stations, over the foot of the page; left at any step. */
export default function Tour() {
	const [at, setAt] = useState(tourStep);
	const step = at === null ? undefined : steps[at];
	if (at === null || !step) return null;
	const go = (next: number | null) => {
		keepTourStep(next);
		setAt(next);
		const to = next === null ? undefined : steps[next];
		if (to) router.visit(to.path);
	};
	const last = at === steps.length - 1;
	return (
		<section
			aria-label="Tour"
			className="no-print fixed inset-x-3 bottom-[calc(var(--bar)+0.75rem)] z-40 rounded-md border-2 border-ink bg-paper px-4 py-3
				lg:inset-x-auto lg:right-7 lg:w-[380px]"
		>
			<p className="text-[14px] text-slate">{say("{step} of {steps}", { step: at + 1, steps: steps.length })}</p>
			<h2 className="text-[19px]">{step.does}</h2>
			<p className="pt-0.5">{step.says}</p>
			<div className="mt-1 flex flex-wrap items-center gap-x-5">
				<Button look="strong" size="big" onClick={() => go(last ? null : at + 1)}>
					{last ? "Done" : "Next"}
				</Button>
				{at > 0 && (
					<Button size="big" onClick={() => go(at - 1)}>
						Back
					</Button>
				)}
				{!last && (
					<Button look="aside" size="big" className="ml-auto" onClick={() => go(null)}>
						Leave the tour
					</Button>
				)}
			</div>
		</section>
	);
}
