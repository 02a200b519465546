import { Link, router } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { newId } from "../parts/send";
import { useAge } from "../parts/useAge";
import { say } from "../parts/words";
import type { DueData, GearData, HistoryData } from "../types";

/** What is due, under what is to be done, ticked off with a press. */
export function Due({ due }: { due: DueData[] }) {
	const tickOff = (item: string) => router.post("/gear/done", { uuid: newId(), item }, { preserveScroll: true });
	const tasks = [...new Set(due.map(({ task }) => task))];
	return tasks.map((task) => (
		<section key={task} aria-label={task} className="mt-4">
			<h2 className="pb-1 text-[19px]">{task}</h2>
			<ul>
				{due
					.filter((one) => one.task === task)
					.map(({ item, name, why }) => (
						<li
							key={`${item}${name}${why}`}
							className="grid min-h-12 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 border-t border-rule py-1
								sm:grid-cols-[minmax(0,1fr)_220px_88px]"
						>
							<b>{name}</b>
							<span className="text-slate max-sm:row-start-2">{why}</span>
							{item && (
								<button
									type="button"
									aria-label={say("Done, {task}: {name}", { task: task.toLowerCase(), name })}
									onClick={() => tickOff(item)}
									className="figure min-h-11 rounded-md border-2 border-ink px-3 text-[15px] max-sm:row-span-2"
								>
									Done
								</button>
							)}
						</li>
					))}
			</ul>
		</section>
	));
}

/** Lines, rods, leaders and the rest. */
export function GearList({ gear }: { gear: GearData[] }) {
	return (
		<section aria-label="Gear" className="mt-6">
			<h2 className="text-[19px]">Lines and gear</h2>
			<p className="text-[15px] text-slate">
				Lures are in the{" "}
				<Link href="/tackle" className="underline underline-offset-4">
					tackle box
				</Link>
				. Choose the line on the reel under Water.
			</p>
			<ul className="mt-2">
				{gear.map((one) => (
					<li
						key={`${one.kind}${one.id}${one.name}`}
						className="grid min-h-12 grid-cols-[84px_minmax(0,1fr)_auto] items-center gap-3 border-t border-rule py-1"
					>
						<span className="text-[14px] text-slate">{one.kind}</span>
						<span>
							<b>{one.name}</b>
							{one.quantity > 1 && ` × ${one.quantity}`}
							<span className="block text-[14px] text-slate">
								{[one.details, one.putOn ? say("on since {putOn}", { putOn: one.putOn }) : ""]
									.filter(Boolean)
									.join(" · ")}
							</span>
						</span>
						{one.id !== null && (
							<Button
								look="aside"
								aria-label={say("Put away {name}", { name: one.name })}
								onClick={() => router.delete(`/gear/${one.id}`, { preserveScroll: true })}
							>
								Put away
							</Button>
						)}
					</li>
				))}
			</ul>
		</section>
	);
}

/** What was done lately. */
export function Done({ history }: { history: HistoryData[] }) {
	const age = useAge();
	if (history.length === 0) return null;
	return (
		<section aria-label="Done" className="mt-6">
			<h2 className="text-[19px]">Done lately</h2>
			<ul className="mt-1 text-[15px]">
				{history.map((one) => (
					<li key={one.at + one.what} className="border-t border-rule py-1">
						{one.what}, {age(one.at)}
					</li>
				))}
			</ul>
		</section>
	);
}
