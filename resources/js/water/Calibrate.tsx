import { router } from "@inertiajs/react";
import { useEffect, useState } from "react";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { newId } from "../parts/send";
import { useAge } from "../parts/useAge";
import type { MeasurementData, PickData } from "../types";

const kinds = [
	["drop", "time a drop"],
	["drift", "time the drift"],
	["hang", "hang it"],
] as const;

/** Three measurements that replace estimates, each shown beside what it replaces. */
export default function Calibrate({ pick, measurements }: { pick: PickData; measurements: MeasurementData[] }) {
	const [kind, setKind] = useState<string>("drop");
	const [values, setValues] = useState({ seconds: "", distance: "", angle: "" });
	const [troubles, setTroubles] = useState<Record<string, string>>({});
	const [id, setId] = useState(newId);
	const age = useAge();
	const keep = (more: Partial<typeof values> = {}) =>
		router.post(
			"/measurements",
			{ uuid: id, kind, pick: pick.key, ...values, ...more },
			{
				preserveScroll: true,
				preserveState: true,
				onError: setTroubles,
				onSuccess: () => {
					setTroubles({});
					setId(newId());
					setValues({ seconds: "", distance: "", angle: "" });
				},
			},
		);
	const set = (name: keyof typeof values) => (event: { target: { value: string } }) =>
		setValues({ ...values, [name]: event.target.value });
	return (
		<div className="grid gap-x-8 lg:grid-cols-[360px_minmax(0,1fr)]">
			<section aria-label="Measure">
				<Choice
					label="Measure"
					value={kind}
					onChange={(next) => {
						setKind(next);
						setTroubles({});
					}}
					options={kinds}
				/>
				<form
					className="mt-3"
					noValidate
					onSubmit={(event) => {
						event.preventDefault();
						keep();
					}}
				>
					{kind === "drop" && (
						<p className="mb-3 text-[15px]">
							Drop the {pick.spoken} ({pick.subtitle.split(" · ")[0]}), finger barely on the line. Start as it goes
							under, stop when the line goes slack.
						</p>
					)}
					{kind === "drift" && (
						<p className="mb-3 text-[15px]">
							Drop a marker and time how long the boat takes to go a known way from it.
						</p>
					)}
					{kind === "hang" && (
						<p className="mb-3 text-[15px]">
							Hang the {pick.spoken} from its {pick.hole ?? "eye"} hole and read how far its nose points below level.
							Two or more holes find the balance point.
						</p>
					)}
					{kind !== "hang" && (
						<StopWatch onStop={(seconds) => setValues((now) => ({ ...now, seconds: `${seconds.toFixed(1)} s` }))} />
					)}
					{kind === "drift" && (
						<Field
							label="Distance"
							placeholder="50 ft"
							value={values.distance}
							trouble={troubles.distance}
							onChange={set("distance")}
						/>
					)}
					{kind !== "hang" && (
						<Field
							label="Time"
							placeholder="9 s"
							value={values.seconds}
							trouble={troubles.seconds}
							onChange={set("seconds")}
						/>
					)}
					{kind === "hang" && (
						<Field
							label="Nose below level"
							placeholder="35°"
							value={values.angle}
							trouble={troubles.angle}
							onChange={set("angle")}
						/>
					)}
					{Object.entries(troubles)
						.filter(([name]) => !["seconds", "distance", "angle"].includes(name))
						.map(([name, words]) => (
							<p key={name} role="alert" className="pb-2 text-rowan">
								{words}
							</p>
						))}
					<button type="submit" className="figure min-h-12 w-full rounded-md bg-ember text-on-ember">
						Keep this measurement
					</button>
				</form>
			</section>
			<section aria-label="Measured so far">
				<h2 className="text-[19px]">
					{measurements.length === 0 ? "Nothing measured yet" : "Measured, beside the estimate it replaces"}
				</h2>
				{measurements.length === 0 && (
					<p className="mt-1 text-slate">Until then every figure rests on estimates and says so.</p>
				)}
				<ul className="mt-2">
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
							<button
								type="button"
								aria-label={`Take away ${one.title}: ${one.measured}`}
								onClick={() =>
									router.delete(`/measurements/${one.uuid}`, { preserveScroll: true, preserveState: true })
								}
								className="min-h-11 text-slate underline underline-offset-4"
							>
								Take away
							</button>
						</li>
					))}
				</ul>
			</section>
		</div>
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
	return (
		<button
			type="button"
			onClick={() => {
				if (start === null) {
					setNow(performance.now());
					setStart(performance.now());
				} else {
					onStop((performance.now() - start) / 1000);
					setStart(null);
				}
			}}
			className={`figure mb-3 min-h-[92px] w-full rounded-md text-[24px] ${start === null ? "bg-ink text-frost" : "border-[3px] border-ember"}`}
		>
			{start === null ? "Start" : `${seconds.toFixed(1)} s – stop`}
		</button>
	);
}
