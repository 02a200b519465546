import { router } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { newId } from "../parts/send";
import { say } from "../parts/words";
import type { BenchData } from "../types";
import { Hanging } from "./BenchDrawing";

/** Each hole side by side: how it hangs and sinks, what the schools use it for, and the angle read with a gauge. */
export function Roles({ bench }: { bench: BenchData }) {
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
							words={say("From the {hole} hole it hangs {hangText}", { hole: role.hole, hangText: role.hangText })}
						/>
						<div className="text-[15px]">
							<p className="figure text-[17px]">
								{role.hole}, {role.hangText}
							</p>
							<p>
								{say("sinks at {sinkText}, {secondsText} to the bottom today", {
									sinkText: role.sinkText,
									secondsText: role.secondsText,
								})}
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
				{read ? say("read with the gauge: {read}", { read }) : "read with the gauge"}
			</span>
			<label className="flex gap-1">
				<span className="sr-only">{say("Hang angle from the {hole} hole", { hole })}</span>
				<input
					value={angle}
					placeholder="35°"
					onChange={(event) => setAngle(event.target.value)}
					className="min-h-11 w-16 rounded-md border-2 border-slate bg-paper px-2"
				/>
				<Button type="submit">Keep</Button>
			</label>
			<Trouble words={trouble} className="text-[14px]" />
		</form>
	);
}
