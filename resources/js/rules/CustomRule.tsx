import { router } from "@inertiajs/react";
import { useEffect, useState } from "react";
import { Choices } from "../parts/Choices";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";
import { Select } from "../parts/Select";
import { Refused, send } from "../parts/send";
import type { ChangesData, ConditionData, ReadingWordsData, RuleData } from "../types";
import { ConditionFields } from "./ConditionFields";

export interface RuleWords {
	readings: ReadingWordsData[];
	families: string[];
	finishes: string[];
}

interface Props extends RuleWords {
	id: string;
	/** The rule written anew; null for a new one. */
	rule: RuleData | null;
	onDone: () => void;
}

/** Writing a rule: when these readings, then so many points for these lures; what it would change shows as it is written. */
export function CustomRule({ id, rule, readings, families, finishes, onDone }: Props) {
	const own = rule?.own;
	const [name, setName] = useState(own?.name ?? "");
	const [points, setPoints] = useState(own ? `${own.points}` : "2");
	const [when, setWhen] = useState<ConditionData[]>(own?.when ?? []);
	const [lures, setLures] = useState({
		families: own?.families ?? [],
		finishes: own?.finishes ?? [],
		from: own?.from ?? "",
		to: own?.to ?? "",
	});
	const [troubles, setTroubles] = useState<Record<string, string>>({});
	const [changes, setChanges] = useState<ChangesData | null>(null);
	const number = Number(points.replace(",", ".").replace("−", "-"));
	const written = JSON.stringify({ name: name.trim() || "my rule", points: number, when, lures });

	useEffect(() => {
		const mine = new AbortController();
		const timer = window.setTimeout(async () => {
			try {
				setChanges(await send<ChangesData>("POST", `/rules/own/${id}/try`, JSON.parse(written), mine.signal));
				setTroubles({});
			} catch (error) {
				if (mine.signal.aborted) return;
				setChanges(null);
				setTroubles(error instanceof Refused ? error.fields : { "": "No connection. Try again." });
			}
		}, 150);
		return () => {
			window.clearTimeout(timer);
			mine.abort();
		};
	}, [id, written]);

	const keep = () => {
		router.put(
			`/rules/own/${id}`,
			{ name, points: number, when: when as never, lures },
			{ preserveScroll: true, onSuccess: onDone, onError: setTroubles },
		);
	};
	const free = readings.filter((reading) => !when.some((condition) => condition.reading === reading.name));
	const group = (label: string, of: "families" | "finishes", options: string[]) => (
		<fieldset className="pb-3">
			<legend className="pb-1 text-[15px] text-slate">{label}, any when none is chosen</legend>
			<Choices
				label={label}
				values={lures[of]}
				onChange={(next) => setLures({ ...lures, [of]: next })}
				options={options.map((option) => [option, option.replaceAll("_", " ")] as const)}
			/>
		</fieldset>
	);
	const rest = Object.entries(troubles)
		.filter(([field]) => field !== "name" && field !== "points")
		.map(([, words]) => words);
	return (
		<Dialog open onOpenChange={(open) => !open && onDone()} title={own ? "Change your rule" : "A rule of your own"}>
			<form
				onSubmit={(event) => {
					event.preventDefault();
					keep();
				}}
			>
				<div className="mt-3 grid gap-x-4 sm:grid-cols-[1fr_130px]">
					<Field
						label="What it holds"
						placeholder="Gold does well here under cloud"
						value={name}
						maxLength={80}
						data-first
						trouble={troubles.name}
						onChange={(event) => setName(event.target.value)}
					/>
					<Field
						label="Points"
						inputMode="text"
						value={points}
						trouble={troubles.points}
						onChange={(event) => setPoints(event.target.value)}
					/>
				</div>
				<h3 className="figure text-[17px]">When</h3>
				<ul>
					{when.map((condition) => (
						<ConditionFields
							key={condition.reading}
							condition={condition}
							reading={readings.find((reading) => reading.name === condition.reading)}
							onChange={(next) => setWhen(when.map((one) => (one.reading === next.reading ? next : one)))}
							onDrop={() => setWhen(when.filter((one) => one.reading !== condition.reading))}
						/>
					))}
				</ul>
				{when.length === 0 && <p className="text-[15px] text-slate">Always, until you choose a reading.</p>}
				{free.length > 0 && (
					<Select
						label="Add a reading"
						value=""
						options={[["", "Add a reading"], ...free.map((reading) => [reading.name, reading.word] as const)]}
						onChange={(reading) => reading && setWhen([...when, { reading, from: "", to: "", any: [] }])}
						className="mt-1 mb-4"
					/>
				)}
				<h3 className="figure text-[17px]">Then for</h3>
				{group("Family", "families", families)}
				{group("Finish", "finishes", finishes)}
				<div className="grid grid-cols-2 gap-4">
					<Field
						label="Weight from"
						placeholder="any"
						value={lures.from}
						onChange={(event) => setLures({ ...lures, from: event.target.value })}
					/>
					<Field
						label="up to"
						placeholder="any"
						value={lures.to}
						onChange={(event) => setLures({ ...lures, to: event.target.value })}
					/>
				</div>
				{rest.map((words) => (
					<p key={words} role="alert" className="pb-2 text-rowan">
						{words}
					</p>
				))}
				<div className="sticky -bottom-5 -mx-5 -mb-5 border-t border-rule bg-paper px-5 py-3">
					<p aria-live="polite" className="pb-2 text-[15px]">
						{changes ? changes.sentence : "Not yet a whole rule."}
					</p>
					<div className="flex items-center justify-between gap-4">
						<button type="submit" className="figure min-h-12 rounded-md bg-ember px-6 text-on-ember">
							Keep this rule
						</button>
						{own && (
							<button
								type="button"
								onClick={() => router.delete(`/rules/own/${id}`, { preserveScroll: true, onSuccess: onDone })}
								className="min-h-12 text-rowan underline underline-offset-4"
							>
								Take it away
							</button>
						)}
					</div>
				</div>
			</form>
		</Dialog>
	);
}
