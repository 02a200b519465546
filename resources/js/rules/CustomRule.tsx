import { router, useForm } from "@inertiajs/react";
import { type FormEvent, useRef } from "react";
import { Button } from "../parts/Button";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Notice";
import { useAsk } from "../parts/useAsk";
import type { ChangesData, RuleData, RulesPage } from "../types";
import { RuleLures, RuleWhen } from "./RuleParts";

export type RuleWords = Pick<RulesPage, "readings" | "families" | "finishes">;

interface Props extends RuleWords {
	id: string;
	/** The rule written anew; null for a new one. */
	rule: RuleData | null;
	onDone: () => void;
}

/** ms after the last letter at which it is tried. */
const TRIED_AFTER = 150;

/** Points as a number, however they were typed. */
const number = (points: string) => Number(points.replace(",", ".").replace("−", "-"));

/** Writing a rule: when these readings, then so many points for these lures; what it would change shows as it is written. */
export function CustomRule({ id, rule, readings, families, finishes, onDone }: Props) {
	const own = rule?.own;
	const form = useForm({
		name: own?.name ?? "",
		points: own ? `${own.points}` : "2",
		when: own?.when ?? [],
		lures: {
			families: own?.families ?? [],
			finishes: own?.finishes ?? [],
			from: own?.from ?? "",
			to: own?.to ?? "",
		},
	});
	const { name, points, when, lures } = form.data;
	const tried = useTried(`/rules/own/${id}/try`, {
		name: name.trim() || "my rule",
		points: number(points),
		when,
		lures,
	});
	const troubles: Record<string, string> = { ...tried.fields, ...form.errors };
	const rest = Object.entries(troubles).filter(([field]) => field !== "name" && field !== "points");
	const keep = (event: FormEvent) => {
		event.preventDefault();
		form.transform((data) => ({ ...data, points: number(data.points) as never }));
		form.put(`/rules/own/${id}`, { preserveScroll: true, onSuccess: onDone });
	};
	return (
		<Dialog open onOpenChange={(open) => !open && onDone()} title={own ? "Change your rule" : "A rule of your own"}>
			<form onSubmit={keep}>
				<div className="mt-3 grid gap-x-4 sm:grid-cols-[1fr_130px]">
					<Field
						label="What it says"
						placeholder="Gold does well here under cloud"
						value={name}
						maxLength={80}
						data-first
						trouble={troubles.name}
						onChange={(event) => form.setData("name", event.target.value)}
					/>
					<Field
						label="Points"
						inputMode="text"
						value={points}
						trouble={troubles.points}
						onChange={(event) => form.setData("points", event.target.value)}
					/>
				</div>
				<RuleWhen when={when} readings={readings} onChange={(next) => form.setData("when", next)} />
				<RuleLures
					lures={lures}
					families={families}
					finishes={finishes}
					onChange={(next) => form.setData("lures", next)}
				/>
				{rest.map(([field, words]) => (
					<Trouble key={field} words={words} className="pb-2" />
				))}
				<Foot id={id} own={own !== undefined && own !== null} changes={tried.changes} onDone={onDone} />
			</form>
		</Dialog>
	);
}

/** What a rule would change as it stands; null while it is not yet a whole one. */
function useTried(url: string, rule: unknown) {
	// Asked anew when it says something else, not when it is another object that says the same.
	const written = JSON.stringify(rule);
	const body = useRef<unknown>(null);
	if (JSON.stringify(body.current) !== written) body.current = rule;
	const { answer, trouble, refused } = useAsk<ChangesData>(url, { body: body.current, after: TRIED_AFTER });
	return {
		changes: trouble === null ? answer : null,
		fields: refused ?? (trouble ? { "": "No connection. Try again." } : {}),
	};
}

interface FootProps {
	id: string;
	/** Whether it is kept already. */
	own: boolean;
	changes: ChangesData | null;
	onDone: () => void;
}

function Foot({ id, own, changes, onDone }: FootProps) {
	const takeAway = () => router.delete(`/rules/own/${id}`, { preserveScroll: true, onSuccess: onDone });
	return (
		<div className="sticky -bottom-5 -mx-5 -mb-5 border-t border-rule bg-paper px-5 py-3">
			<p aria-live="polite" className="pb-2 text-[15px]">
				{changes ? changes.sentence : "This rule isn't complete yet."}
			</p>
			<div className="flex items-center justify-between gap-4">
				<Button type="submit" look="next" size="normal" className="px-6">
					Keep this rule
				</Button>
				{own && (
					<Button size="normal" className="text-rowan" onClick={takeAway}>
						Take it away
					</Button>
				)}
			</div>
		</div>
	);
}
