/** The tour of the demo: a step for each station, in the order of the day. */
export const steps: { path: string; does: string; says: string }[] = [
	{
		path: "/water",
		does: "Start with the water",
		says: "Change the depth or the drift. The picture and the pick follow.",
	},
	{
		path: "/lure",
		does: "See what to tie on",
		says: "The pick, why it leads, and what comes next. Press another to compare.",
	},
	{ path: "/rig", does: "Check the rig", says: "One line if all is good. What to mend comes first." },
	{ path: "/work", does: "Keep the cadence", says: "Press Keep time. It counts the lift, the fall and the wait." },
	{ path: "/fish", does: "Log with one thumb", says: "Drop, Bite, Fish on. It works with no signal too." },
	{ path: "/look-back", does: "Learn what worked", says: "What got more bites, and how sure that is." },
];

const KEY = "tour";

/** The step that one is at; null without a tour. */
export function tourStep(): number | null {
	const kept = Number.parseInt(sessionStorage.getItem(KEY) ?? "", 10);
	return steps[kept] ? kept : null;
}

/** Goes to a step, in this tab alone; null leaves the tour. */
export function keepTourStep(step: number | null): void {
	if (step === null) sessionStorage.removeItem(KEY);
	else sessionStorage.setItem(KEY, `${step}`);
}
