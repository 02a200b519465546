import { Head, router, usePage } from "@inertiajs/react";
import { type ReactNode, Suspense, useEffect, useState } from "react";
import { onDemand } from "../parts/onDemand";
import { useSettled } from "../parts/useSettled";
import { useWide } from "../parts/useWide";
import { AsItWas } from "./AsItWas";
import { PhoneBar } from "./PhoneBar";
import { Said } from "./Said";
import { StationTabs } from "./StationTabs";
import { stations } from "./stations";
import { tourStep } from "./tour";
import { useKeys } from "./useKeys";

const Finder = onDemand(() => import("./Finder"));
const KeyList = onDemand(() => import("./KeyList"));
const Tour = onDemand(() => import("./Tour"));
const TimeIsUp = onDemand(() => import("./TimeIsUp"));
const Waiting = onDemand(() => import("../waiting/Waiting"));

interface Props {
	title: string;
	/** What stands at the left, always on screen; without one the page has the whole width. */
	column?: ReactNode;
	/** What that is. */
	columnName?: string;
	/** Whether it stands on a phone too, as a strip. */
	onPhone?: boolean;
	/** There are pads for the thumb, which need the room. */
	pads?: boolean;
	/** The readings strip, on the stations that have it. */
	strip?: ReactNode;
	children: ReactNode;
}

const grids = {
	strip: "grid-cols-[58px_minmax(0,1fr)] lg:grid-cols-[304px_minmax(0,1fr)]",
	column: "grid-cols-[minmax(0,1fr)] lg:grid-cols-[304px_minmax(0,1fr)]",
	none: "grid-cols-[minmax(0,1fr)]",
};

/** Column on the left, stations above, readings under them, the station below. */
export function AppLayout({
	title,
	column,
	columnName = "The water column",
	onPhone = false,
	pads = false,
	strip,
	children,
}: Props) {
	const wide = useWide("lg");
	const { props } = usePage();
	const settled = useSettled();
	/** Null until they are first asked for. */
	const [keysShown, setKeysShown] = useState<boolean | null>(null);
	const [finding, setFinding] = useState<boolean | null>(null);
	useEffect(() => {
		document.documentElement.dataset.theme = props.theme;
	}, [props.theme]);
	const below = wide ? "" : pads ? "pads" : "bar";
	useEffect(() => {
		document.documentElement.dataset.below = below;
	}, [below]);
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
		<div
			className={`grid min-h-dvh lg:h-dvh print:block print:h-auto ${grids[!column ? "none" : onPhone ? "strip" : "column"]}
				${wide ? "[--bar:0px]" : pads ? "[--bar:3rem]" : "[--bar:3.5rem]"}`}
		>
			<Head title={title} />
			<a href="#station" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-3">
				Skip to the station
			</a>
			{column && (wide || onPhone) && (
				<aside aria-label={columnName} className="sticky top-0 h-[calc(100dvh-var(--bar))] print:hidden">
					{column}
				</aside>
			)}
			<div className="flex min-w-0 flex-col lg:h-dvh print:block print:h-auto">
				<header className="border-b border-rule">
					{wide ? (
						<StationTabs onFind={() => setFinding(true)} onKeys={() => setKeysShown(true)} />
					) : (
						<div className="flex min-h-11 items-center justify-between px-4">
							<p className="figure text-[17px]">{title}</p>
							{waiting}
						</div>
					)}
					{wide && waiting}
				</header>
				{!pads && <AsItWas />}
				{strip}
				{below === "pads" && <Said atFoot={false} />}
				<Suspense>{settled && <TimeIsUp />}</Suspense>
				<main id="station" className="min-h-0 flex-1 pb-(--bar) lg:overflow-y-auto print:overflow-visible">
					{children}
				</main>
				{below !== "pads" && <Said atFoot />}
			</div>
			{!wide && <PhoneBar small={pads} onFind={() => setFinding(true)} />}
			<Suspense>
				{settled && tourStep() !== null && <Tour />}
				{keysShown !== null && <KeyList open={keysShown} onOpenChange={setKeysShown} />}
				{finding !== null && <Finder open={finding} onOpenChange={setFinding} />}
			</Suspense>
		</div>
	);
}
