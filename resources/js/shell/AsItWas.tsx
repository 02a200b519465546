import { router, usePage } from "@inertiajs/react";
import { useEffect, useState } from "react";
import { now, setClock } from "../parts/clock";
import { shortDayOf, timeOf } from "../parts/words";

/** ms: a page that is older as it opens came from this device, not from the server. */
const FRESH = 90_000;

/** ms in which a server answers that is there. */
const SOON = 3_000;

/** Says of a page that was kept on this device when it was made, until the server is heard. */
export function AsItWas() {
	const { madeAt } = usePage().props;
	const [kept, setKept] = useState(false);
	// biome-ignore lint/correctness/useExhaustiveDependencies: asked once, of the page that was opened; later ones come from the server
	useEffect(() => {
		const isOld = () => now() - Date.parse(madeAt) > FRESH;
		// Where the clock of this device is wrong, the server sets it right as it is asked.
		if (isOld())
			void setClock(AbortSignal.timeout(SOON)).then(
				() => setKept(isOld()),
				() => setKept(true),
			);
		return router.on("success", () => setKept(false));
	}, []);

	return (
		kept && (
			<p role="status" className="border-b border-rule bg-brass-pale px-4 py-2 text-ink lg:px-7">
				No signal: as it was {isToday(madeAt) ? "" : `on ${shortDayOf(madeAt)} `}at {timeOf(madeAt)}.
			</p>
		)
	);
}

function isToday(iso: string): boolean {
	return new Date(iso).toDateString() === new Date(now()).toDateString();
}
