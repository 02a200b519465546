import { usePage } from "@inertiajs/react";
import { useEffect, useState } from "react";

/** ms for which it is told. */
const TOLD = 8_000;

/** What was just done, in a sentence: over the page for a while, so that nothing one is about to press moves away under it. */
export function Said() {
	const page = usePage();
	const { said } = page.props;
	const [over, setOver] = useState<typeof page | null>(null);
	useEffect(() => {
		if (!said) return;
		const timer = window.setTimeout(() => setOver(page), TOLD);
		return () => window.clearTimeout(timer);
	}, [said, page]);
	return (
		<div role="status" className="pointer-events-none relative z-10 h-0">
			{said && over !== page && (
				<p className="absolute inset-x-0 top-0 border-b border-rule bg-brass-pale px-4 py-2 text-ink lg:px-7">{said}</p>
			)}
		</div>
	);
}
