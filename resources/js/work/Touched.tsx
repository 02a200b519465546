import { Link, router } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { timeOf } from "../parts/words";
import type { TouchedData } from "../types";

/** What was touched today, to be done again just so. */
export function Touched({ touched }: { touched: TouchedData[] }) {
	const [trouble, setTrouble] = useState<string | null>(null);
	if (touched.length === 0) return null;
	const keep = ({ cadence, lift, seconds, pause }: TouchedData) =>
		router.put(
			`/cadences/${cadence}`,
			{ lift, seconds, pause },
			{
				preserveScroll: true,
				preserveState: true,
				onError: (errors) => setTrouble(Object.values(errors)[0] ?? "That was not kept."),
				onSuccess: () => setTrouble(null),
			},
		);
	return (
		<section aria-label="What got bites today" className="mt-8">
			<h2 className="text-[20px]">What got bites today</h2>
			<ul>
				{touched.map((one) => (
					<li
						key={`${one.key} ${one.at}`}
						className="flex flex-wrap items-center justify-between gap-x-4 border-b border-rule py-1"
					>
						<span>
							{timeOf(one.at)}: {one.words}
						</span>
						<span className="flex gap-x-4">
							<Link
								href={`/work?${new URLSearchParams({ pick: one.key })}`}
								className="inline-flex min-h-11 items-center underline underline-offset-4"
							>
								Play this one
							</Link>
							{one.same ? (
								<span className="inline-flex min-h-11 items-center text-slate">as it is now</span>
							) : (
								<Button look="strong" onClick={() => keep(one)}>
									Keep this one
								</Button>
							)}
						</span>
					</li>
				))}
			</ul>
			<Trouble words={trouble} />
		</section>
	);
}
