import { useEffect, useState } from "react";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { troubleOf } from "../parts/queries";
import { ask } from "../parts/send";
import { wayOfLate } from "../phone/position";
import { UsePhone } from "../phone/UsePhone";
import { usePosition } from "../phone/usePosition";
import type { PhoneDriftData } from "../types";

/** ms between two looks at how the boat drifts. */
const AGAIN = 4_000;

/** How the boat drifts by where this phone is, to be taken over into what is measured. */
export function PhoneDrift({ onTake }: { onTake: (distance: string, seconds: string) => void }) {
	const position = usePosition();
	const { drift, trouble } = useDrift(position.fix !== null);
	const { distance, seconds } = drift ?? {};
	return (
		<div className="mb-3 flex flex-col items-start gap-y-1 border-y border-rule py-2">
			<UsePhone position={position} words={drift?.sentence ?? "One moment, finding where it is."} />
			<Trouble words={trouble} className="text-[15px]" />
			{distance && seconds && (
				<Button look="strong" onClick={() => onTake(distance, seconds)}>
					Use this drift
				</Button>
			)}
		</div>
	);
}

function useDrift(isHeard: boolean) {
	const [drift, setDrift] = useState<PhoneDriftData | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	useEffect(() => {
		if (!isHeard) return;
		const calledOff = new AbortController();
		let isAsked = false;
		const look = async () => {
			if (isAsked) return;
			isAsked = true;
			try {
				const next = await ask<PhoneDriftData>("/drift-by-phone", calledOff.signal, { fixes: wayOfLate() });
				setDrift(next);
				setTrouble(null);
			} catch (error) {
				if (!calledOff.signal.aborted)
					setTrouble(troubleOf(error, "No signal: take Eskith along in Settings, and this phone tells it."));
			} finally {
				isAsked = false;
			}
		};
		void look();
		const timer = window.setInterval(() => void look(), AGAIN);
		return () => {
			calledOff.abort();
			window.clearInterval(timer);
		};
	}, [isHeard]);
	return { drift, trouble };
}
