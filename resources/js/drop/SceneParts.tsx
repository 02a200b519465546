import { FAMILY } from "../kinds";
import { through } from "../parts/path";
import type { CastShapeData, ColumnData, DropData, GhostData, LureDrawing, PointData } from "../types";
import type { Geometry } from "./geometry";
import { LureShape, tiePoint } from "./LureFigure";
import type { useFall } from "./useFall";

type Falling = NonNullable<ReturnType<typeof useFall>>;

/** Where a point of the drop is in the picture. */
export function placing({ rodX, bottomY, scale }: Geometry) {
	return { x: (point: PointData) => rodX + point.x * scale, y: (point: PointData) => bottomY - point.h * scale };
}

export function curve(points: PointData[], geometry: Geometry): string {
	const { x, y } = placing(geometry);
	return through(points.map((point) => [x(point), y(point)]));
}

/** The circle of bottom that the sonar shows, as its cone. */
export function SonarCone({ column, geometry }: { column: ColumnData; geometry: Geometry }) {
	const { rodX, surface, scale, bottomY } = geometry;
	const radius = column.sonar.radiusM * scale;
	return (
		<path
			d={`M ${rodX} ${surface} L ${rodX - radius} ${bottomY} H ${rodX + radius} Z`}
			fill="#FBFCFA"
			fillOpacity="0.12"
			stroke="#FBFCFA"
			strokeOpacity="0.6"
			strokeDasharray="2 5"
		/>
	);
}

/** The band that the lure is lifted through, above where it is worked. */
export function LiftBand({ drop: { liftM, heldM }, geometry }: { drop: DropData; geometry: Geometry }) {
	const { bottomY, scale, width } = geometry;
	const y = bottomY - (heldM + liftM) * scale;
	return <rect x="0" y={y} width={width} height={liftM * scale} fill="#E9C66A" fillOpacity="0.22" />;
}

/** Where fish hang in the water: a lane across it, with its depth. */
export function FishLane({ column, geometry }: { column: ColumnData; geometry: Geometry }) {
	const { bottomY, scale, width, narrow, surface } = geometry;
	const y = bottomY - (column.fishM ?? 0) * scale;
	const tall = narrow ? 14 : 22;
	return (
		<g>
			<rect x="0" y={y - tall / 2} width={width} height={tall} fill="#FBFCFA" fillOpacity="0.16" />
			<path d={`M 0 ${y} H ${width}`} stroke="#FBFCFA" strokeOpacity="0.7" strokeDasharray="2 6" />
			{!narrow && (
				<text
					x={width - 12}
					y={y - tall / 2 - 6 < surface + 14 ? y + tall / 2 + 15 : y - tall / 2 - 6}
					textAnchor="end"
					fontSize="13"
					fill="#FBFCFA"
				>
					{column.fishText}
				</text>
			)}
		</g>
	);
}

/** Rows of figures under a cast: pixels from one to the next, and of the ground that is left above them. */
const [ROW, GROUND] = [40, 30];

/** A cast: the splash and the way down, and under the ground what it means. */
export function CastShape({ cast, geometry }: { cast: CastShapeData; geometry: Geometry }) {
	const { rodX, surface, scale, bottomY, height, width } = geometry;
	const splash = rodX + cast.lengthM * scale;
	const from = bottomY + GROUND;
	const rows = cast.figures.slice(0, Math.max(0, Math.floor((height - 96 - from) / ROW)));
	return (
		<g>
			<path
				d={curve(cast.path, geometry)}
				fill="none"
				stroke="#FBFCFA"
				strokeOpacity="0.75"
				strokeWidth="1.5"
				strokeDasharray="5 5"
			/>
			<path
				d={`M ${splash} ${surface - 15} v 13 m -5 -5 l 5 5 l 5 -5`}
				stroke="var(--slate)"
				strokeWidth="1.8"
				fill="none"
			/>
			{cast.runsText !== "" && (
				<text x={rodX + 14} y={surface - 8} fontSize="13" fill="var(--slate)">
					{cast.runsText}
				</text>
			)}
			<rect x="0" y={from} width={width} height={Math.max(0, height - from)} fill="var(--water-deep)" />
			{rows.map(({ figure, label }, index) => (
				<g key={label} transform={`translate(16 ${from + 34 + index * ROW})`}>
					<text fontSize="19" fontWeight="650" fill="#FBFCFA" fontFamily="var(--font-head)">
						{figure}
					</text>
					<text x="78" fontSize="14" fill="#D5E0DF">
						{label}
					</text>
				</g>
			))}
			{cast.swept !== "" && (
				<text fontSize="14" fill="#F2DFA6">
					{cast.swept.split(": ").map((part, index) => (
						<tspan key={part} x="16" y={from + 34 + rows.length * ROW + index * 20}>
							{part}
						</tspan>
					))}
				</text>
			)}
		</g>
	);
}

/** The line in the gusts, thin, with its words where there is room. */
export function GustLine({ drop, geometry }: { drop: DropData; geometry: Geometry }) {
	const { narrow, rodX, side, surface } = geometry;
	const line = curve(drop.gustLine, geometry);
	if (!line) return null;
	return (
		<>
			<path d={line} fill="none" stroke="#FBFCFA" strokeOpacity="0.4" strokeWidth={narrow ? 1 : 1.5} />
			{!narrow && (
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
		</>
	);
}

/** A second drop, dashed. */
export function Ghost({ ghost, geometry }: { ghost: GhostData; geometry: Geometry }) {
	const { x, y } = placing(geometry);
	const end = ghost.drop.line[0];
	return (
		<>
			<path d={curve(ghost.drop.line, geometry)} fill="none" stroke="#F2DFA6" strokeWidth="1.6" strokeDasharray="6 5" />
			{end && !geometry.narrow && (
				<g opacity="0.75">
					<HungLure lure={ghost.drawing} holeInUse={ghost.holeIndex} x={x(end)} y={y(end)} hang={ghost.drop.hangDeg} />
				</g>
			)}
		</>
	);
}

interface FallingProps {
	lure: LureDrawing;
	holeInUse: number | null;
	hang: number;
	falling: Falling;
	geometry: Geometry;
}

/** The lure on its way down, with the seconds counted. */
export function FallingLure({ lure, holeInUse, hang, falling, geometry }: FallingProps) {
	const { rodX, surface, width, side } = geometry;
	const { x, y } = placing(geometry);
	return (
		<g>
			<path d={`M ${rodX} ${surface} L ${x(falling.at)} ${y(falling.at)}`} stroke="#FBFCFA" strokeWidth="2" />
			<HungLure lure={lure} holeInUse={holeInUse} x={x(falling.at)} y={y(falling.at)} hang={hang} />
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
	);
}

/** The angle alone, for a strip. */
export function StripAngle({ text, geometry }: { text: string; geometry: Geometry }) {
	return (
		<text
			x={geometry.width / 2}
			y={geometry.surface + 20}
			textAnchor="middle"
			fontSize="17"
			fontWeight="650"
			fill="#F2DFA6"
			fontFamily="var(--font-head)"
		>
			{text}
		</text>
	);
}

export function CarriedOff({ drop, column, geometry }: { drop: DropData; column: ColumnData; geometry: Geometry }) {
	const middle = geometry.width / 2;
	const lines = column.vertical
		? ["This flow carries the lure", drop.heldM > 0 ? "away from the fish altogether." : "off the bottom altogether."]
		: ["This cast does not get down", "to where it is worked."];
	return (
		<text x={middle} y={geometry.surface + 60} textAnchor="middle" fill="#FBFCFA" fontSize="15">
			{lines.map((line, index) => (
				<tspan key={line} x={middle} dy={index * 20}>
					{line}
				</tspan>
			))}
		</text>
	);
}

/** Where touches came here before: a full diamond for a fish, an open one for a touch. */
export function Touches({ column, geometry }: { column: ColumnData; geometry: Geometry }) {
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

interface HungProps {
	lure: LureDrawing;
	holeInUse: number | null;
	x: number;
	y: number;
	hang: number;
	drawn?: number;
}

/** The lure at its hang angle, larger than true so that it can be seen. A spoon hangs from its nose. */
export function HungLure({ lure, holeInUse, x, y, hang, drawn = 1.25 }: HungProps) {
	const tie = tiePoint(lure, holeInUse);
	const spoon = FAMILY[lure.family].flutters;
	const clear = (spoon ? lure.lengthMm : lure.heightMm) * drawn;
	const turn = spoon ? 90 : -hang;
	return (
		<g transform={`translate(${x} ${y - clear * 0.9}) rotate(${turn}) scale(${drawn}) translate(${-tie.x} ${-tie.y})`}>
			<LureShape lure={lure} holeInUse={holeInUse} />
		</g>
	);
}
