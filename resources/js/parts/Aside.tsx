import { router } from "@inertiajs/react";
import type { AsideData } from "../types";

/** What is kept and cannot be used: named, left out, and mended with a press. */
export function Aside({ aside }: { aside: AsideData[] }) {
	if (aside.length === 0) return null;
	return (
		<section aria-label="Left out" className="mt-2 border-l-4 border-rowan bg-paper px-3 py-1.5 text-[15px]">
			{aside.map((one) => (
				<p key={one.part + one.key} className="flex items-start justify-between gap-x-4 py-0.5 max-sm:flex-col">
					<span>{one.words}</span>
					<button
						type="button"
						onClick={() => router.post("/mend", { part: one.part, key: one.key }, { preserveScroll: true })}
						className="min-h-11 shrink-0 font-semibold underline underline-offset-4 lg:min-h-8"
					>
						{one.mend}
					</button>
				</p>
			))}
		</section>
	);
}
