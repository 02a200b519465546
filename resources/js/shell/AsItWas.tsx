import { router, usePage } from "@inertiajs/react";
import { useEffect, useState } from "react";
import { now, setClock } from "../parts/clock";
import { isOnBoard, NO_SIGNAL } from "../parts/kit";
import { say, shortDayOf, timeOf } from "../parts/words";

/** ms: a page that is older as it opens came from this device, not from the server. */
const FRESH = 90_000;

/** ms in which a server answers that is there. */
const SOON = 3_000;

/** Says of a page that was kept on this device when it was made, until the server is heard. */
export function AsItWas() {
	const { madeAt } = usePage().props;
	const [kept, setKept] = useState(false);
	const [known, setKnown] = useState<string | null>(null);
	// biome-ignore lint/correctness/useExhaustiveDependencies: asked once, of the page that was opened; later ones come from the server
	useEffect(() => {
		const isOld = () => now() - Date.parse(madeAt) > FRESH;
		// Where the clock of this device is wrong, the server sets it right as it is asked.
		if (isOld())
			void setClock(AbortSignal.timeout(SOON)).then(
				() => setKept(isOld()),
				async () => {
					setKept(true);
					if (!isOnBoard()) return;
					const at = await import("../parts/onBoard").then(({ kitAt }) => kitAt()).catch(() => null);
					// A page that has an answer says that it works it out anew.
					const isAnew = at !== null && !window.dispatchEvent(new Event(NO_SIGNAL, { cancelable: true }));
					setKnown(isAnew ? at : null);
				},
			);
		return router.on("success", () => setKept(false));
	}, []);

	return (
		kept && (
			<p role="status" className="border-b border-rule bg-brass-pale px-4 py-2 text-ink lg:px-7">
				{known
					? say("No signal: worked out here, from what was known {known}.", { known: when(known) })
					: say("No signal: as it was {madeAt}.", { madeAt: when(madeAt) })}
			</p>
		)
	);
}

function when(iso: string): string {
	return isToday(iso)
		? say("at {time}", { time: timeOf(iso) })
		: say("on {day} at {time}", { day: shortDayOf(iso), time: timeOf(iso) });
}

function isToday(iso: string): boolean {
	return new Date(iso).toDateString() === new Date(now()).toDateString();
}
