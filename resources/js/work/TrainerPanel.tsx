import { useEffect, useState } from "react";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import type { WorkData } from "../types";
import { placeAt } from "./repeat";
import type { Cues, Trainer } from "./useTrainer";

interface Props {
	work: WorkData;
	trainer: Trainer;
	cues: Cues;
	onCues: (cues: Cues) => void;
}

const words = { lift: "up", fall: "down", rest: "wait" } as const;

/** The count in large figures, one tap to keep time, and how it is told. */
export function TrainerPanel({ work, trainer, cues, onCues }: Props) {
	const count = useCount(work, trainer);
	const toggles = [
		["sound", "sound"],
		["buzz", "buzz"],
		["voice", "spoken"],
	] as const;
	return (
		<div className="flex flex-wrap items-center gap-x-8 gap-y-3 py-3">
			<p className="figure min-w-[190px] text-[52px] leading-none" data-count>
				{count ?? (work.counts === "" ? "reel" : "ready")}
			</p>
			<Button
				look="next"
				size="big"
				onClick={trainer.toggle}
				aria-pressed={trainer.running}
				disabled={work.counts === ""}
			>
				{trainer.running ? "Stop" : "Keep time"}
			</Button>
			<fieldset className="flex gap-2">
				<legend className="sr-only">How the time is told</legend>
				{toggles.map(([name, label]) => (
					<button
						key={name}
						type="button"
						aria-pressed={cues[name]}
						onClick={() => onCues({ ...cues, [name]: !cues[name] })}
						className="min-h-14 rounded-md border border-slate px-4 aria-pressed:border-[3px] aria-pressed:border-ember
							aria-pressed:font-bold lg:min-h-11"
					>
						{label}
					</button>
				))}
			</fieldset>
			<p className="text-slate">{[work.counts, work.rate].filter(Boolean).join(" · ")}</p>
			<Trouble words={trainer.trouble} />
		</div>
	);
}

/** "up", "down 1", "wait 2" as it goes; null while nothing runs. */
function useCount(work: WorkData, { running, now }: Trainer): string | null {
	const [count, setCount] = useState<string | null>(null);
	useEffect(() => {
		if (!running) return setCount(null);
		let frame = 0;
		const step = () => {
			const seconds = now() ?? 0;
			const { phase, count: number } = placeAt(work, seconds);
			const quick = phase === "lift" && work.liftS < 0.75;
			setCount(seconds < 0 ? "ready" : quick ? "up" : `${words[phase]} ${number}`);
			frame = requestAnimationFrame(step);
		};
		frame = requestAnimationFrame(step);
		return () => cancelAnimationFrame(frame);
	}, [work, running, now]);
	return count;
}
