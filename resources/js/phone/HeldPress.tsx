import { useState } from "react";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { troubleOf } from "../parts/queries";
import { ask } from "../parts/send";
import { useHeld } from "./useHeld";

/** A sensor of this device, asked for by a press. */
export interface Sensor<S> {
	/** Why it tells nothing here; null where it does, or was just allowed to. */
	lacks: () => Promise<string | null>;
	/** Gives each sample on, and gives back how to stop. */
	listen: (take: (sample: S) => void) => () => void;
	/** What is said where not one came. */
	silent: string;
	/** s for which the phone is held. */
	seconds: number;
	/** Where what it told is worked out. */
	question: string;
}

interface Props<S, Answer> {
	sensor: Sensor<S>;
	words: string;
	/** How it is held meanwhile. */
	holding: string;
	onTold: (answer: Answer) => void;
	className?: string;
}

/** One press, then both hands are free: what the sensor told meanwhile is worked out and said in a sentence. */
export function HeldPress<S, Answer extends { sentence: string }>(props: Props<S, Answer>) {
	const { sensor, words, holding, onTold, className = "" } = props;
	const [said, setSaid] = useState<string | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	const tell = async (samples: S[]) => {
		if (samples.length === 0) return setTrouble(sensor.silent);
		try {
			const answer = await ask<Answer>(sensor.question, undefined, { samples });
			setSaid(answer.sentence);
			onTold(answer);
		} catch (error) {
			setTrouble(troubleOf(error, "No signal: take Eskith along in Settings, and this phone tells it."));
		}
	};
	const { left, hold, stop } = useHeld(sensor.seconds, sensor.listen, (samples: S[]) => void tell(samples));
	const begin = async () => {
		setSaid(null);
		const lacking = await sensor.lacks();
		setTrouble(lacking);
		if (!lacking) hold();
	};
	return (
		<div className={className}>
			<Button className="text-left" onClick={() => (left === null ? void begin() : stop())}>
				{left === null ? words : `${holding}: ${left} s`}
			</Button>
			<p role="status" className="text-[15px] text-slate empty:hidden">
				{said}
			</p>
			<Trouble words={trouble} className="text-[15px]" />
		</div>
	);
}
