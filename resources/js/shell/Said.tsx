import { router, usePage } from "@inertiajs/react";
import { useEffect, useState } from "react";

/** ms for which it is told. */
const TOLD = 8_000;

interface Props {
	/** At the foot of the page, clear of its headline; else at its head, where pads stand at the foot. */
	atFoot: boolean;
}

/** What was just done, in a sentence: over the page for a while, so that nothing one is about to press moves away under it. */
export function Said({ atFoot }: Props) {
	const page = usePage();
	const unheard = useUnheard();
	const said = unheard ? "No connection: nothing was changed. Press it again." : page.props.said;
	const [over, setOver] = useState<typeof page | null>(null);
	useEffect(() => {
		if (!said) return;
		const timer = window.setTimeout(() => setOver(page), TOLD);
		return () => window.clearTimeout(timer);
	}, [said, page]);
	return (
		<div role="status" className={`pointer-events-none z-10 h-0 ${atFoot ? "sticky bottom-(--bar)" : "relative"}`}>
			{said && (unheard || over !== page) && (
				<p
					className={`absolute inset-x-0 border-rule bg-brass-pale px-4 py-2 text-ink lg:px-7
						${atFoot ? "bottom-0 border-t" : "top-0 border-b"}`}
				>
					{said}
				</p>
			)}
		</div>
	);
}

/** Whether what was pressed last did not reach the server; for a while, or until the next is on its way. */
function useUnheard(): boolean {
	const [unheard, setUnheard] = useState(false);
	useEffect(() => {
		let changes = false;
		const offStart = router.on("start", ({ detail: { visit } }) => {
			changes = visit.method !== "get";
			setUnheard(false);
		});
		const offError = router.on("networkError", () => setUnheard(changes));
		return () => {
			offStart();
			offError();
		};
	}, []);
	useEffect(() => {
		if (!unheard) return;
		const timer = window.setTimeout(() => setUnheard(false), TOLD);
		return () => window.clearTimeout(timer);
	}, [unheard]);
	return unheard;
}
