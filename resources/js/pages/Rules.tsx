import { router, usePage } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { Notice } from "../parts/Notice";
import { newId } from "../parts/send";
import { Changes } from "../rules/Changes";
import { CustomRule } from "../rules/CustomRule";
import { RuleRow } from "../rules/RuleRow";
import { quietly, RulesFile } from "../rules/RulesFile";
import { AppLayout } from "../shell/AppLayout";
import type { RuleData, RulesPage } from "../types";

/** The rule base as the angler has it: each rule on, off, heavier or lighter, and rules of their own. */
export default function Rules({ headline, groups, changes, asItComes, readings, families, finishes }: RulesPage) {
	const { props } = usePage();
	const trouble = Object.values(props.errors)[0];
	const [writing, setWriting] = useState<{ id: string; rule: RuleData | null } | null>(null);
	const weigh = (rule: RuleData, weight: number) => router.put(`/rules/${rule.id}`, { weight }, quietly);
	const off = groups.flatMap((group) => group.rules).every((rule) => rule.weight === 0);
	return (
		<AppLayout title="Rules">
			<div className="flex min-h-full flex-col lg:grid lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<h1 className="text-[25px]">{asItComes ? "The rules, unchanged" : "Your rules"}</h1>
					{trouble && <Notice>{trouble}</Notice>}
					<div className="mt-3 flex flex-wrap gap-x-5 gap-y-2">
						<Button look="next" size="normal" onClick={() => setWriting({ id: newId(), rule: null })}>
							Write a rule
						</Button>
						<RulesFile asItComes={asItComes} off={off} />
					</div>
					{groups.map((group) => (
						<section key={group.title} aria-label={group.title} className="mt-4">
							<h2 className="text-[19px]">{group.title}</h2>
							<ul>
								{group.rules.map((rule) => (
									<RuleRow
										key={rule.id}
										rule={rule}
										onWeigh={(weight) => weigh(rule, weight)}
										onChange={() => setWriting({ id: rule.id, rule })}
									/>
								))}
							</ul>
						</section>
					))}
				</div>
				<aside
					aria-label="What your rules change today"
					className="order-first border-rule bg-paper px-5 py-4 max-lg:border-b lg:order-none lg:min-h-0 lg:overflow-y-auto lg:border-l"
				>
					<h2 className="text-[20px]">{headline}</h2>
					<Changes changes={changes} from="unchanged" to="yours" said={!asItComes} />
				</aside>
			</div>
			{writing && (
				<CustomRule
					key={writing.id}
					id={writing.id}
					rule={writing.rule}
					readings={readings}
					families={families}
					finishes={finishes}
					onDone={() => setWriting(null)}
				/>
			)}
		</AppLayout>
	);
}
