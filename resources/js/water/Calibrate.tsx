import { router } from "@inertiajs/react";
import { useEffect, useState } from "react";
import type { Measured as Waiting } from "../outbox/offlineActions";
import { useWaitingHere } from "../outbox/useWaitingHere";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { Notice, Trouble } from "../parts/Notice";
import { useAge } from "../parts/useAge";
import { say, upper } from "../parts/words";
import { useMeasure } from "../readings/useMeasure";
import type { MeasurementData, PickData, ReadingData } from "../types";
import { PhoneDrift } from "./PhoneDrift";

const kinds = [
	["drop", "time a drop"],
	["drift", "time the drift"],
	["hang", "hang it"],
] as const;

/** What each measurement asks for. */
const fields = {
	drop: [["seconds", "Time", "9 s"]],
	drift: [
		["distance", "Distance", "50 ft"],
		["seconds", "Time", "9 s"],
	],
	hang: [["angle", "Nose below level", "35°"]],
} as const;

type Kind = keyof typeof fields;

interface Props {
	pick: PickData;
	readings: Record<string, ReadingData>;
}

/** Three measurements that replace estimates, each shown beside what it replaces. */
export default function Calibrate({ measurements, ...props }: Props & { measurements: MeasurementData[] }) {
	const waiting = useWaitingHere("measure", () => router.reload({ only: ["measurements"] }));
	return (
		<div className="grid gap-x-8 lg:grid-cols-[360px_minmax(0,1fr)]">
			<Measure {...props} />
			<Measured measurements={measurements} waiting={waiting} />
		</div>
	);
}

function Measure({ pick, readings }: Props) {
	const { form, keep, here } = useMeasure("drop", pick, readings);
	const kind = form.data.kind as Kind;
	const asked = fields[kind];
	const others = Object.entries(form.errors).filter(([name]) => !asked.some(([field]) => field === name));
	return (
		<section aria-label="Measure">
			<Choice
				label="Measure"
				value={kind}
				onChange={(next) => {
					form.setData("kind", next as Kind);
					form.clearErrors();
				}}
				options={kinds}
			/>
			<form className="mt-3" noValidate onSubmit={keep}>
				<p className="mb-3 text-[15px]">{how(kind, pick)}</p>
				{kind === "drift" && (
					<PhoneDrift onTake={(distance, seconds) => form.setData((all) => ({ ...all, distance, seconds }))} />
				)}
				{kind !== "hang" && <StopWatch onStop={(seconds) => form.setData("seconds", `${seconds.toFixed(1)} s`)} />}
				{asked.map(([name, label, placeholder]) => (
					<Field
						key={name}
						label={label}
						placeholder={placeholder}
						value={form.data[name]}
						trouble={form.errors[name]}
						onChange={(event) => form.setData(name, event.target.value)}
					/>
				))}
				{others.map(([name, words]) => (
					<Trouble key={name} words={words} className="pb-2" />
				))}
				{here && (
					<Notice tone="done" className="mb-3 py-2">
						{here}
					</Notice>
				)}
				<Button type="submit" look="next" size="normal" wide disabled={form.processing}>
					Keep this measurement
				</Button>
			</form>
		</section>
	);
}

function how(kind: Kind, pick: PickData): string {
	if (kind === "drift") return "Let this phone tell it. Or drop a marker and time the boat over a known distance.";
	if (kind === "hang")
		return say(
			"Hang the {lure} from its {hole} hole and read how far its nose points below level. Two or more holes find the balance point.",
			{ lure: pick.spoken, hole: pick.hole ?? "eye" },
		);
	return say(
		"Drop the {lure} ({title}), finger barely on the line. Start as it goes under, stop when the line goes slack.",
		{ lure: pick.spoken, title: pick.subtitle.split(" · ")[0] },
	);
}

function Measured({ measurements, waiting }: { measurements: MeasurementData[]; waiting: Waiting[] }) {
	const age = useAge();
	const none = measurements.length + waiting.length === 0;
	return (
		<section aria-label="Measured so far" className="max-lg:mt-8">
			<h2 className="text-[19px]">{none ? "Nothing measured yet" : "Measured, beside the estimate it replaces"}</h2>
			{none && <p className="mt-1 text-slate">Until then every figure rests on estimates and says so.</p>}
			<ul className="mt-2">
				{waiting.map(({ id, words }) => (
					<li key={id} className="border-t border-rule py-2">
						<p className="font-semibold">{upper(words)}</p>
						<p className="text-[14px] text-slate">on this phone, not sent yet</p>
					</li>
				))}
				{measurements.map((one) => (
					<li key={one.uuid} className="grid grid-cols-[minmax(0,1fr)_auto] gap-3 border-t border-rule py-2">
						<div>
							<p className="font-semibold">
								{one.title}: <span className="text-brass-deep">{one.measured}</span>
							</p>
							<p className="text-[14px] text-slate">
								{one.estimate} · {one.method} · {age(one.at)}
							</p>
						</div>
						<Button
							look="aside"
							aria-label={say("Take away {title}: {measured}", { title: one.title, measured: one.measured })}
							onClick={() => router.delete(`/measurements/${one.uuid}`, { preserveScroll: true, preserveState: true })}
						>
							Take away
						</Button>
					</li>
				))}
			</ul>
		</section>
	);
}

/** Start and stop with one big button, for a thumb. */
function StopWatch({ onStop }: { onStop: (seconds: number) => void }) {
	const [start, setStart] = useState<number | null>(null);
	const [now, setNow] = useState(0);
	useEffect(() => {
		if (start === null) return;
		const timer = window.setInterval(() => setNow(performance.now()), 100);
		return () => window.clearInterval(timer);
	}, [start]);
	const seconds = start === null ? 0 : Math.max(0, now - start) / 1000;
	const press = () => {
		if (start === null) {
			setNow(performance.now());
			setStart(performance.now());
		} else {
			onStop((performance.now() - start) / 1000);
			setStart(null);
		}
	};
	const look = start === null ? "bg-ink text-frost" : "border-[3px] border-ember";
	return (
		<button type="button" onClick={press} className={`figure mb-3 min-h-[92px] w-full rounded-md text-[24px] ${look}`}>
			{start === null ? "Start" : say("{seconds} s – stop", { seconds: seconds.toFixed(1) })}
		</button>
	);
}
