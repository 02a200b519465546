import { type KeyboardEvent, useRef } from "react";
import { useDrag } from "../parts/useDrag";
import { say } from "../parts/words";
import { stepped } from "../readings/stepping";
import type { Live } from "../readings/useAnswer";
import type { PickData, RackData, ReadingData } from "../types";
import type { Geometry } from "./geometry";

interface Props {
	geometry: Geometry;
	live: Live;
	pick: PickData;
}

/** Three things in the picture that can be taken hold of: the boat for the drift, the bottom for the depth, the lure for its weight. */
export function ColumnHandles({ geometry, live, pick }: Props) {
	const { readings, column } = live.answer;
	const { depth, drift, fish_depth: fish } = readings;
	/** The angler's unit of depth in a metre. */
	const perM = (depth?.value ?? column.depthM) / column.depthM;
	/** From where it stands now, answered or not, so that quick presses add up. */
	const step = (reading: ReadingData, by: 1 | -1) => {
		const now = reading.name in live.pending ? live.pending[reading.name] : reading.text;
		live.change(reading.name, stepped(reading, now, by));
	};
	const common = (reading: ReadingData) => ({
		text: reading.shown,
		value: reading.value ?? 0,
		min: reading.min,
		max: reading.max,
		onStep: (by: 1 | -1) => step(reading, by),
	});
	return (
		<>
			{depth && (
				<Handle
					{...common(depth)}
					label="Depth"
					x={geometry.width / 2 - geometry.side * geometry.width * 0.14}
					y={geometry.bottomY}
					more="down"
					onDrag={(_dx, dy, from) =>
						live.change("depth", measure(depth, from + (dy / geometry.scale / column.depthM) * from))
					}
				/>
			)}
			{drift && (
				<Handle
					{...common(drift)}
					label="Drift"
					x={geometry.rodX - geometry.side * 60}
					y={geometry.surface - 8}
					more="right"
					onDrag={(dx, _dy, from) =>
						live.change("drift", measure(drift, from + Math.round((-geometry.side * dx) / 7) * drift.step))
					}
				/>
			)}
			{fish && column.fishM !== null && (
				<Handle
					{...common(fish)}
					text={column.fishText}
					value={fish.value ?? (column.depthM - column.fishM) * perM}
					label="Depth of the fish"
					x={geometry.width - 40}
					y={geometry.bottomY - column.fishM * geometry.scale}
					more="down"
					onDrag={(_dx, dy, from) => live.change("fish_depth", measure(fish, from + (dy / geometry.scale) * perM))}
				/>
			)}
			<WeightHandle geometry={geometry} live={live} pick={pick} />
		</>
	);
}

/** The lure taken hold of: heavier and lighter ones of its family. */
function WeightHandle({ geometry, live, pick }: Props) {
	const end = pick.drop.line[0];
	const weights = weightsLike(pick, live.answer.rack);
	const same = (lure: RackData) => Math.abs(lure.massKg - pick.massKg) < SAME_KG;
	const at = Math.max(0, weights.findIndex(same));
	const weigh = (index: number) => {
		const lure = weights[Math.min(weights.length - 1, Math.max(0, index))];
		if (lure && lure.key !== pick.key && !same(lure)) void live.choose(lure.key);
	};
	if (!end || weights.length < 2) return null;
	return (
		<Handle
			label="Weight"
			text={pick.title}
			value={at}
			min={0}
			max={weights.length - 1}
			x={geometry.rodX + end.x * geometry.scale}
			y={geometry.bottomY - pick.drop.heldM * geometry.scale - 22}
			more="down"
			onStep={(by) => weigh(at + by)}
			onDrag={(_dx, dy, from) => weigh(Math.round(from + dy / 24))}
		/>
	);
}

/** kg by which weights that are the same may differ. */
const SAME_KG = 1e-6;

/** One lure of each weight of the pick's family, lightest first; of one weight that which looks like it. */
function weightsLike(pick: PickData, rack: RackData[]): RackData[] {
	const alike = (lure: RackData) => Number(lure.finish === pick.drawing.finish);
	const family = rack
		.filter((lure) => lure.family === pick.drawing.family)
		.sort((a, b) => a.massKg - b.massKg || alike(b) - alike(a));
	return family.filter((lure, index) => index === 0 || lure.massKg > (family[index - 1]?.massKg ?? 0) + SAME_KG);
}

/** A value in the reading's own unit as text, on its step and within its limits. */
function measure(reading: ReadingData, value: number): string {
	const decimals = reading.step < 0.1 ? 2 : reading.step < 1 ? 1 : 0;
	const stepped = Math.round(value / reading.step) * reading.step;
	return `${Number(Math.min(reading.max, Math.max(reading.min, stepped)).toFixed(decimals))} ${reading.unit}`;
}

interface HandleProps {
	label: string;
	text: string;
	value: number;
	min: number;
	max: number;
	x: number;
	y: number;
	/** Which way is more. */
	more: "down" | "right";
	onStep: (by: 1 | -1) => void;
	onDrag: (dx: number, dy: number, from: number) => void;
}

/** A slider without a track: dragged by pointer, stepped by arrow keys. */
function Handle({ label, text, value, min, max, x, y, more, onStep, onDrag }: HandleProps) {
	const vertical = more === "down";
	const from = useRef(value);
	const { held, hold } = useDrag({ every: 90, onMove: (dx, dy) => onDrag(dx, dy, from.current) });
	const keys = (event: KeyboardEvent) => {
		const up = more === "down" ? ["ArrowDown", "ArrowRight"] : ["ArrowRight", "ArrowUp"];
		const down = more === "down" ? ["ArrowUp", "ArrowLeft"] : ["ArrowLeft", "ArrowDown"];
		const by = up.includes(event.key) ? 1 : down.includes(event.key) ? -1 : 0;
		if (by === 0) return;
		event.preventDefault();
		onStep(by);
	};
	return (
		<div
			role="slider"
			tabIndex={0}
			aria-label={label}
			aria-orientation={vertical ? "vertical" : "horizontal"}
			aria-valuemin={min}
			aria-valuemax={max}
			aria-valuenow={value}
			aria-valuetext={text}
			title={say("{label}: drag, or use the arrow keys", { label })}
			onKeyDown={keys}
			onPointerDown={(down) => {
				from.current = value;
				hold(down);
			}}
			className={`absolute size-11 -translate-x-1/2 -translate-y-1/2 touch-none rounded-full
				${vertical ? "cursor-ns-resize" : "cursor-ew-resize"} ${held ? "bg-white/30" : "hover:bg-white/20"}`}
			style={{ left: x, top: y }}
		>
			<svg viewBox="0 0 44 44" className="size-11" aria-hidden="true">
				<path
					d={vertical ? "M 22 8 l -5 6 h 10 Z M 22 36 l -5 -6 h 10 Z" : "M 8 22 l 6 -5 v 10 Z M 36 22 l -6 -5 v 10 Z"}
					fill="#FBFCFA"
					stroke="#10222B"
					strokeWidth="1"
				/>
			</svg>
		</div>
	);
}
