import { type KeyboardEvent, type RefObject, useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import type { BoatData, PlacedMarkData, PlacesPage } from "../types";
import { DepthLines } from "./DepthLines";
import { Drift, Overlay } from "./Overlay";
import { knownPath, paintGround, shaded } from "./shade";
import { Bottoms, Edges, Looks, Marks, Spots } from "./Things";
import { useChartView } from "./useChartView";
import { around, type Box, fitted, onScreen, onWater, pairs, panned, type Size, type View, zoomed } from "./view";

export interface Point {
	x: number;
	y: number;
}

interface Props {
	page: PlacesPage;
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

/** Pixels around a mark within which a press means it, that are drawn beyond the edges, and that a key moves by. */
const reach = 18;
const margin = 240;
const step = 60;

const pans: Record<string, [number, number]> = {
	ArrowLeft: [step, 0],
	ArrowRight: [-step, 0],
	ArrowUp: [0, step],
	ArrowDown: [0, -step],
};

const zooms: Record<string, number> = { "+": 1.4, "=": 1.4, "-": 1 / 1.4 };

/** A water from above: moved by finger, mouse or keys. */
export function Chart(props: Props) {
	const { page, boat, line, drawing, chosen, look, onPoint, onMark, onEnd, centre } = props;
	const frame = useRef<HTMLDivElement>(null);
	const moved = useRef<HTMLDivElement>(null);
	const size = useSize(frame);
	const [view, setView] = useState<View | null>(null);
	const box = useMemo(() => boxOf(page), [page]);
	const shown = view ?? fitted(box, size);
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
				aria-label={`Chart of ${page.water?.name ?? "a water"}: arrow keys move it, plus and minus bring it nearer, 0 shows all${drawing ? ", Enter lays a point in the middle" : ""}`}
				onKeyDown={keys}
				className={`group relative h-[300px] touch-none overflow-hidden rounded-md bg-paper select-none lg:h-[336px] print:h-[336px]
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
						<Line points={line} view={shown} size={size} />
						<Looks looks={page.looks} view={shown} size={size} shown={look} />
						<Spots spots={page.spots} view={shown} size={size} />
						<Marks marks={page.marks} view={shown} size={size} chosen={chosen} />
						<Boat page={page} boat={boat} view={shown} size={size} />
					</svg>
				</div>
				<svg width={size.wide} height={size.tall} aria-hidden="true" className="pointer-events-none absolute inset-0">
					<Overlay view={shown} size={size} unit={page.unit} unitM={page.unitM} wind={page.wind} />
					{drawing && (
						<path
							d={`M${size.wide / 2 - 12} ${size.tall / 2} h24 M${size.wide / 2} ${size.tall / 2 - 12} v24`}
							stroke="var(--ember)"
							strokeWidth="2"
							className="opacity-0 group-focus-visible:opacity-100"
						/>
					)}
				</svg>
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
			/>
		</div>
	);
}

interface Drawn {
	page: PlacesPage;
	view: View;
	size: Size;
}

/** The shades of the ground, painted. */
function Ground({ page, view, size }: Drawn) {
	const canvas = useRef<HTMLCanvasElement>(null);
	const { ground } = page;
	const theme = typeof document === "undefined" ? "" : document.documentElement.dataset.theme;
	// biome-ignore lint/correctness/useExhaustiveDependencies: another theme has other colours
	const picture = useMemo(() => ground && shaded(ground), [ground, theme]);
	const known = useMemo(() => ground && knownPath(ground), [ground]);
	useLayoutEffect(() => {
		if (canvas.current && ground && known) paintGround(canvas.current, picture, ground, known, view, size, margin);
	}, [ground, known, picture, view, size]);
	return (
		<canvas
			ref={canvas}
			className="absolute max-w-none"
			style={{ left: -margin, top: -margin, width: size.wide + 2 * margin, height: size.tall + 2 * margin }}
		/>
	);
}

/** The edge of what is known, which depth lines do not cross. */
function Known({ page, view, size }: Drawn) {
	const path = (page.ground?.known ?? [])
		.map((ring) =>
			pairs(ring)
				.map(({ x, y }) => onScreen(view, size, x, y))
				.map(({ px, py }, i) => `${i === 0 ? "M" : "L"}${px.toFixed(1)} ${py.toFixed(1)}`)
				.join(""),
		)
		.join("Z");
	return (
		<>
			<clipPath id="known">
				<path d={path && `${path}Z`} clipRule="evenodd" />
			</clipPath>
			{path && <path d={`${path}Z`} fill="none" stroke="var(--slate)" strokeOpacity="0.5" strokeWidth="1" />}
		</>
	);
}

/** The line whose section opens below. */
function Line({ points, view, size }: { points: Point[]; view: View; size: Size }) {
	const path = points
		.map(({ x, y }) => onScreen(view, size, x, y))
		.map(({ px, py }, i) => `${i === 0 ? "M" : "L"}${px.toFixed(1)} ${py.toFixed(1)}`)
		.join("");
	return (
		<>
			<path d={path} fill="none" stroke="var(--paper)" strokeWidth="6" strokeOpacity="0.7" strokeLinecap="round" />
			<path d={path} fill="none" stroke="var(--ember)" strokeWidth="3.5" strokeLinecap="round" />
			{points.map(({ x, y }) => {
				const { px, py } = onScreen(view, size, x, y);
				return <circle key={`${x} ${y}`} cx={px} cy={py} r="4.5" fill="var(--ember)" stroke="var(--paper)" />;
			})}
		</>
	);
}

/** The boat as its instruments say, else the spot one is at, with where the drift goes from there. */
function Boat({ page, boat, view, size }: Drawn & { boat: BoatData | null }) {
	const here = page.spots.find((spot) => spot.here);
	const [x, y] = [boat?.x ?? here?.x ?? null, boat?.y ?? here?.y ?? null];
	if (x === null || y === null) return null;
	const at = onScreen(view, size, x, y);
	return (
		<>
			{page.wind && <Drift at={at} wind={page.wind} view={view} />}
			{boat?.x != null && (
				<g transform={`translate(${at.px.toFixed(1)} ${at.py.toFixed(1)})`}>
					<title>The boat</title>
					<path d="M0 -13 q7 8 6 18 l-6 4 -6 -4 q-1 -10 6 -18Z" fill="var(--hull)" stroke="#FBFCFA" strokeWidth="1.6" />
				</g>
			)}
		</>
	);
}

interface EndProps {
	name: string;
	at: Point;
	view: View;
	size: Size;
	onMove: (to: Point) => void;
}

/** An end of the line, taken hold of or moved by arrow keys. */
function End({ name, at, view, size, onMove }: EndProps) {
	const { px, py } = onScreen(view, size, at.x, at.y);
	const from = useRef<{ x: number; y: number; at: Point } | null>(null);
	const by = (dx: number, dy: number) => onMove(onWater(view, size, px + dx, py + dy));
	return (
		<button
			type="button"
			aria-label={`${name}: arrow keys move it`}
			className="absolute size-11 -translate-x-1/2 -translate-y-1/2 cursor-move rounded-full"
			style={{ left: px, top: py }}
			onPointerDown={(event) => {
				event.stopPropagation();
				event.currentTarget.setPointerCapture(event.pointerId);
				from.current = { x: event.clientX, y: event.clientY, at: { x: px, y: py } };
			}}
			onPointerMove={(event) => {
				if (!from.current) return;
				event.stopPropagation();
				const { x, y, at: start } = from.current;
				onMove(onWater(view, size, start.x + event.clientX - x, start.y + event.clientY - y));
			}}
			onPointerUp={(event) => {
				event.stopPropagation();
				from.current = null;
			}}
			onPointerCancel={() => {
				from.current = null;
			}}
			onKeyDown={(event) => {
				const move = pans[event.key];
				if (!move) return;
				event.preventDefault();
				by((-4 * move[0]) / step, (-4 * move[1]) / step);
			}}
		>
			<span aria-hidden="true" className="absolute inset-[13px] rounded-full border-2 border-paper bg-ember" />
		</button>
	);
}

function Nearer(props: { onNearer: () => void; onFarther: () => void; onAll: () => void }) {
	const look = "min-h-11 min-w-11 rounded-md border border-slate bg-paper px-2 text-[17px]";
	return (
		<div className="no-print absolute right-2 bottom-2 flex gap-1.5">
			<button type="button" aria-label="Nearer" className={look} onClick={props.onNearer}>
				+
			</button>
			<button type="button" aria-label="Farther" className={look} onClick={props.onFarther}>
				−
			</button>
			<button type="button" className={`${look} text-[15px]`} onClick={props.onAll}>
				All
			</button>
		</div>
	);
}

function useSize(frame: RefObject<HTMLDivElement | null>): Size {
	const [size, setSize] = useState<Size>(() => ({
		wide: window.innerWidth >= 1024 ? 620 : Math.max(240, window.innerWidth - 90),
		tall: window.innerWidth >= 1024 ? 336 : 300,
	}));
	useLayoutEffect(() => {
		const element = frame.current;
		if (!element) return;
		const watch = new ResizeObserver(([entry]) => {
			if (!entry) return;
			const { width, height } = entry.contentRect;
			if (width > 0 && height > 0)
				setSize((was) => (was.wide === width && was.tall === height ? was : { wide: width, tall: height }));
		});
		watch.observe(element);
		return () => watch.disconnect();
	}, [frame]);
	return size;
}

/** The wheel of a mouse; it has to be able to keep the page still. */
function useWheel(frame: RefObject<HTMLDivElement | null>, onZoom: (factor: number, px: number, py: number) => void) {
	const latest = useRef(onZoom);
	latest.current = onZoom;
	useEffect(() => {
		const element = frame.current;
		if (!element) return;
		const turn = (event: WheelEvent) => {
			event.preventDefault();
			const box = element.getBoundingClientRect();
			latest.current(Math.exp(-event.deltaY / 500), event.clientX - box.left, event.clientY - box.top);
		};
		element.addEventListener("wheel", turn, { passive: false });
		return () => element.removeEventListener("wheel", turn);
	}, [frame]);
}

/** Around everything that is known of a water; a hundred metres where nothing is. */
function boxOf(page: PlacesPage): Box {
	const known = (page.ground?.known ?? []).flatMap(pairs);
	const placed = page.spots.flatMap(({ x, y }) => (x === null || y === null ? [] : [{ x, y }]));
	const drawn = page.edges.flatMap((edge) => pairs(edge.points));
	const found = [...known, ...placed, ...drawn, ...(known.length > 0 ? [] : page.marks)];
	const box = around(found);
	if (box && box.east - box.west + box.north - box.south > 20) return box;
	const middle = found[0] ?? { x: 0, y: 0 };
	return { west: middle.x - 100, east: middle.x + 100, south: middle.y - 65, north: middle.y + 65 };
}
