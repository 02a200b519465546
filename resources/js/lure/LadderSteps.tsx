import { say } from "../parts/words";
import type { StepData } from "../types";

interface Props {
	steps: StepData[];
	/** Minutes already fished without a bite. */
	spent?: number;
	/** Minutes for each drop, where the pace is known. */
	pace?: number | null;
	onStep?: (key: string) => void;
	/** Only what to change and when, for a small screen. */
	brief?: boolean;
}

/** What to change first, second, third, one thing at a time. */
export function LadderSteps({ steps, spent = 0, pace = null, onStep, brief = false }: Props) {
	if (steps.length === 0) return <p className="py-2">There is nothing else in the box to change to.</p>;
	return (
		<ol aria-label="What to change, in order">
			{steps.map((step, index) => {
				const said = (
					<>
						<span className="figure block text-[16px] first-letter:uppercase">{step.words}</span>
						{!brief && (
							<span className="block text-[14px] text-slate">
								{step.title}
								{step.subtitle && ` · ${step.subtitle}`}
							</span>
						)}
					</>
				);
				return (
					<li
						key={step.key}
						className={`grid gap-x-2 border-t border-rule py-1.5 first:border-t-0 ${
							steps.length > 1 ? "grid-cols-[22px_minmax(0,1fr)]" : ""
						}`}
					>
						{steps.length > 1 && <span className="figure text-[16px] text-slate">{index + 1}</span>}
						<div className="min-w-0">
							<p className="text-[14px] text-slate">{when(index, step, spent, pace)}</p>
							{onStep ? (
								<button
									type="button"
									onClick={() => onStep(step.key)}
									className="block w-full text-left underline-offset-4 hover:underline"
								>
									{said}
								</button>
							) : (
								said
							)}
						</div>
					</li>
				);
			})}
		</ol>
	);
}

function when(index: number, { hardly, minutes }: StepData, spent: number, pace: number | null): string {
	if (hardly) return "not today: nothing in the box is worth the change";
	if (index > 0) return minutes < 1 ? "then at once" : say("no bite in {minutes} min more", { minutes });
	const left = minutes - spent;
	if (left <= 0) return "time is up: now";
	const count = pace === null ? 0 : Math.max(1, Math.round(left / pace));
	const drops = count === 0 ? "" : say(", about {count|# drop|# drops}", { count });
	return spent > 0
		? say("in {left} min without a bite{drops}", { left, drops })
		: say("no bite in {left} min{drops}", { left, drops });
}
