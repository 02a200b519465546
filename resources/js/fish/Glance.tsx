import { Link } from "@inertiajs/react";
import type { OutingData } from "../types";

/** The cadence in counts, how the half hours go, and the way back to what worked. */
export function Glance({ outing }: { outing: OutingData }) {
	const told = [outing.counts, outing.pace].filter(Boolean).join(" · ");
	if (!told && !outing.worked) return null;
	return (
		<p className="border-b border-rule py-1.5 text-[15px]">
			{told}
			{outing.worked && (
				<>
					{told && ". "}
					<Link
						href={`/lure?${new URLSearchParams({ pick: outing.worked.value })}`}
						className="font-semibold underline underline-offset-4"
					>
						Back to what worked: {outing.worked.word}
					</Link>
				</>
			)}
		</p>
	);
}
