import { Link, router } from "@inertiajs/react";
import { useCallback, useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { WaterColumn } from "../drop/WaterColumn";
import { Advice, Counters } from "../fish/Counters";
import { FishOn } from "../fish/FishOn";
import { TouchPad } from "../fish/TouchPad";
import { useOuting } from "../fish/useOuting";
import { AppLayout } from "../shell/AppLayout";
import { useKeys } from "../shell/useKeys";
import type { AnswerData, OutingData } from "../types";

interface Props {
	outing: OutingData | null;
	answer: AnswerData;
}

export default function Fish({ outing, answer }: Props) {
	if (outing) return <UnderWay outing={outing} answer={answer} />;
	return (
		<AppLayout title="Fish" column={<AnswerColumn answer={answer} />}>
			<div className="max-w-[56ch] px-4 py-6 lg:px-7">
				<h1 className="text-[25px]">No outing is under way</h1>
				<p className="mt-2 text-slate">
					Choose what to tie on; the outing starts with it, and drops, touches and fish are logged here.
				</p>
				<Link
					href="/lure"
					className="figure mt-5 inline-flex min-h-14 items-center rounded-md bg-ember px-6 text-on-ember"
				>
					Choose a lure
				</Link>
			</div>
		</AppLayout>
	);
}

function UnderWay({ outing: first, answer }: { outing: OutingData; answer: AnswerData }) {
	const refresh = useCallback(() => router.reload({ only: ["outing", "answer"] }), []);
	const log = useOuting(first, answer.column, refresh);
	const { outing } = log;
	const [fishOn, setFishOn] = useState(false);
	const [touching, setTouching] = useState(false);
	const next = outing.pick?.ladder[0];
	useKeys({
		d: () => void log.log({ kind: "drop" }),
		t: () => setTouching(true),
		f: () => setFishOn(true),
		...Object.fromEntries(outing.pads.map(({ kind, key }) => [key, () => void log.log({ kind })])),
		u: () => void log.undo(),
	});
	const small = "figure min-h-[58px] rounded-md border-2 border-slate bg-paper px-2 text-[17px]";
	const time = (iso: string) => new Date(iso).toLocaleTimeString([], { hour: "numeric", minute: "2-digit" });
	return (
		<AppLayout
			title="Fish"
			column={
				<WaterColumn
					column={log.column}
					drop={outing.pick?.drop ?? null}
					lure={outing.pick?.drawing ?? null}
					holeInUse={outing.pick?.holeIndex ?? null}
					title={outing.title.split(",")[0] ?? ""}
				/>
			}
		>
			<div className="grid gap-x-8 px-4 pt-1 pb-4 lg:h-full lg:grid-cols-[minmax(0,1fr)_372px] lg:px-7 lg:py-5">
				<div className="min-w-0">
					<p className="flex justify-between gap-3 text-[14px] text-slate">
						<span>
							{outing.place} · {time(outing.startedAt)}
						</span>
						<span role="status">{log.waiting > 0 ? `Saved here, ${log.waiting} to send` : "All saved"}</span>
					</p>
					<h1 className="text-[25px]">{outing.title}</h1>
					<p className="pb-2 text-slate">
						{outing.subtitle} · {outing.water}
					</p>
					<Counters outing={outing} />
					{log.trouble && (
						<p
							role="alert"
							className="mt-2 flex items-center justify-between gap-3 border-l-4 border-rowan bg-paper px-3 py-2"
						>
							{log.trouble}
							{log.waiting > 0 && (
								<button type="button" onClick={log.again} className="min-h-14 font-semibold underline">
									Send now
								</button>
							)}
						</p>
					)}
					<Advice outing={outing} />
					<ul aria-label="Last events" className="mt-2 lg:max-h-none">
						{outing.events.map((event) => (
							<li
								key={event.uuid}
								className="grid grid-cols-[66px_1fr_auto] gap-2 border-b border-rule py-1.5 text-[15px]"
							>
								<time dateTime={event.at} className="whitespace-nowrap text-slate">
									{time(event.at)}
								</time>
								<span>{event.words}</span>
								<span>{event.depthText}</span>
							</li>
						))}
						{outing.events.length === 0 && (
							<li className="py-2 text-slate">Nothing logged yet. Tap Drop each time it goes down.</li>
						)}
					</ul>
				</div>
				<div className="sticky bottom-0 mt-2 grid grid-cols-2 content-start gap-2.5 self-start bg-frost pt-1 pb-3 lg:static lg:row-span-2">
					<button
						type="button"
						aria-keyshortcuts="D"
						onClick={() => void log.log({ kind: "drop" })}
						className="figure col-span-2 min-h-[92px] rounded-md bg-ink text-[26px] text-frost"
					>
						Drop
					</button>
					<button
						type="button"
						aria-keyshortcuts="T"
						onClick={() => setTouching(true)}
						className="figure min-h-[76px] rounded-md border-[3px] border-ink bg-paper text-[21px]"
					>
						Touch
					</button>
					<button
						type="button"
						aria-keyshortcuts="F"
						onClick={() => setFishOn(true)}
						className="figure min-h-[76px] rounded-md bg-ember text-[21px] text-on-ember"
					>
						Fish on
					</button>
					{outing.pads.map(({ kind, label, key }) => (
						<button
							key={kind}
							type="button"
							aria-keyshortcuts={key.toUpperCase()}
							onClick={() => void log.log({ kind })}
							className={small}
						>
							{label}
						</button>
					))}
					<Link
						href={next ? `/lure?pick=${next.key}` : "/lure"}
						className={`${small} flex items-center justify-center text-center`}
					>
						Change one thing
					</Link>
					<button
						type="button"
						aria-keyshortcuts="U"
						disabled={outing.events.length === 0 && log.waiting === 0}
						onClick={() => void log.undo()}
						className={`${small} min-h-[76px]`}
					>
						Undo
					</button>
				</div>
				<EndOuting uuid={outing.uuid} />
			</div>
			<FishOn open={fishOn} onOpenChange={setFishOn} outing={outing} fields={log.fields} onLog={log.log} />
			<TouchPad open={touching} onOpenChange={setTouching} onLog={log.log} />
		</AppLayout>
	);
}

/** Asked once more, since it closes the day. */
function EndOuting({ uuid }: { uuid: string }) {
	const [asked, setAsked] = useState(false);
	if (!asked)
		return (
			<button
				type="button"
				onClick={() => setAsked(true)}
				className="min-h-14 justify-self-start text-slate underline underline-offset-4"
			>
				End the outing
			</button>
		);
	return (
		<div className="grid grid-cols-2 gap-2.5">
			<button
				type="button"
				onClick={() => router.post(`/outings/${uuid}/end`)}
				className="figure min-h-14 rounded-md border-2 border-rowan text-rowan"
			>
				Yes, end it
			</button>
			<button
				type="button"
				onClick={() => setAsked(false)}
				className="figure min-h-14 rounded-md border-2 border-slate"
			>
				Go on fishing
			</button>
		</div>
	);
}
