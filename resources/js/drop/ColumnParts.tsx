import type { ColumnData, DropData } from "../types";
import type { Geometry } from "./geometry";

/** The depth scale, in round figures. */
export function Ticks({
	column,
	surface,
	scale,
	narrow,
}: {
	column: ColumnData;
	surface: number;
	scale: number;
	narrow: boolean;
}) {
	// Where they stand close together only some are named, the last of them always.
	const apart = (column.ticks[0]?.m ?? 0) * scale;
	const every = narrow ? 2 : apart < 9 ? column.ticks.length : apart < 18 ? 2 : 1;
	const figure = (label: string) => label.replace(/\D+$/, "");
	const unit = (column.ticks[0]?.label ?? "").replace(/^[\d.]+/, "");
	const named = (index: number) =>
		(column.ticks.length - 1 - index) % every === 0 || (narrow && column.ticks.length < 4);
	const first = column.ticks.findIndex((_tick, index) => named(index));
	return (
		<g fill="#F4F8F7" stroke="none" fontSize={narrow ? 12 : 13}>
			{column.ticks.map((tick, index) => (
				<g key={tick.label} transform={`translate(0 ${surface + tick.m * scale})`}>
					<path d={`M 0 0 h ${narrow ? 9 : 14}`} stroke="#F4F8F7" strokeOpacity="0.75" />
					{named(index) && (
						<text x={narrow ? 12 : 19} y="4">
							{figure(tick.label)}
							{!narrow && index === first && unit}
						</text>
					)}
				</g>
			))}
		</g>
	);
}

/** Place, wind, boat and rod above the water. */
export function Sky({ column, title, geometry }: { column: ColumnData; title: string; geometry: Geometry }) {
	const { surface, rodX, width, side } = geometry;
	const tip = -side;
	return (
		<g>
			<text x="16" y="27" fontSize="13" fill="var(--slate)">
				{column.place}
			</text>
			<text x="16" y="52" fontSize="21" fontWeight="650" fill="var(--ink)" fontFamily="var(--font-head)">
				{title}
			</text>
			{column.windMs > 0 && <Wind column={column} width={width} side={side} />}
			<path d={`M 0 ${surface} H ${width}`} stroke="#FBFCFA" strokeWidth="2" />
			{column.onFoot ? (
				<path
					d={`M ${rodX + tip * 12} ${surface + 6} V ${surface - 15} H ${rodX + tip * 400} V ${surface + 6} Z`}
					fill="var(--hull)"
				/>
			) : (
				<path
					d={`M ${rodX + tip * 18} ${surface - 12} h ${tip * 78} l ${-tip * 9} 15 h ${-tip * 60} Z`}
					fill="var(--hull)"
					stroke="var(--rule)"
					strokeOpacity="0.5"
				/>
			)}
			<path
				d={`M ${rodX + tip * 34} ${surface - 14} L ${rodX} ${surface - 36}`}
				stroke="var(--ember)"
				strokeWidth="3"
				strokeLinecap="round"
			/>
			<path d={`M ${rodX} ${surface - 36} V ${surface}`} stroke="var(--slate)" strokeWidth="1.4" />
			{column.currentText !== "" && column.vertical && (
				<text
					x={side < 0 ? width - 12 : 12}
					y={surface + 20}
					fontSize="13"
					fill="#F4F8F7"
					textAnchor={side < 0 ? "end" : "start"}
				>
					{column.currentText}
				</text>
			)}
		</g>
	);
}

/** The wind with its strength, blowing the way the line trails. */
function Wind({ column, width, side }: { column: ColumnData; width: number; side: number }) {
	const length = Math.min(70, 14 + column.windMs * 7);
	const from = side < 0 ? 16 : width - 16 - length;
	const arrow =
		side < 0
			? `M ${from} 86 h ${length} m -7 -5 l 7 5 l -7 5`
			: `M ${from + length} 86 h ${-length} m 7 -5 l -7 5 l 7 5`;
	return (
		<g>
			<text
				x={side < 0 ? 16 : width - 16}
				y="76"
				fontSize="13"
				fill="var(--slate)"
				textAnchor={side < 0 ? "start" : "end"}
			>
				{column.windText}
			</text>
			<path d={arrow} fill="none" stroke="var(--slate)" strokeWidth="1.8" />
		</g>
	);
}

/** The lean of the line at the surface. */
export function Angle({ drop, geometry }: { drop: DropData; geometry: Geometry }) {
	const { rodX, surface, bottomY, side, width } = geometry;
	const length = Math.min(150, (bottomY - surface) * 0.35);
	const lean = Math.abs(drop.angleDeg ?? 0);
	const radians = (lean * Math.PI) / 180;
	const radius = length * 0.62;
	const beside = side < 0 ? Math.min(rodX + 12, width - 84) : Math.max(rodX - 12, 84);
	return (
		<g>
			<path d={`M ${rodX} ${surface} v ${length}`} stroke="#F4F8F7" strokeDasharray="3 4" strokeOpacity="0.7" />
			{lean >= 1 && (
				<path
					d={`M ${rodX} ${surface + radius} A ${radius} ${radius} 0 0 ${side < 0 ? 1 : 0}
						${rodX + side * radius * Math.sin(radians)} ${surface + radius * Math.cos(radians)}`}
					fill="none"
					stroke="#E9C66A"
					strokeWidth="2"
				/>
			)}
			<g textAnchor={side < 0 ? "start" : "end"}>
				<text
					x={beside}
					y={surface + radius * 0.86}
					fontSize="23"
					fontWeight="650"
					fill="#F2DFA6"
					fontFamily="var(--font-head)"
				>
					{drop.angleText}
				</text>
				<text x={beside} y={surface + radius * 0.86 + 18} fontSize="13" fill="#F2DFA6">
					line angle
				</text>
			</g>
		</g>
	);
}

/** Seconds, line out and depth under the bottom. */
export function Foot({
	drop,
	column,
	width,
	height,
}: {
	drop: DropData;
	column: ColumnData;
	width: number;
	height: number;
}) {
	const figures: [string, string][] = [
		[drop.secondsText, drop.downTo],
		[drop.lineOutText, "line out"],
		[column.depthText, "deep"],
	];
	return (
		<g>
			<rect x="0" y={height - 66} width={width} height="66" fill="var(--water-deep)" />
			{figures.map(([figure, label], index) => (
				<g key={label} transform={`translate(${16 + (index * (width - 24)) / 3} ${height - 38})`}>
					<text fontSize="19" fontWeight="650" fill="#FBFCFA" fontFamily="var(--font-head)">
						{figure}
					</text>
					<text y="21" fontSize="13" fill="#D5E0DF">
						{label}
					</text>
				</g>
			))}
		</g>
	);
}
