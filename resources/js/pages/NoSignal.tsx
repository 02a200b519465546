import { Head } from "@inertiajs/react";
import { useEffect, useState } from "react";
import { keptPaths } from "../shell/offline";
import { besides, stations } from "../shell/stations";

/** In place of a page that this device does not have. */
export default function NoSignal() {
	const [kept, setKept] = useState<string[]>([]);
	useEffect(() => void keptPaths().then(setKept, () => {}), []);
	const wanted = (performance.getEntriesByType("navigation")[0]?.name ?? "/").split("#")[0] ?? "/";
	const there = [...stations, ...besides].filter(({ path }) => kept.includes(path));

	return (
		<main className="mx-auto max-w-[52ch] px-5 py-16">
			<Head title="No signal" />
			<h1 className="text-[28px]">No signal, and this page is not kept here.</h1>
			{there.length > 0 && (
				<>
					<p className="mt-3 text-slate">These open without one, as you last saw them:</p>
					<ul className="mt-3 grid grid-cols-2 gap-2 sm:grid-cols-3">
						{there.map(({ path, name }) => (
							<li key={path}>
								<a
									href={path}
									className="flex min-h-12 items-center justify-center rounded-md border border-rule bg-paper px-4"
								>
									{name}
								</a>
							</li>
						))}
					</ul>
				</>
			)}
			<a href={wanted} className="figure mt-6 inline-flex min-h-12 items-center rounded-md bg-ember px-6 text-on-ember">
				Try again
			</a>
		</main>
	);
}
