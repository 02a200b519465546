import { Link } from "@inertiajs/react";
import { say } from "../parts/words";
import type { AnswerData, PickData } from "../types";

/** The answer as it is said, and how the pick is worked. */
export function LureHead({ answer, pick }: { answer: AnswerData; pick: PickData | null }) {
	return (
		<div aria-live="polite">
			<h1 className="text-[23px] lg:text-[25px]">{answer.headline}</h1>
			<p className="mt-1 text-slate">
				{answer.lead}
				{answer.angleHelps && (
					<>
						{" "}
						<Link href="/water?view=angle" className="text-ink underline underline-offset-4">
							My line leans
						</Link>
					</>
				)}
			</p>
			{pick && pick.cadenceSteps.length > 0 && (
				<p className="mt-1">
					<Link href="/cadences" className="font-bold underline underline-offset-4">
						{pick.cadenceWord}
					</Link>
					{pick.hole === null
						? say(": {steps}.", { steps: pick.cadenceSteps.join(", ") })
						: say(", {hole} hole: {steps}.", { hole: pick.hole, steps: pick.cadenceSteps.join(", ") })}
				</p>
			)}
		</div>
	);
}
