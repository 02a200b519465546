import { SURE_M } from "../figures";
import type { BoatData } from "../types";
import type { Charted } from "./Chart";
import { margin } from "./ChartLayers";
import { laid, leaning, type Room, roomAround } from "./labels";
import { Drift, drifted } from "./Overlay";
import { Looks, Marks, Spots } from "./Things";
import { onScreen, type Point, type Size, type View } from "./view";

interface Props {
	page: Charted;
	boat: BoatData | null;
	line: Point[];
	view: View;
	size: Size;
	chosen: string | null;
	look: number | null;
}

/** Pixels around each that its neighbours' names keep clear of; not the boat, or they would jump as it goes. */
const clear = { mark: 8, spot: 6, end: 12 };

/** What stands on the chart with a name or a number: none over another where there is room beside it. */
export function Signs({ page, boat, line, view, size, chosen, look }: Props) {
	const at = ({ x, y }: Point) => onScreen(view, size, x, y);
	const seen = ({ px, py }: { px: number; py: number }) =>
		px > -margin && py > -margin && px < size.wide + margin && py < size.tall + margin;
	const spots = page.spots.flatMap((spot) => {
		const { x, y } = spot;
		return x === null || y === null ? [] : [{ spot, ...at({ x, y }) }].filter(seen);
	});
	const here = spots.find(({ spot }) => spot.here);
	const boatAt = boat?.x != null && boat.y !== null ? at({ x: boat.x, y: boat.y }) : null;
	const from = boatAt ?? here ?? null;
	const drift = from && page.wind ? drifted(page.wind, view) : null;
	const things: Room[] = [
		...page.marks
			.map(at)
			.filter(seen)
			.map(({ px, py }) => roomAround(px, py, clear.mark)),
		...spots.map(({ px, py }) => roomAround(px, py, clear.spot)),
		...line.map(at).map(({ px, py }) => roomAround(px, py, clear.end)),
	];
	const leans = leaning(page.looks.map(at), things);
	const labels = [
		...spots.map(({ spot, px, py }) => ({ text: spot.name, px, py, fontSize: 13 })),
		...(from && drift && page.wind
			? [{ text: page.wind.driftWords, px: from.px + drift.dx, py: from.py + drift.dy, fontSize: 12 }]
			: []),
	];
	const names = laid(labels, [...things, ...leans.map(({ room }) => room)], size);
	return (
		<>
			<Looks looks={page.looks} view={view} size={size} shown={look} leans={leans} />
			<Spots spots={spots} names={names} />
			<Marks marks={page.marks} view={view} size={size} chosen={chosen} />
			{from && drift && page.wind && (
				<Drift at={from} by={drift} words={page.wind.driftWords} name={names[spots.length]} />
			)}
			{boatAt && boat?.withinM != null && (
				<circle
					cx={boatAt.px}
					cy={boatAt.py}
					r={Math.max(4, boat.withinM * view.scale)}
					fill="var(--brass)"
					fillOpacity={0.18}
					stroke="var(--brass)"
					strokeWidth={1.5}
				>
					<title>{boat.phone}</title>
				</circle>
			)}
			{boatAt && isSure(boat) && (
				<g transform={`translate(${boatAt.px.toFixed(1)} ${boatAt.py.toFixed(1)})`}>
					<title>The boat</title>
					<path d="M0 -13 q7 8 6 18 l-6 4 -6 -4 q-1 -10 6 -18Z" fill="var(--hull)" stroke="#FBFCFA" strokeWidth="1.6" />
				</g>
			)}
		</>
	);
}

/** A place that is not sure is only a circle. */
function isSure(boat: BoatData | null): boolean {
	return boat?.withinM == null || boat.withinM <= SURE_M;
}
