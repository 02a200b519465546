import { Head, router, usePage } from "@inertiajs/react";
import { type ReactNode, Suspense, useEffect, useState } from "react";
import { onDemand } from "../parts/onDemand";
import { useSettled } from "../parts/useSettled";
import { useWide } from "../parts/useWide";
import { PhoneMenu } from "./PhoneMenu";
import { Said } from "./Said";
import { StationTabs } from "./StationTabs";
import { stations } from "./stations";
import { useKeys } from "./useKeys";

const Finder = onDemand(() => import("./Finder"));
const KeyList = onDemand(() => import("./KeyList"));
const Waiting = onDemand(() => import("../waiting/Waiting"));

interface Props {
	title: string;
	/** The water column, always on screen. */
	column: ReactNode;
	/** The readings strip, on the stations that have it. */
	strip?: ReactNode;
	children: ReactNode;
}

/** Column on the left, stations above, readings under them, the station below. */
export function AppLayout({ title, column, strip, children }: Props) {
	const wide = useWide("lg");
	const { props } = usePage();
	const settled = useSettled();
	/** Null until they are first asked for. */
	const [keysShown, setKeysShown] = useState<boolean | null>(null);
	const [finding, setFinding] = useState<boolean | null>(null);
	useEffect(() => {
		document.documentElement.dataset.theme = props.theme;
	}, [props.theme]);
	useKeys({
		...Object.fromEntries(stations.map((station, index) => [`${index + 1}`, () => router.visit(station.path)])),
		"?": () => setKeysShown(true),
		"/": () => setFinding(true),
	});

	const waiting = settled && props.anglerId !== null && (
		<Suspense>
			<Waiting />
		</Suspense>
	);

	return (
		<div className="grid min-h-dvh grid-cols-[58px_minmax(0,1fr)] lg:h-dvh lg:grid-cols-[304px_minmax(0,1fr)] print:block print:h-auto">
			<Head title={title} />
			<a href="#station" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-3">
				Skip to the station
			</a>
			<aside aria-label="The water column" className="sticky top-0 h-dvh">
				{column}
			</aside>
			<div className="flex min-w-0 flex-col lg:h-dvh print:block print:h-auto">
				<header className="border-b border-rule">
					{wide ? (
						<StationTabs onFind={() => setFinding(true)} onKeys={() => setKeysShown(true)} />
					) : (
						<PhoneMenu title={title} onFind={() => setFinding(true)}>
							{waiting}
						</PhoneMenu>
					)}
					{wide && waiting}
				</header>
				{strip}
				<Said />
				<main id="station" className="min-h-0 flex-1 lg:overflow-y-auto print:overflow-visible">
					{children}
				</main>
			</div>
			<Suspense>
				{keysShown !== null && <KeyList open={keysShown} onOpenChange={setKeysShown} />}
				{finding !== null && <Finder open={finding} onOpenChange={setFinding} />}
			</Suspense>
		</div>
	);
}
