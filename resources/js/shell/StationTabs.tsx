import { Link, usePage } from "@inertiajs/react";
import { besides, isHere, stations } from "./stations";

interface Props {
	onFind: () => void;
	onKeys: () => void;
}

/** The stations and what lies beside them, on wide screens. */
export function StationTabs({ onFind, onKeys }: Props) {
	const { url } = usePage();
	return (
		<div className="hidden h-[58px] items-end justify-between gap-4 px-7 lg:flex">
			<nav aria-label="Stations">
				<ul className="flex gap-6">
					{stations.map((station, index) => {
						const here = isHere(station.path, url);
						return (
							<li key={station.path}>
								<Link
									href={station.path}
									aria-current={here ? "page" : undefined}
									aria-keyshortcuts={`${index + 1}`}
									className={`figure block border-b-4 pb-2.5 text-[17px]
										${here ? "border-ember text-ink" : "border-transparent text-slate hover:text-ink"}`}
								>
									{station.name}
								</Link>
							</li>
						);
					})}
				</ul>
			</nav>
			<nav aria-label="Beside the stations" className="flex items-center gap-4 pb-2 text-[15px]">
				{besides.map((place) => (
					<Link
						key={place.path}
						href={place.path}
						aria-current={isHere(place.path, url) ? "page" : undefined}
						className="underline-offset-4 hover:underline aria-[current=page]:font-bold"
					>
						{place.name}
					</Link>
				))}
				<button type="button" onClick={onFind} className="underline-offset-4 hover:underline">
					Find <kbd className="rounded border border-rule px-1.5 text-[13px]">/</kbd>
				</button>
				<button
					type="button"
					onClick={onKeys}
					aria-label="List of keys"
					className="rounded border border-rule px-2 text-[14px]"
				>
					?
				</button>
			</nav>
		</div>
	);
}
