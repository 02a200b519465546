import { Link, router } from "@inertiajs/react";
import { useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { newId, Refused, send } from "../parts/send";
import { Shell } from "../shell/Shell";
import { BenchDrawing, Hanging } from "../tackle/BenchDrawing";
import { HookCare } from "../tackle/HookCare";
import type { Change } from "../tackle/useBox";
import type { AnswerData, BenchData } from "../types";

interface Hole {
	name: string;
	x: number;
	y: number;
}

interface Fields {
	length: number;
	height: number;
	holes: Hole[];
	balance: [number, number] | null;
	build: Record<string, string | boolean>;
	hooks: Record<string, string | number | null>;
}

const build: [string, string][] = [
	["base", "base metal"],
	["paint", "paint"],
	["pattern", "pattern"],
	["tape", "tape"],
	["scent", "scent"],
	["tail", "feather or soft tail"],
];

const shaped: [string, string][] = [
	["bent", "bent"],
	["drilled", "drilled at the tail"],
	["stinger", "stinger at the head"],
	["assist", "assist hooks"],
];

export default function Bench({ answer, bench }: { answer: AnswerData; bench: BenchData }) {
	const fields = JSON.parse(bench.fields) as Fields;
	const [undo, setUndo] = useState<{ words: string; before: Change[] } | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	const { lure } = bench;
	const refresh = () => router.reload({ only: ["bench", "answer"] });
	const change = async (set: Record<string, unknown>, words: string): Promise<boolean> => {
		try {
			const { before } = await send<{ before: Change[] }>("PATCH", "/lures", { each: [{ id: lure.id, set }] });
			setUndo({ words, before });
			setTrouble(null);
			refresh();
			return true;
		} catch (error) {
			setTrouble(error instanceof Refused ? error.message : "No connection: nothing was changed. Try again.");
			return false;
		}
	};
	const back = async () => {
		if (!undo) return;
		await send("PATCH", "/lures", { each: undo.before }).catch(() =>
			setTrouble("No connection: not undone. Try again."),
		);
		setUndo(null);
		refresh();
	};
	const move = (what: string, x: number, y: number) =>
		what === "balance point"
			? change({ balance: [x, y] }, "The balance point is moved.")
			: change(
					{ holes: fields.holes.map((hole) => (hole.name === what ? { ...hole, x, y } : hole)) },
					`The ${what} hole is moved.`,
				);
	return (
		<Shell title="Bench" column={<AnswerColumn answer={answer} />}>
			<div className="px-4 py-4 lg:px-7">
				<p className="text-[15px]">
					<Link href="/tackle" className="underline underline-offset-4">
						Tackle box
					</Link>
					<button type="button" onClick={saveDrawing} className="ml-5 underline underline-offset-4">
						Drawing as SVG
					</button>
					<a href="/gauge.pdf" className="ml-5 underline underline-offset-4">
						Gauge to print
					</a>
				</p>
				<h1 className="text-[25px]">{lure.title}</h1>
				<p className="text-slate">{bench.balanceWords}</p>
				{undo && (
					<p
						role="status"
						className="mt-2 flex items-center justify-between border-l-4 border-brass bg-brass-pale px-3"
					>
						{undo.words}
						<button type="button" className="min-h-11 font-semibold underline" onClick={() => void back()}>
							Undo
						</button>
					</p>
				)}
				{trouble && (
					<p role="alert" className="mt-2 border-l-4 border-rowan bg-paper px-3 py-2">
						{trouble}
					</p>
				)}
				<div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-2">
					<div className="min-w-0">
						<BenchDrawing lure={lure.drawing} onMove={(what, x, y) => void move(what, x, y)} />
						<Places fields={fields} onChange={change} />
						<HookCare bench={bench} hooks={fields.hooks} onChange={(hooks, words) => change({ hooks }, words)} />
					</div>
					<div className="min-w-0">
						<Roles bench={bench} />
						<ul className="mt-3 text-[15px] text-slate">
							{bench.connector.map((words) => (
								<li key={words}>{words}</li>
							))}
						</ul>
						<MadeOf fields={fields} onChange={change} />
					</div>
				</div>
			</div>
		</Shell>
	);
}

/** Saves the drawing on the bench as a file of its own. */
function saveDrawing() {
	const drawing = document.querySelector<SVGElement>("[data-bench-drawing]");
	if (!drawing) return;
	const copy = drawing.cloneNode(true) as SVGElement;
	copy.setAttribute("xmlns", "http://www.w3.org/2000/svg");
	const styles = getComputedStyle(document.documentElement);
	const text = new XMLSerializer()
		.serializeToString(copy)
		.replaceAll(/var\((--[a-z-]+)\)/g, (_, name: string) => styles.getPropertyValue(name).trim());
	const link = document.createElement("a");
	link.href = URL.createObjectURL(new Blob([text], { type: "image/svg+xml" }));
	link.download = "lure.svg";
	link.click();
	URL.revokeObjectURL(link.href);
}

/** Each hole side by side: how it hangs and sinks, what the schools use it for, and the angle read with a gauge. */
function Roles({ bench }: { bench: BenchData }) {
	const { lure, roles } = bench;
	return (
		<section aria-label="Hole by hole">
			<h2 className="text-[19px]">Hole by hole</h2>
			<ul className="mt-1">
				{roles.map((role, index) => (
					<li
						key={role.hole}
						className="grid grid-cols-1 gap-x-4 border-t border-rule py-2 sm:grid-cols-[150px_minmax(0,1fr)_auto]"
					>
						<Hanging
							lure={lure.drawing}
							hole={index}
							hangDeg={role.hangDeg}
							words={`From the ${role.hole} hole it hangs ${role.hangText}`}
						/>
						<div className="text-[15px]">
							<p className="figure text-[17px]">
								{role.hole}, {role.hangText}
							</p>
							<p>
								sinks at {role.sinkText}, {role.secondsText} to the bottom today
							</p>
							<p className="text-slate">middle-first: {role.middleFirst}</p>
							<p className="text-slate">level-lift: {role.levelLift}</p>
						</div>
						<HangReading lureId={lure.id} hole={role.hole} read={role.reading} can={lure.drawing.holes.length > 0} />
					</li>
				))}
			</ul>
		</section>
	);
}

function HangReading({ lureId, hole, read, can }: { lureId: number; hole: string; read: string | null; can: boolean }) {
	const [angle, setAngle] = useState("");
	const [trouble, setTrouble] = useState<string | null>(null);
	if (!can) return null;
	return (
		<form
			onSubmit={(event) => {
				event.preventDefault();
				router.post(
					"/measurements",
					{ uuid: newId(), kind: "hang", pick: `${lureId}.${hole}.`, angle },
					{
						preserveScroll: true,
						preserveState: true,
						onError: (errors) => setTrouble(Object.values(errors)[0] ?? "That did not work."),
						onSuccess: () => {
							setAngle("");
							setTrouble(null);
						},
					},
				);
			}}
		>
			<span className="block text-[13px] text-slate">
				{read ? `read with the gauge: ${read}` : "read with the gauge"}
			</span>
			<label className="flex gap-1">
				<span className="sr-only">Hang angle from the {hole} hole</span>
				<input
					value={angle}
					placeholder="35°"
					onChange={(event) => setAngle(event.target.value)}
					className="min-h-11 w-16 rounded-md border-2 border-slate bg-paper px-2"
				/>
				<button type="submit" className="min-h-11 underline underline-offset-4">
					Keep
				</button>
			</label>
			{trouble && (
				<p role="alert" className="text-[14px] text-rowan">
					{trouble}
				</p>
			)}
		</form>
	);
}

type OnChange = (set: Record<string, unknown>, words: string) => Promise<boolean>;

/** The places typed, in millimetres. */
function Places({ fields, onChange }: { fields: Fields; onChange: OnChange }) {
	const number = (label: string, value: number | "", keep: (text: string) => void) => (
		<input
			key={value}
			aria-label={label}
			defaultValue={value}
			onBlur={(event) => event.target.value !== `${value}` && keep(event.target.value)}
			onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
			className="min-h-10 w-20 rounded-md border-2 border-slate bg-paper px-2 text-[16px] text-ink"
		/>
	);
	const hole = (index: number, part: "x" | "y") => (text: string) =>
		void onChange(
			{ holes: fields.holes.map((one, at) => (at === index ? { ...one, [part]: text } : one)) },
			"A hole is moved.",
		);
	const balance = (x: string | number, y: string | number) =>
		void onChange({ balance: [x, y] }, "The balance point is moved.");
	const cell = "py-1 pr-3";
	return (
		<table className="mt-2 text-[15px]">
			<thead className="text-left text-[13px] text-slate">
				<tr>
					<th scope="col" className={`${cell} font-normal`}>
						mm
					</th>
					<th scope="col" className={`${cell} font-normal`}>
						from the nose
					</th>
					<th scope="col" className={`${cell} font-normal`}>
						up
					</th>
				</tr>
			</thead>
			<tbody>
				<tr>
					<th scope="row" className={`${cell} text-left font-normal`}>
						whole lure
					</th>
					<td className={cell}>
						{number("length, mm", fields.length, (length) => void onChange({ length }, "The length is changed."))}
					</td>
					<td className={cell}>
						{number("height, mm", fields.height, (height) => void onChange({ height }, "The height is changed."))}
					</td>
				</tr>
				{fields.holes.map((one, index) => (
					<tr key={one.name}>
						<th scope="row" className={`${cell} text-left font-normal`}>
							{one.name} hole
						</th>
						<td className={cell}>{number(`${one.name} hole from the nose, mm`, one.x, hole(index, "x"))}</td>
						<td className={cell}>{number(`${one.name} hole up, mm`, one.y, hole(index, "y"))}</td>
					</tr>
				))}
				<tr>
					<th scope="row" className={`${cell} text-left font-normal`}>
						balance point
					</th>
					<td className={cell}>
						{number("balance point from the nose, mm", fields.balance?.[0] ?? "", (x) =>
							balance(x, fields.balance?.[1] ?? 0),
						)}
					</td>
					<td className={cell}>
						{number("balance point up, mm", fields.balance?.[1] ?? "", (y) => balance(fields.balance?.[0] ?? 0, y))}
					</td>
					<td>
						{fields.balance && (
							<button
								type="button"
								className="min-h-10 text-slate underline underline-offset-4"
								onClick={() => void onChange({ balance: null }, "The balance point is taken away.")}
							>
								Take away
							</button>
						)}
					</td>
				</tr>
			</tbody>
		</table>
	);
}

/** What finish and body are made of. */
function MadeOf({ fields, onChange }: { fields: Fields; onChange: OnChange }) {
	const keep = (name: string, value: string | boolean) =>
		void onChange({ build: { ...fields.build, [name]: value } }, "What it is made of is kept.");
	return (
		<section aria-label="What it is made of" className="mt-5 border-t border-rule pt-3">
			<h2 className="text-[19px]">Made of</h2>
			<div className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-3">
				{build.map(([name, label]) => (
					<label key={name} className="text-[14px] text-slate">
						{label}
						<input
							key={`${fields.build[name] ?? ""}`}
							defaultValue={`${fields.build[name] ?? ""}`}
							onBlur={(event) => event.target.value !== `${fields.build[name] ?? ""}` && keep(name, event.target.value)}
							className="block min-h-11 w-full rounded-md border-2 border-slate bg-paper px-2 text-[16px] text-ink"
						/>
					</label>
				))}
			</div>
			<div className="mt-2 flex flex-wrap gap-x-5">
				{shaped.map(([name, label]) => (
					<label key={name} className="flex min-h-11 items-center gap-2">
						<input
							type="checkbox"
							className="size-5 accent-[var(--ember)]"
							checked={fields.build[name] === true}
							onChange={(event) => keep(name, event.target.checked)}
						/>
						{label}
					</label>
				))}
			</div>
		</section>
	);
}
