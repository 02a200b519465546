import { line as path } from "d3-shape";
import { useLayoutEffect, useRef, useState } from "react";
import type { Live } from "../readings/useAnswer";
import type { ColumnData, DropData, GhostData, LureDrawing, PickData, PointData } from "../types";
import { Bottom } from "./Bottom";
import { ColumnHandles } from "./ColumnHandles";
import { Angle, Foot, Sky, Ticks } from "./ColumnParts";
import { type Geometry, layOut } from "./geometry";
import { LureShape, tiePoint } from "./LureFigure";
import { useFall } from "./useFall";

interface Props {
	column: ColumnData;
	drop: DropData | null;
	lure: LureDrawing | null;
	holeInUse: number | null;
	title: string;
	/** A second drop held beside the first. */
	ghost?: GhostData | null;
	/** Draws the circle of bottom on the sonar. */
	sonar?: boolean;
	/** Counts up each time the fall is to be played. */
	fallRun?: number;
	/** With it the picture can be taken hold of. */
	live?: Live;
	pick?: PickData | null;
}

/** What the column most likely measures, so that it is drawn once: a band on wide screens, a strip on a phone. */
const usual = () => ({ width: window.innerWidth >= 1024 ? 304 : 58, height: window.innerHeight });

/** The drop to scale: the same number of pixels for a metre across as for a metre down. */
export function WaterColumn(props: Props) {
	const { column, drop, ghost, live, pick } = props;
	const box = useRef<HTMLDivElement>(null);
	const [size, setSize] = useState(usual);
	useLayoutEffect(() => {
		const element = box.current;
		if (!element) return;
		const watch = new ResizeObserver(([entry]) => {
			if (!entry) return;
			const { width, height } = entry.contentRect;
			setSize((was) => (was.width === width && was.height === height ? was : { width, height }));
		});
		watch.observe(element);
		return () => watch.disconnect();
	}, []);
	const geometry = layOut(size.width, size.height, column.depthM, [drop?.offsetM ?? 0, ghost?.drop.offsetM ?? 0]);

	return (
		<div ref={box} className="relative h-full w-full overflow-hidden bg-[var(--sky)]">
			<Scene {...props} geometry={geometry} />
			{live && pick && !geometry.narrow && <ColumnHandles geometry={geometry} live={live} pick={pick} />}
			<p className="sr-only" aria-live="polite">
				{drop?.words}
			</p>
		</div>
	);
}

function Scene({
	geometry,
	column,
	drop,
	lure,
	holeInUse,
	title,
	ghost,
	sonar,
	fallRun = 0,
}: Props & { geometry: Geometry }) {
	const { width, height, narrow, surface, bottomY, scale, rodX, side } = geometry;
	const falling = useFall(drop?.fall ?? [], fallRun);
	const x = (point: PointData) => rodX + point.x * scale;
	const y = (point: PointData) => bottomY - point.h * scale;
	const curve = path<PointData>().x(x).y(y)(drop?.line ?? []);
	const gustCurve = path<PointData>().x(x).y(y)(drop?.gustLine ?? []);
	const ghostCurve = path<PointData>().x(x).y(y)(ghost?.drop.line ?? []);
	const end = drop?.line[0];
	const ghostEnd = ghost?.drop.line[0];
	return (
		<svg
			width={width}
			height={height}
			viewBox={`0 0 ${width} ${height}`}
			role="img"
			aria-label={drop?.words ?? "The water"}
		>
			<defs>
				<linearGradient id="water" x1="0" y1="0" x2="0" y2="1">
					<stop offset="0" stopColor="var(--water-top)" />
					<stop offset="0.5" stopColor="var(--water-mid)" />
					<stop offset="1" stopColor="var(--water-deep)" />
				</linearGradient>
			</defs>
			<rect x="0" y={surface} width={width} height={bottomY - surface} fill="url(#water)" />
			{sonar && !narrow && (
				<path
					d={`M ${rodX} ${surface} L ${rodX - column.sonar.radiusM * scale} ${bottomY} H ${rodX + column.sonar.radiusM * scale} Z`}
					fill="#FBFCFA"
					fillOpacity="0.12"
					stroke="#FBFCFA"
					strokeOpacity="0.6"
					strokeDasharray="2 5"
				/>
			)}
			{drop && drop.liftM > 0 && (
				<rect
					x="0"
					y={bottomY - drop.liftM * scale}
					width={width}
					height={drop.liftM * scale}
					fill="#E9C66A"
					fillOpacity="0.22"
				/>
			)}
			<Ticks column={column} surface={surface} scale={scale} narrow={narrow} />
			<Bottom
				kind={column.bottom}
				width={width}
				top={bottomY}
				height={height - bottomY}
				wall={column.wall}
				surface={surface}
				side={side}
			/>
			{!narrow && <Sky column={column} title={title} surface={surface} rodX={rodX} width={width} side={side} />}
			{gustCurve && !falling && (
				<path d={gustCurve} fill="none" stroke="#FBFCFA" strokeOpacity="0.4" strokeWidth={narrow ? 1 : 1.5} />
			)}
			{gustCurve && !narrow && !falling && drop && (
				<text
					x={rodX + side * 14}
					y={surface + 20}
					textAnchor={side < 0 ? "end" : "start"}
					fill="#FBFCFA"
					fillOpacity="0.8"
					fontSize="13"
				>
					{drop.gustText}
				</text>
			)}
			{ghostCurve && <path d={ghostCurve} fill="none" stroke="#F2DFA6" strokeWidth="1.6" strokeDasharray="6 5" />}
			{ghost && ghostEnd && !narrow && (
				<g opacity="0.75">
					<HungLure
						lure={ghost.drawing}
						holeInUse={ghost.holeIndex}
						x={x(ghostEnd)}
						y={y(ghostEnd)}
						hang={ghost.drop.hangDeg}
					/>
				</g>
			)}
			{curve && !falling && <path d={curve} fill="none" stroke="#FBFCFA" strokeWidth={narrow ? 1.5 : 2} />}
			{!narrow && !falling && drop?.angleDeg != null && (
				<Angle
					rodX={rodX}
					surface={surface}
					drop={drop}
					side={side}
					length={Math.min(150, (bottomY - surface) * 0.35)}
					width={width}
				/>
			)}
			<Touches column={column} geometry={geometry} />
			{lure && end && !narrow && !falling && (
				<HungLure lure={lure} holeInUse={holeInUse} x={x(end)} y={y(end)} hang={drop?.hangDeg ?? 0} />
			)}
			{lure && falling && !narrow && (
				<g>
					<path
						d={`M ${rodX} ${surface} L ${rodX + falling.at.x * scale} ${bottomY - falling.at.h * scale}`}
						stroke="#FBFCFA"
						strokeWidth="2"
					/>
					<HungLure
						lure={lure}
						holeInUse={holeInUse}
						x={rodX + falling.at.x * scale}
						y={bottomY - falling.at.h * scale}
						hang={drop?.hangDeg ?? 0}
					/>
					<text
						x={width / 2 - side * width * 0.24}
						y={surface + 74}
						fontSize="54"
						fontWeight="650"
						textAnchor="middle"
						fill="#FBFCFA"
						fontFamily="var(--font-head)"
					>
						{Math.floor(falling.seconds)}
					</text>
				</g>
			)}
			{lure && end && narrow && (
				<HungLure lure={lure} holeInUse={holeInUse} x={x(end)} y={y(end)} hang={drop?.hangDeg ?? 0} drawn={0.62} />
			)}
			{narrow && drop?.angleDeg != null && (
				<text
					x={width / 2}
					y={surface + 20}
					textAnchor="middle"
					fontSize="17"
					fontWeight="650"
					fill="#F2DFA6"
					fontFamily="var(--font-head)"
				>
					{drop.angleText}
				</text>
			)}
			{!narrow && drop && drop.line.length === 0 && (
				<text x={width / 2} y={surface + 60} textAnchor="middle" fill="#FBFCFA" fontSize="15">
					<tspan x={width / 2}>This flow carries the lure</tspan>
					<tspan x={width / 2} dy="20">
						off the bottom altogether.
					</tspan>
				</text>
			)}
			{!narrow && drop && <Foot drop={drop} column={column} width={width} height={height} />}
		</svg>
	);
}

/** Where touches came here before: a full diamond for a fish, an open one for a touch. */
function Touches({ column, geometry }: { column: ColumnData; geometry: Geometry }) {
	const { width, narrow, bottomY, scale, side } = geometry;
	// A strip keeps them at its edge, beside the line.
	const [edge, step, columns] = narrow ? [8, 7, 2] : [26, 12, 4];
	const from = side < 0 ? width - edge : edge;
	return column.touches.map((touch, index) => {
		const tx = from + side * step * (index % columns);
		const ty = bottomY - touch.h * scale;
		return (
			<path
				// biome-ignore lint/suspicious/noArrayIndexKey: touches have no other identity here
				key={index}
				d={`M ${tx} ${ty - 5} l 5 5 l -5 5 l -5 -5 Z`}
				fill={touch.fish ? "#E9C66A" : "none"}
				stroke="#E9C66A"
				strokeWidth="1.6"
			>
				<title>{touch.words}</title>
			</path>
		);
	});
}

/** The lure at its hang angle, larger than true so that it can be seen. A spoon hangs from its nose. */
function HungLure(props: {
	lure: LureDrawing;
	holeInUse: number | null;
	x: number;
	y: number;
	hang: number;
	drawn?: number;
}) {
	const { lure, holeInUse, x, y, hang, drawn = 1.25 } = props;
	const tie = tiePoint(lure, holeInUse);
	const turn = lure.family === "spoon" || lure.family === "bladed_spoon" ? 90 : -hang;
	const clear =
		lure.family === "spoon" || lure.family === "bladed_spoon" ? lure.lengthMm * drawn : lure.heightMm * drawn;
	return (
		<g transform={`translate(${x} ${y - clear * 0.9}) rotate(${turn}) scale(${drawn}) translate(${-tie.x} ${-tie.y})`}>
			<LureShape lure={lure} holeInUse={holeInUse} />
		</g>
	);
}
