import { type RefObject, useEffect, useRef } from "react";
import { useElementSize } from "../parts/useElementSize";
import { WaterShade } from "../parts/WaterShade";
import type { Live } from "../readings/useAnswer";
import type { ColumnData, DropData, GhostData, LureDrawing, PickData } from "../types";
import { Bottom } from "./Bottom";
import { ColumnHandles } from "./ColumnHandles";
import { Angle, Foot, Sky, Ticks } from "./ColumnParts";
import { type Geometry, layOut } from "./geometry";
import {
	CarriedOff,
	CastShape,
	curve,
	FallingLure,
	FishLane,
	Ghost,
	GustLine,
	HungLure,
	LiftBand,
	placing,
	SonarCone,
	StripAngle,
	Touches,
} from "./SceneParts";
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
	/** Filled with what raises the lure by so many metres, for what moves it without drawing the page anew. */
	raise?: RefObject<((heightM: number) => void) | null>;
	/** With it the picture can be taken hold of. */
	live?: Live;
	pick?: PickData | null;
}

/** What the column most likely measures, so that it is drawn once: a band on wide screens, a strip on a phone. */
const usual = () => ({ wide: window.innerWidth >= 1024 ? 304 : 58, tall: window.innerHeight });

/** The drop to scale: the same number of pixels for a metre across as for a metre down. */
export function WaterColumn(props: Props) {
	const { column, drop, ghost, live, pick } = props;
	const box = useRef<HTMLDivElement>(null);
	const size = useElementSize(box, usual);
	const offsets = [drop?.offsetM ?? 0, ghost?.drop.offsetM ?? 0];
	const geometry = layOut(size.wide, size.tall, column.depthM, offsets, drop?.cast?.lengthM);

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

/** Everything under the surface and above it, from the back to the front. */
function Scene(props: Props & { geometry: Geometry }) {
	const { geometry, column, drop, lure, holeInUse, title, ghost, sonar, fallRun = 0 } = props;
	const { width, height, narrow, surface, bottomY, scale, side } = geometry;
	const falling = useFall(drop?.fall ?? [], fallRun);
	const moved = useRaised(props.raise, scale);
	return (
		<svg
			width={width}
			height={height}
			viewBox={`0 0 ${width} ${height}`}
			role="img"
			aria-label={drop?.words ?? "The water"}
		>
			<WaterShade id="water" />
			<rect x="0" y={surface} width={width} height={bottomY - surface} fill="url(#water)" />
			{sonar && !narrow && <SonarCone column={column} geometry={geometry} />}
			{column.fishM !== null && <FishLane column={column} geometry={geometry} />}
			{drop && drop.liftM > 0 && <LiftBand drop={drop} geometry={geometry} />}
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
			{!narrow && <Sky column={column} title={title} geometry={geometry} />}
			{drop && !falling && <GustLine drop={drop} geometry={geometry} />}
			{ghost && <Ghost ghost={ghost} geometry={geometry} />}
			{drop?.cast && !narrow && <CastShape cast={drop.cast} geometry={geometry} />}
			{drop && !falling && <Line drop={drop} geometry={geometry} />}
			{(narrow || !drop?.cast) && <Touches column={column} geometry={geometry} />}
			{lure && drop && !(falling && !narrow) && (
				<g ref={moved}>
					<Resting lure={lure} holeInUse={holeInUse} drop={drop} geometry={geometry} />
				</g>
			)}
			{lure && falling && !narrow && (
				<FallingLure
					lure={lure}
					holeInUse={holeInUse}
					hang={drop?.hangDeg ?? 0}
					falling={falling}
					geometry={geometry}
				/>
			)}
			{narrow && drop?.angleDeg != null && <StripAngle text={drop.angleText} geometry={geometry} />}
			{!narrow && drop && drop.line.length === 0 && <CarriedOff drop={drop} column={column} geometry={geometry} />}
			{!narrow && drop && <Foot drop={drop} column={column} width={width} height={height} />}
		</svg>
	);
}

/** The part of the picture that is raised. */
function useRaised(raise: Props["raise"], scale: number): RefObject<SVGGElement | null> {
	const moved = useRef<SVGGElement>(null);
	useEffect(() => {
		if (!raise) return;
		raise.current = (height) => moved.current?.setAttribute("transform", `translate(0 ${-height * scale})`);
		return () => {
			raise.current = null;
		};
	}, [raise, scale]);
	return moved;
}

/** The line from the rod to the lure, and how far it leans. */
function Line({ drop, geometry }: { drop: DropData; geometry: Geometry }) {
	const line = curve(drop.line, geometry);
	return (
		<>
			{line && <path d={line} fill="none" stroke="#FBFCFA" strokeWidth={geometry.narrow ? 1.5 : 2} />}
			{!geometry.narrow && drop.angleDeg != null && <Angle drop={drop} geometry={geometry} />}
		</>
	);
}

interface RestingProps {
	lure: LureDrawing;
	holeInUse: number | null;
	drop: DropData;
	geometry: Geometry;
}

/** The lure at the end of the line. */
function Resting({ lure, holeInUse, drop, geometry }: RestingProps) {
	const end = drop.line[0];
	if (!end) return null;
	const { x, y } = placing(geometry);
	return (
		<HungLure
			lure={lure}
			holeInUse={holeInUse}
			x={x(end)}
			y={y(end)}
			hang={drop.hangDeg}
			drawn={geometry.narrow || drop.cast ? 0.62 : undefined}
		/>
	);
}
