import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import { stepped } from "../readings/stepping";
import type { Live } from "../readings/useAnswer";
import type { PickData, ReadingData } from "../types";
import type { Geometry } from "./geometry";

interface Props {
	geometry: Geometry;
	live: Live;
	pick: PickData;
}

/** Three things in the picture that can be taken hold of: the boat for the drift, the bottom for the depth, the lure for its weight. */
export function ColumnHandles({ geometry, live, pick }: Props) {
	const { readings, column } = live.answer;
	const depth = readings.depth;
	const drift = readings.drift;
	const end = pick.drop.line[0];
	const rack = live.answer.rack
		.filter((lure) => lure.family === pick.drawing.family)
		.sort(
			(a, b) =>
				a.massKg - b.massKg || Number(b.finish === pick.drawing.finish) - Number(a.finish === pick.drawing.finish),
		);
	const weights = rack.filter((lure, index) => index === 0 || lure.massKg > (rack[index - 1]?.massKg ?? 0) + 1e-6);
	const at = Math.max(
		0,
		weights.findIndex((lure) => Math.abs(lure.massKg - pick.massKg) < 1e-6),
	);
	/** From where it stands now, answered or not, so that quick presses add up. */
	const step = (reading: ReadingData, by: 1 | -1) => {
		const now = reading.name in live.pending ? live.pending[reading.name] : reading.text;
		live.change(reading.name, stepped(reading, now, by));
	};
	const weigh = (index: number) => {
		const lure = weights[Math.min(weights.length - 1, Math.max(0, index))];
		if (lure && lure.key !== pick.key && Math.abs(lure.massKg - pick.massKg) > 1e-6) void live.choose(lure.key);
	};
	return (
		<>
			{depth && (
				<Handle
					label="Depth"
					text={depth.shown}
					value={depth.value ?? 0}
					min={depth.min}
					max={depth.max}
					x={geometry.width / 2 - geometry.side * geometry.width * 0.14}
					y={geometry.bottomY}
					vertical
					onStep={(by) => step(depth, by)}
					onDrag={(_dx, dy, from) =>
						live.change("depth", measure(depth, from + (dy / geometry.scale / column.depthM) * from))
					}
					more="down"
				/>
			)}
			{drift && (
				<Handle
					label="Drift"
					text={drift.shown}
					value={drift.value ?? 0}
					min={drift.min}
					max={drift.max}
					x={geometry.rodX - geometry.side * 60}
					y={geometry.surface - 8}
					onStep={(by) => step(drift, by)}
					onDrag={(dx, _dy, from) =>
						live.change("drift", measure(drift, from + Math.round((-geometry.side * dx) / 7) * drift.step))
					}
					more="right"
				/>
			)}
			{end && weights.length > 1 && (
				<Handle
					label="Weight"
					text={pick.title}
					value={at}
					min={0}
					max={weights.length - 1}
					x={geometry.rodX + end.x * geometry.scale}
					y={geometry.bottomY - 22}
					vertical
					onStep={(by) => weigh(at + by)}
					onDrag={(_dx, dy, from) => weigh(Math.round(from + dy / 24))}
					more="down"
				/>
			)}
		</>
	);
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
	vertical?: boolean;
	/** Which way is more. */
	more: "down" | "right";
	onStep: (by: 1 | -1) => void;
	onDrag: (dx: number, dy: number, from: number) => void;
}

/** A slider without a track: dragged by pointer, stepped by arrow keys. */
function Handle({ label, text, value, min, max, x, y, vertical, more, onStep, onDrag }: HandleProps) {
	const [held, setHeld] = useState(false);
	const drag = useRef(onDrag);
	drag.current = onDrag;
	/** Follows the pointer wherever it goes until it is let go; sends on at most every 90 ms. */
	const hold = (down: PointerEvent) => {
		down.preventDefault();
		(down.currentTarget as HTMLElement).focus();
		setHeld(true);
		let sent = 0;
		let waiting: number | undefined;
		const move = (event: globalThis.PointerEvent) => {
			if (event.pointerId !== down.pointerId) return;
			window.clearTimeout(waiting);
			waiting = window.setTimeout(
				() => {
					sent = performance.now();
					drag.current(event.clientX - down.clientX, event.clientY - down.clientY, value);
				},
				Math.max(0, 90 - (performance.now() - sent)),
			);
		};
		const letGo = (event: globalThis.PointerEvent) => {
			if (event.pointerId !== down.pointerId) return;
			setHeld(false);
			window.removeEventListener("pointermove", move);
			window.removeEventListener("pointerup", letGo);
			window.removeEventListener("pointercancel", letGo);
		};
		window.addEventListener("pointermove", move);
		window.addEventListener("pointerup", letGo);
		window.addEventListener("pointercancel", letGo);
	};
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
			title={`${label}: drag, or use the arrow keys`}
			onKeyDown={keys}
			onPointerDown={hold}
			className={`absolute size-11 -translate-x-1/2 -translate-y-1/2 touch-none rounded-full ${vertical ? "cursor-ns-resize" : "cursor-ew-resize"} ${held ? "bg-white/30" : "hover:bg-white/20"}`}
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
