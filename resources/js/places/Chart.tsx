import { type KeyboardEvent, type RefObject, useEffect, useMemo, useRef, useState } from "react";
import { useElementSize } from "../parts/useElementSize";
import { say } from "../parts/words";
import type { BoatData, PlacedMarkData, PlacesPage, TrackData } from "../types";
import { End, Nearer } from "./ChartHandles";
import { Ground, Known, Line, margin } from "./ChartLayers";
import { boxOf } from "./chartBox";
import { pans, zooms } from "./chartKeys";
import { DepthLines } from "./DepthLines";
import { Overlay } from "./Overlay";
import { Signs } from "./Signs";
import { Bottoms, Edges } from "./Things";
import { Track } from "./Track";
import { useChartView } from "./useChartView";
import { useWheel } from "./useWheel";
import { type Box, fitted, onScreen, onWater, type Point, panned, type Size, type View, zoomed } from "./view";

/** What of a page the chart draws. */
export type Charted = Pick<PlacesPage, "ground" | "spots" | "marks" | "edges" | "looks" | "wind" | "unit" | "unitM"> & {
	/** Where the boat went. */
	track?: TrackData | null;
	/** Shores that go all round their water. */
	shores?: Point[][];
};

interface Props {
	page: Charted;
	/** Of the water. */
	name: string;
	/** What it shows at first; all that is known of the water unless it is told. */
	box?: Box | null;
	/** As tall as there is room, or a part of a page. */
	part?: boolean;
	boat: BoatData | null;
	/** The line that is drawn, or being drawn. */
	line: Point[];
	/** Whether presses lay points; where one would come by keyboard is shown then. */
	drawing: boolean;
	chosen: string | null;
	look: number | null;
	onPoint: (at: Point) => void;
	onMark: (mark: PlacedMarkData) => void;
	/** Moves one end of the line. */
	onEnd: (index: number, to: Point) => void;
	/** Filled with what brings a place into the middle. */
	centre: RefObject<((at: Point) => void) | null>;
}

/** px of a wide screen that stand left, right, above and below it, and of a phone beside it. */
const around = { beside: 672, above: 250, onPhone: 32 };

/** px that stand left and right of one that is a part of a page, on a wide screen. */
const PART_BESIDE = 380;

/** px that it is tall at least on a wide screen, and always on a phone. */
const TALL = { wide: 336, phone: 300 };

/** What it measures by its classes: drawn so at once, it does not move when it is measured. */
const usual = (): Size =>
	window.innerWidth >= 1024
		? { wide: window.innerWidth - around.beside, tall: Math.max(TALL.wide, window.innerHeight - around.above) }
		: { wide: window.innerWidth - around.onPhone, tall: TALL.phone };

/** The same of one that is a part of a page. */
const usualPart = (): Size => ({
	wide: window.innerWidth >= 1024 ? window.innerWidth - PART_BESIDE : window.innerWidth - around.onPhone,
	tall: TALL.phone,
});

/** Pixels around a mark within which a press means it. */
const reach = 18;

const keysSaid = "arrow keys move it, plus and minus bring it nearer, 0 shows all";

/** A water from above: moved by finger, mouse or keys. */
export function Chart(props: Props) {
	const { page, name, part, boat, line, drawing, chosen, look, onPoint, onMark, onEnd, centre } = props;
	const frame = useRef<HTMLDivElement>(null);
	const moved = useRef<HTMLDivElement>(null);
	const size = useElementSize(frame, part ? usualPart : usual);
	const [view, setView] = useState<View | null>(null);
	const { ground, spots, edges, marks } = page;
	const all = useMemo(() => boxOf({ ground, spots, edges, marks }), [ground, spots, edges, marks]);
	const box = props.box ?? all;
	// The same one while nothing moves: the ground is not painted anew each time that the boat is heard of.
	const shown = useMemo(() => view ?? fitted(box, size), [view, box, size]);
	const press = (px: number, py: number) => {
		const at = onWater(shown, size, px, py);
		const near = page.marks.find((mark) => {
			const there = onScreen(shown, size, mark.x, mark.y);
			return Math.hypot(there.px - px, there.py - py) <= reach;
		});
		if (!drawing && near) onMark(near);
		else onPoint(at);
	};
	const { held, handlers } = useChartView({ view: shown, size, onView: setView, onPress: press, moved, margin });
	useWheel(frame, (factor, px, py) => setView(zoomed(shown, size, factor, px, py)));
	useEffect(() => {
		centre.current = (at) => setView({ ...shown, x: at.x, y: at.y });
	}, [centre, shown]);
	const bring =
		({ x, y }: Point) =>
		() =>
			setView({ ...shown, x, y });
	const keys = (event: KeyboardEvent) => {
		if (event.target !== event.currentTarget) return;
		const [pan, zoom] = [pans[event.key], zooms[event.key]];
		const known = pan || zoom || event.key === "0" || event.key === "Enter";
		if (!known || event.ctrlKey || event.metaKey || event.altKey) return;
		event.preventDefault();
		event.stopPropagation();
		if (pan) setView(panned(shown, ...pan));
		else if (zoom) setView(zoomed(shown, size, zoom));
		else if (event.key === "0") setView(null);
		else onPoint(onWater(shown, size, size.wide / 2, size.tall / 2));
	};
	return (
		<div className="relative">
			<div
				ref={frame}
				// biome-ignore lint/a11y/noNoninteractiveTabindex: it is moved by keys
				tabIndex={0}
				role="application"
				aria-label={
					drawing
						? say("Chart of {name}: {keys}, Enter lays a point in the middle", { name, keys: keysSaid })
						: say("Chart of {name}: {keys}", { name, keys: keysSaid })
				}
				onKeyDown={keys}
				className={`group relative h-[300px] touch-none overflow-hidden rounded-md bg-paper select-none
					${part ? "" : "lg:h-[max(336px,calc(100dvh-250px))] print:h-[336px]"}
					${drawing ? "cursor-crosshair" : held ? "cursor-grabbing" : "cursor-grab"}`}
				{...handlers}
			>
				<div ref={moved} className="absolute inset-0">
					<Ground page={page} view={shown} size={size} />
					<svg
						width={size.wide}
						height={size.tall}
						overflow="visible"
						aria-hidden="true"
						className="absolute inset-0 overflow-visible"
					>
						<Known page={page} view={shown} size={size} />
						{page.ground && <DepthLines ground={page.ground} view={shown} size={size} unit={page.unit} />}
						<Bottoms spots={page.spots} marks={page.marks} view={shown} size={size} />
						<Edges edges={page.edges} view={shown} size={size} />
						{page.track && <Track track={page.track} view={shown} size={size} />}
						<Line points={line} view={shown} size={size} />
						<Signs page={page} boat={boat} line={line} view={shown} size={size} chosen={chosen} look={look} />
					</svg>
				</div>
				<Overlay view={shown} size={size} unit={page.unit} unitM={page.unitM} wind={page.wind} />
				{drawing && (
					<svg width={size.wide} height={size.tall} aria-hidden="true" className="pointer-events-none absolute inset-0">
						<path
							d={`M${size.wide / 2 - 12} ${size.tall / 2} h24 M${size.wide / 2} ${size.tall / 2 - 12} v24`}
							stroke="var(--ember)"
							strokeWidth="2"
							className="opacity-0 group-focus-visible:opacity-100"
						/>
					</svg>
				)}
				{line.length > 1 &&
					!drawing &&
					[0, line.length - 1].map((index) => (
						<End
							key={index}
							name={index === 0 ? "Start of the line" : "End of the line"}
							at={line[index] as Point}
							view={shown}
							size={size}
							onMove={(to) => onEnd(index, to)}
						/>
					))}
			</div>
			<Nearer
				onNearer={() => setView(zoomed(shown, size, 1.5))}
				onFarther={() => setView(zoomed(shown, size, 1 / 1.5))}
				onAll={() => setView(null)}
				onBoat={boat?.x != null && boat.y !== null ? bring({ x: boat.x, y: boat.y }) : null}
			/>
		</div>
	);
}
