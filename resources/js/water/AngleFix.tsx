import { Slider } from "radix-ui";
import { useState } from "react";
import { Field } from "../parts/Field";
import { useAsk } from "../parts/useAsk";
import { say } from "../parts/words";
import type { Live } from "../readings/useAnswer";
import type { AngleFixData, PickData } from "../types";
import { LineTilt } from "./LineTilt";

/** "My line leans 35° with this on": the flow that tells, and what to do. */
export default function AngleFix({ live, pick }: { live: Live; pick: PickData }) {
	const [angle, setAngle] = useState("30°");
	const { answer: fix, trouble } = useAsk<AngleFixData>(
		`/angle-fix?${new URLSearchParams({ angle, pick: pick.key })}`,
		{ again: live.answer },
	);
	return (
		<div className="grid gap-x-8 lg:grid-cols-[320px_minmax(0,1fr)]">
			<div>
				<h2 className="text-[19px]">My line leans</h2>
				<p className="mt-1 mb-3 text-[15px] text-slate">
					{say("Hold a card or the phone against the line where it enters the water. On it: the {spoken}.", {
						spoken: pick.spoken,
					})}
				</p>
				<LineTilt onAngle={setAngle} />
				<Field
					label="Line angle, from straight down"
					value={angle}
					trouble={trouble ?? undefined}
					onChange={(event) => setAngle(event.target.value)}
				/>
				<Slider.Root
					min={0}
					max={80}
					value={[Math.min(80, Math.max(0, Number.parseFloat(angle) || 0))]}
					onValueChange={([value]) => setAngle(`${value ?? 0}°`)}
					className="relative flex min-h-11 w-full touch-none items-center"
				>
					<Slider.Track className="relative h-2 grow rounded-full bg-rule">
						<Slider.Range className="absolute h-full rounded-full bg-ember" />
					</Slider.Track>
					<Slider.Thumb
						aria-label="Line angle in degrees"
						className="block size-8 rounded-full border-2 border-ink bg-paper"
					/>
				</Slider.Root>
			</div>
			{fix && (
				<div aria-live="polite">
					<h2 className="text-[21px]">{fix.headline}</h2>
					<ul className="mt-2">
						{fix.ways.map((way) => (
							<li key={way}>{way}</li>
						))}
					</ul>
					<button
						type="button"
						onClick={() => live.changeMany(fix.texts)}
						className="figure mt-3 min-h-12 rounded-md bg-ember px-5 text-on-ember"
					>
						{say("Set {words}", { words: fix.words })}
					</button>
					{(
						[
							["Your other weights in that flow", fix.weights],
							["Your other lines with this lure", fix.lines],
						] as const
					)
						.filter(([, rows]) => rows.length > 0)
						.map(([title, rows]) => (
							<div key={title}>
								<h3 className="mt-4 text-[16px]">{title}</h3>
								<ul className="mt-1 grid grid-cols-2 gap-x-6 text-[15px] xl:grid-cols-3">
									{rows.map((row) => (
										<li key={row} className="border-t border-rule py-1.5">
											{row}
										</li>
									))}
								</ul>
							</div>
						))}
				</div>
			)}
		</div>
	);
}
