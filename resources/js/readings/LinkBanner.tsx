import { router } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { say } from "../parts/words";
import type { Live } from "./useAnswer";

/** Readings that came with a link are shown, not kept, until the angler says so. */
export function LinkBanner({ live, trouble }: { live: Live; trouble: string | null }) {
	if (trouble)
		return (
			<p role="alert" className="mb-3 border-l-4 border-rowan bg-paper px-3 py-2">
				{trouble}
			</p>
		);
	if (!live.answer.fromLink) return null;
	const tried = Object.values(live.answer.readings).filter((reading) => reading.source === "link");
	const only = tried.length === 1 ? tried[0] : undefined;
	return (
		<div
			role="status"
			className="mb-3 flex flex-wrap items-center gap-3 border-l-4 border-brass bg-brass-pale px-3 py-2"
		>
			<span className="flex-1 max-sm:basis-full">
				{only
					? say("Only tried, not kept: {label} {shown}.", { label: only.label, shown: only.shown })
					: "These readings came with the link."}
			</span>
			<Button look="strong" size="low" onClick={() => live.changeMany({})}>
				{only ? "Use it as today's" : "Use them as today's"}
			</Button>
			<Button look="strong" size="low" onClick={() => router.visit(window.location.pathname)}>
				Back to mine
			</Button>
		</div>
	);
}
