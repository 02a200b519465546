import { Head, router, usePage } from "@inertiajs/react";
import { type ReactNode, useEffect, useState } from "react";
import { Finder } from "./Finder";
import { KeyList } from "./KeyList";
import { PhoneMenu } from "./PhoneMenu";
import { StationTabs } from "./StationTabs";
import { stations } from "./stations";
import { useKeys } from "./useKeys";

interface Props {
	title: string;
	/** The water column, always on screen. */
	column: ReactNode;
	/** The readings strip, on the stations that have it. */
	strip?: ReactNode;
	children: ReactNode;
}

/** Column on the left, stations above, readings under them, the station below. */
export function Shell({ title, column, strip, children }: Props) {
	const { props } = usePage<{ theme: string; said: string | null }>();
	const [keysShown, setKeysShown] = useState(false);
	const [finding, setFinding] = useState(false);
	useEffect(() => {
		document.documentElement.dataset.theme = props.theme;
	}, [props.theme]);
	useKeys({
		...Object.fromEntries(stations.map((station, index) => [`${index + 1}`, () => router.visit(station.path)])),
		"?": () => setKeysShown(true),
		"/": () => setFinding(true),
	});

	return (
		<div className="grid min-h-dvh grid-cols-[58px_minmax(0,1fr)] lg:h-dvh lg:grid-cols-[304px_minmax(0,1fr)]">
			<Head title={title} />
			<a href="#station" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-3">
				Skip to the station
			</a>
			<aside aria-label="The water column" className="sticky top-0 h-dvh">
				{column}
			</aside>
			<div className="flex min-w-0 flex-col lg:h-dvh">
				<header className="border-b border-rule">
					<StationTabs onFind={() => setFinding(true)} onKeys={() => setKeysShown(true)} />
					<PhoneMenu title={title} onFind={() => setFinding(true)} />
				</header>
				{strip}
				{props.said && (
					<p role="status" className="border-b border-rule bg-brass-pale px-4 py-2 text-ink lg:px-7">
						{props.said}
					</p>
				)}
				<main id="station" className="min-h-0 flex-1 lg:overflow-y-auto">
					{children}
				</main>
			</div>
			<KeyList open={keysShown} onOpenChange={setKeysShown} />
			<Finder open={finding} onOpenChange={setFinding} />
		</div>
	);
}
