import { useCallback, useState } from "react";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { troubleOf } from "../parts/queries";
import { ask } from "../parts/send";
import type { HeadingData } from "../types";
import { type CompassSample, lacksCompass, listenToCompass, NO_COMPASS } from "./compass";
import { useHeld } from "./useHeld";

/** s for which it is pointed. */
const HELD = 3;

interface Props {
	/** Where it is to be pointed: "Point this phone into the wind". */
	words: string;
	onPointed: (heading: { degrees: string; point: string }) => void;
}

/** A direction by the phone's compass, in one press while pointing; typed or chosen as before where there is none. */
export function PointPhone({ words, onPointed }: Props) {
	const [said, setSaid] = useState<string | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	const tell = useCallback(
		async (samples: CompassSample[]) => {
			if (samples.length === 0) return setTrouble(NO_COMPASS.silent);
			try {
				const { sentence, degrees, point } = await ask<HeadingData>("/heading-by-compass", undefined, { samples });
				setSaid(sentence);
				if (degrees && point) onPointed({ degrees, point });
			} catch (error) {
				setTrouble(troubleOf(error, "No signal: take Eskith along in Settings, and this phone tells it."));
			}
		},
		[onPointed],
	);
	const { left, hold, stop } = useHeld(HELD, listenToCompass, (samples: CompassSample[]) => void tell(samples));
	const point = async () => {
		setSaid(null);
		const lacking = await lacksCompass();
		setTrouble(lacking);
		if (!lacking) hold();
	};
	return (
		<div className="pt-2">
			<Button className="text-left" onClick={() => (left === null ? void point() : stop())}>
				{left === null ? words : `Hold it flat and still: ${left} s`}
			</Button>
			<p role="status" className="text-[15px] text-slate empty:hidden">
				{said}
			</p>
			<Trouble words={trouble} className="text-[15px]" />
		</div>
	);
}
