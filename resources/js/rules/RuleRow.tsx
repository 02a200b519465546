import { Switch } from "radix-ui";
import { useState } from "react";
import { say } from "../parts/words";
import type { RuleData } from "../types";

interface Props {
	rule: RuleData;
	onWeigh: (weight: number) => void;
	/** For a rule of one's own: writes it anew. */
	onChange: () => void;
}

/** Points a rule may count by a step of the stepper. */
const step = 0.5;

/** One rule: what it holds, what it does today, on or off, and how many points it can move. */
export function RuleRow({ rule, onWeigh, onChange }: Props) {
	const on = rule.weight > 0;
	const [last, setLast] = useState(on ? rule.weight : 1);
	const weigh = (most: number) => {
		const weight = Math.min(4, Math.max(0, most / rule.usual));
		if (weight > 0) setLast(weight);
		onWeigh(Number(weight.toFixed(4)));
	};
	const button = "min-h-11 min-w-10 rounded-md border border-slate text-lg disabled:border-rule disabled:text-slate";
	return (
		<li
			className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 gap-y-1 border-t border-rule py-2.5
			sm:grid-cols-[34px_minmax(0,1fr)_auto_auto]"
		>
			<span className="figure hidden text-[14px] text-slate sm:block">{rule.own ? "" : rule.id}</span>
			<div className={`min-w-0 ${on ? "" : "text-slate"}`}>
				<p>{rule.says}</p>
				{rule.own && <p className="text-[14px] text-slate">{rule.own.asks}</p>}
				<p className="text-[14px] text-slate">
					{rule.today}
					{rule.own && (
						<button type="button" onClick={onChange} className="min-h-8 pl-3 underline underline-offset-4">
							Change
						</button>
					)}
				</p>
			</div>
			<div className="flex items-center gap-1 max-sm:order-3">
				<button
					type="button"
					aria-label={say("Fewer points for {says}", { says: rule.says })}
					disabled={!on}
					onClick={() => weigh(rule.most - step)}
					className={button}
				>
					−
				</button>
				<span className="w-[92px] text-center text-[15px] leading-tight">
					<span className="figure">
						{rule.most} {rule.most === 1 ? "point" : "points"}
					</span>
					{(rule.per || rule.most !== rule.usual) && (
						<span className="block text-[13px] text-slate">
							{rule.most === rule.usual ? `a ${rule.per}` : say("usually {usual}", { usual: rule.usual })}
						</span>
					)}
				</span>
				<button
					type="button"
					aria-label={say("More points for {says}", { says: rule.says })}
					disabled={!on || rule.weight >= 4}
					onClick={() => weigh(rule.most + step)}
					className={button}
				>
					+
				</button>
			</div>
			<Switch.Root
				checked={on}
				onCheckedChange={(next) => onWeigh(next ? last : 0)}
				aria-label={rule.says}
				className="flex h-11 w-[70px] items-center justify-between rounded-md border-2 border-slate bg-frost px-1
					data-[state=checked]:flex-row-reverse data-[state=checked]:border-moss data-[state=checked]:bg-paper max-sm:order-2"
			>
				<Switch.Thumb className="block h-8 w-6 rounded bg-slate data-[state=checked]:bg-moss" />
				<span className={`flex-1 text-center text-[14px] ${on ? "font-bold" : ""}`} aria-hidden="true">
					{on ? "on" : "off"}
				</span>
			</Switch.Root>
		</li>
	);
}
