import { router } from "@inertiajs/react";
import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import { Button } from "../parts/Button";
import { Check } from "../parts/Check";
import { Notice, Trouble } from "../parts/Notice";
import { say } from "../parts/words";
import type { LiftsData, WorkData } from "../types";
import { useMotion } from "./useMotion";
import type { Practice as Practised, Sample } from "./usePractice";

/** Makes lifts by dragging, by holding a key or by moving the phone, and tells how even they were. */
export function Practice({ work, practice }: { work: WorkData; practice: Practised }) {
	const [hints, setHints] = useState(false);
	const [here, setHere] = useState(false);
	const motion = useMotion(practice.add);
	if (work.liftM <= 0) return <p className="mt-4 text-slate">There is no lift to practise.</p>;
	return (
		<div className="mt-4 grid gap-x-8 gap-y-4 lg:grid-cols-[260px_minmax(0,1fr)]">
			<div>
				<Pad work={work} hints={hints} onLift={practice.add} />
				<Check checked={hints} onChange={setHints}>
					Tell me faster or slower while I lift
				</Check>
				<Button look="plain" wide onClick={motion.toggle} aria-pressed={motion.recording}>
					{motion.recording ? "Stop: the lift is made" : "Lift the phone instead"}
				</Button>
				<Trouble words={motion.refused} />
			</div>
			<section aria-label="Your lifts" aria-live="polite">
				<Trouble words={practice.trouble} className="pb-2" />
				{practice.told ? (
					<Told told={practice.told} work={work} practice={practice} onKeptHere={setHere} />
				) : (
					<p className="text-slate">
						Wanted: {work.liftText} in {work.liftS} s. Drag the tip up as you would lift it, or hold the arrow up; the
						last ten lifts are compared.
					</p>
				)}
				{here && <Notice tone="done">Kept here, and sent when there is a signal.</Notice>}
			</section>
		</div>
	);
}

interface ToldProps {
	told: LiftsData;
	work: WorkData;
	practice: Practised;
	onKeptHere: (isKept: boolean) => void;
}

function Told({ told, work, practice, onKeptHere }: ToldProps) {
	const [trouble, setTrouble] = useState<string | null>(null);
	const { cadence } = work;
	const own = {
		lift: say("{height} cm", { height: Math.round(1000 * told.riseM) / 10 }),
		seconds: told.durationS.toFixed(2),
		pause: `${work.pauseS}`,
	};
	const keepHere = async () => {
		const { keepUntilHeard } = await import("../outbox/day");
		await keepUntilHeard({ do: "own_cadence", cadence, ...own });
		onKeptHere(true);
	};
	const keep = () => {
		onKeptHere(false);
		router.put(`/cadences/${cadence}`, own, {
			preserveScroll: true,
			preserveState: true,
			onError: (errors) => setTrouble(Object.values(errors)[0] ?? "That was not kept."),
			onSuccess: () => setTrouble(null),
			onNetworkError: () => {
				void keepHere().catch(() => setTrouble("No signal, and it could not be kept here. Try again."));
				return false;
			},
		});
	};
	return (
		<>
			<h2 className="text-[20px]">
				{told.said}
				{told.together && `; ${told.together}`}
			</h2>
			<dl className="mt-1">
				{[
					["wanted", told.wanted],
					["made", `${told.made}, ${told.against}`],
					["lifts", `${practice.count}`],
				].map(([word, figure]) => (
					<div key={word} className="grid grid-cols-[110px_1fr] border-b border-rule py-1.5">
						<dt className="text-slate">{word}</dt>
						<dd>{figure}</dd>
					</div>
				))}
			</dl>
			<Speeds told={told} />
			<p className="mt-2 flex gap-x-5">
				<Button look="strong" onClick={keep}>
					Keep this one
				</Button>
				<Button onClick={practice.again}>Start again</Button>
			</p>
			<Trouble words={trouble} />
		</>
	);
}

/** The speed in each part of the last lift, against the even one. */
function Speeds({ told }: { told: LiftsData }) {
	const most = Math.max(told.wantedMs, ...told.speeds) || 1;
	const wide = 400 / told.speeds.length;
	const tall = (speed: number) => Math.max(1, (72 * Math.max(0, speed)) / most);
	return (
		<svg
			viewBox="0 0 404 92"
			role="img"
			aria-label="Speed from the beginning of the lift to its end"
			className="mt-2 block w-full max-w-[420px]"
		>
			{told.speeds.map((speed, index) => (
				<rect
					// biome-ignore lint/suspicious/noArrayIndexKey: parts of one lift, in order
					key={index}
					x={2 + index * wide}
					y={80 - tall(speed)}
					width={wide - 4}
					height={tall(speed)}
					fill="var(--brass-deep)"
				/>
			))}
			<path d={`M0 ${80 - tall(told.wantedMs)} H404`} stroke="var(--ink)" strokeWidth={2} strokeDasharray="5 4" />
			<path d="M0 80 H404" stroke="var(--slate)" />
		</svg>
	);
}

/** m that the pad is high, beside the lift that is wanted. */
const ROOM = 1.3;

/** s over which the speed of a hint is taken. */
const HINT_S = 0.15;

/** Where the tip is dragged up; the arrow key held lifts it evenly, so that only its time counts. */
function Pad({ work, hints, onLift }: { work: WorkData; hints: boolean; onLift: (samples: Sample[]) => void }) {
	const pad = useRef<HTMLButtonElement>(null);
	const samples = useRef<Sample[]>([]);
	const from = useRef<number | null>(null);
	const [height, setHeight] = useState(0);
	const [hint, setHint] = useState("");
	const span = Math.max(0.08, work.liftM) * ROOM;
	const take = (event: { clientY: number; timeStamp: number }) => {
		const tall = pad.current?.clientHeight ?? 1;
		const up = Math.max(0, Math.min(span, (((from.current ?? event.clientY) - event.clientY) / tall) * span));
		samples.current.push([event.timeStamp / 1000, up]);
		setHeight(up);
		if (hints) setHint(hintOf(samples.current, work));
	};
	const begin = (event: PointerEvent) => {
		pad.current?.setPointerCapture(event.pointerId);
		from.current = event.clientY;
		samples.current = [];
		take(event);
	};
	const end = () => {
		if (from.current === null) return;
		from.current = null;
		setHeight(0);
		setHint("");
		onLift(samples.current);
	};
	const held = useRef<number | null>(null);
	const key = (event: KeyboardEvent) => {
		if (event.key !== "ArrowUp") return;
		event.preventDefault();
		if (event.type === "keydown") {
			held.current ??= event.timeStamp;
			setHeight(work.liftM);
		} else if (held.current !== null) {
			const long = (event.timeStamp - held.current) / 1000;
			held.current = null;
			setHeight(0);
			onLift([0, 0.25, 0.5, 0.75, 1].map((share) => [share * long, share * work.liftM]));
		}
	};
	return (
		<button
			ref={pad}
			type="button"
			aria-label="Lift: drag up, or hold the arrow up"
			onPointerDown={begin}
			onPointerMove={(event) => from.current !== null && take(event)}
			onPointerUp={end}
			onPointerCancel={() => {
				from.current = null;
				setHeight(0);
				setHint("");
			}}
			onKeyDown={key}
			onKeyUp={key}
			className="relative block h-[230px] w-full touch-none select-none overflow-hidden rounded-md bg-[var(--water-deep)] text-[#FBFCFA]"
		>
			<span
				aria-hidden="true"
				className="absolute inset-x-0 border-t-2 border-dashed border-[#FBFCFA]"
				style={{ bottom: `${100 / ROOM}%` }}
			/>
			<span
				aria-hidden="true"
				className="absolute inset-x-6 h-2 rounded-md bg-brass"
				style={{ bottom: `${(100 * height) / span}%` }}
			/>
			<span className="figure text-[22px]">{hint || "drag up"}</span>
		</button>
	);
}

/** "faster", "slower" or "so", from the last moments of a lift. */
function hintOf(samples: Sample[], work: WorkData): string {
	const last = samples.at(-1);
	const before = last && samples.findLast(([at]) => at <= last[0] - HINT_S);
	if (!last || !before || last[1] - before[1] < 0.002) return "";
	const ratio = (last[1] - before[1]) / (last[0] - before[0]) / (work.liftM / work.liftS);
	return ratio < 0.8 ? "faster" : ratio > 1.25 ? "slower" : "so";
}
