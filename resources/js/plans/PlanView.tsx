import { router } from "@inertiajs/react";
import { useState } from "react";
import type { Ticked } from "../outbox/offlineActions";
import { Button, ButtonLink } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { say } from "../parts/words";
import type { PlanData } from "../types";
import { PlanPicture } from "./PlanPicture";
import { usePlan } from "./usePlan";

/** A plan with what is made of it: the picture, the next one, and how long emptiness is normal. */
export function PlanView({ first, ticks }: { first: PlanData; ticks: Ticked[] }) {
	const { plan, trouble, tick, worked } = usePlan(first, ticks);
	return (
		<article
			aria-label={plan.name}
			className="grid gap-x-8 gap-y-3 border-t border-rule py-5 lg:grid-cols-[minmax(0,480px)_minmax(0,1fr)]"
		>
			{plan.marks.length > 0 ? <PlanPicture plan={plan} /> : <Steps plan={plan} />}
			<div>
				<h2 className="text-[20px]">
					{plan.name}: {plan.refused ?? plan.sentence}
				</h2>
				{plan.marks.length > 0 && <Ticking plan={plan} onTick={tick} />}
				{plan.empty && <p className="mt-2">{plan.empty}</p>}
				{plan.notes.map((note) => (
					<p key={note} className="mt-1 text-rowan">
						{note}
					</p>
				))}
				<Worked plan={plan} onWorked={worked} />
				<Trouble words={trouble} />
				<Button
					look="aside"
					onClick={() => router.delete(`/plans/${plan.uuid}`, { preserveScroll: true, preserveState: true })}
				>
					{say("Put the {name} plan away", { name: plan.name })}
				</Button>
			</div>
		</article>
	);
}

interface TickingProps {
	plan: PlanData;
	/** Where all of the plan is, if elsewhere. */
	href?: string;
	onTick: (number: number, made: boolean) => void;
}

/** Which is next, and the tap that ticks it off. */
export function Ticking({ plan, href, onTick }: TickingProps) {
	const { next, total, left } = plan;
	const going =
		next === null
			? say("All {total} made", { total })
			: plan.kind === "drift"
				? say("drift {next} of {total}", { next, total })
				: say("cast {next} of {total}", { next, total });
	const last = plan.marks.filter((mark) => mark.made).at(-1)?.n;
	return (
		<div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
			<p className="figure text-[20px]">
				{href ? (
					<ButtonLink href={href} look="strong" size="inline">
						{going}
					</ButtonLink>
				) : (
					going
				)}
			</p>
			<p className="text-slate">{next === null ? "" : left}</p>
			<div className="flex gap-3">
				{next !== null && (
					<Button look="next" size="big" onClick={() => onTick(next, true)}>
						Made
					</Button>
				)}
				{last !== undefined && (
					<Button look="soft" size="big" onClick={() => onTick(last, false)}>
						{say("Not {last}", { last })}
					</Button>
				)}
			</div>
		</div>
	);
}

function Steps({ plan }: { plan: PlanData }) {
	return (
		<ol className="list-decimal pl-6">
			{plan.steps.map((step) => (
				<li key={step} className="py-1">
					{step}
				</li>
			))}
		</ol>
	);
}

/** The side or direction that worked, in the angler's own words. */
function Worked({ plan, onWorked }: { plan: PlanData; onWorked: (words: string) => void }) {
	const [words, setWords] = useState(plan.worked ?? "");
	return (
		<form
			className="mt-3 flex items-end gap-3"
			onSubmit={(event) => {
				event.preventDefault();
				onWorked(words);
			}}
		>
			<label className="block flex-1 font-semibold">
				Side or direction that worked
				<input
					value={words}
					onChange={(event) => setWords(event.target.value)}
					maxLength={120}
					placeholder="shaded side, deep to shallow"
					className="mt-1 min-h-12 w-full rounded-md border-2 border-slate bg-paper px-3 font-normal"
				/>
			</label>
			<Button type="submit" look="plain">
				Keep
			</Button>
		</form>
	);
}
