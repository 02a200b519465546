import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import { LureShape } from "../drop/LureFigure";
import type { LureDrawing } from "../types";

interface Props {
	lure: LureDrawing;
	/** Millimetres from the nose and up; `null` for the balance point's name. */
	onMove: (what: string, x: number, y: number) => void;
}

/** The lure large on a millimetre grid; holes and balance point are dragged, or moved half a millimetre by arrow keys. */
export function BenchDrawing({ lure, onMove }: Props) {
	const svg = useRef<SVGSVGElement>(null);
	const [held, setHeld] = useState<{ what: string; x: number; y: number } | null>(null);
	const [left, top] = [-6, -Math.max(lure.heightMm * 0.75, ...lure.holes.map((hole) => hole.y + 5))];
	const width = lure.lengthMm + 22;
	const height = lure.heightMm * 1.5 + 12;
	const lines = (from: number, to: number) =>
		Array.from({ length: Math.floor(to) - Math.ceil(from) + 1 }, (_, index) => Math.ceil(from) + index);
	const place = (event: PointerEvent | globalThis.PointerEvent) => {
		const matrix = svg.current?.getScreenCTM()?.inverse();
		if (!matrix) return null;
		const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
		return { x: Math.round(at.x * 2) / 2, y: Math.round(-at.y * 2) / 2 };
	};
	const hold = (what: string) => (down: PointerEvent) => {
		down.preventDefault();
		(down.currentTarget as SVGElement).focus();
		const move = (event: globalThis.PointerEvent) => {
			const at = place(event);
			if (at) setHeld({ what, ...at });
		};
		const letGo = (event: globalThis.PointerEvent) => {
			window.removeEventListener("pointermove", move);
			window.removeEventListener("pointerup", letGo);
			const at = place(event);
			setHeld(null);
			if (at) onMove(what, at.x, at.y);
		};
		window.addEventListener("pointermove", move);
		window.addEventListener("pointerup", letGo);
	};
	const keys = (what: string, x: number, y: number) => (event: KeyboardEvent) => {
		const [dx, dy] = { ArrowLeft: [-0.5, 0], ArrowRight: [0.5, 0], ArrowUp: [0, 0.5], ArrowDown: [0, -0.5] }[
			event.key
		] ?? [0, 0];
		if (dx === 0 && dy === 0) return;
		event.preventDefault();
		onMove(what, x + (dx ?? 0), y + (dy ?? 0));
	};
	const points = [
		...lure.holes.map((hole) => ({
			what: hole.name,
			words: `${hole.name} hole`,
			x: hole.x,
			y: hole.y,
			balance: false,
		})),
		...(lure.balanceX !== null && lure.balanceY !== null
			? [{ what: "balance point", words: "balance point", x: lure.balanceX, y: lure.balanceY, balance: true }]
			: []),
	];
	return (
		<svg
			ref={svg}
			data-bench-drawing
			viewBox={`${left} ${top} ${width} ${height}`}
			className="w-full rounded-md border border-rule bg-paper"
			role="application"
			aria-label={`${lure.words}, on a millimetre grid`}
		>
			<g stroke="var(--rule)" strokeWidth="0.08">
				{lines(left, left + width).map((x) => (
					<path
						key={`x${x}`}
						d={`M ${x} ${top} V ${top + height}`}
						strokeWidth={x % 10 === 0 ? 0.3 : x % 5 === 0 ? 0.16 : 0.08}
					/>
				))}
				{lines(top, top + height).map((y) => (
					<path
						key={`y${y}`}
						d={`M ${left} ${y} H ${left + width}`}
						strokeWidth={y % 10 === 0 ? 0.3 : y % 5 === 0 ? 0.16 : 0.08}
					/>
				))}
			</g>
			<g fontSize="2.4" fill="var(--slate)">
				{lines(0, lure.lengthMm + 10)
					.filter((x) => x % 10 === 0)
					.map((x) => (
						<text key={x} x={x} y={top + height - 1} textAnchor="middle">
							{x}
						</text>
					))}
			</g>
			<LureShape lure={lure} />
			{points.map((point) => {
				const at = held?.what === point.what ? held : point;
				return (
					<g
						key={point.what}
						role="slider"
						tabIndex={0}
						aria-label={point.words}
						aria-valuenow={point.x}
						aria-valuetext={`${point.x} mm from the nose, ${point.y} mm up`}
						onPointerDown={hold(point.what)}
						onKeyDown={keys(point.what, point.x, point.y)}
						className="cursor-move touch-none"
						transform={`translate(${at.x} ${-at.y})`}
					>
						<circle r="3" fill="transparent" />
						{point.balance ? (
							<g stroke="#10222B" strokeWidth="0.35">
								<circle r="1.5" fill="#E9C66A" />
								<path d="M -2.2 0 H 2.2 M 0 -2.2 V 2.2" />
							</g>
						) : (
							<circle r="1.3" fill="#C8501E" stroke="#10222B" strokeWidth="0.35" />
						)}
						{held?.what === point.what && (
							<text y="-3.4" fontSize="2.8" textAnchor="middle" fill="var(--ink)">
								{at.x}, {at.y}
							</text>
						)}
					</g>
				);
			})}
		</svg>
	);
}

/** The lure as it hangs from a hole: the line straight up, the nose where gravity puts it. */
export function Hanging({
	lure,
	hole,
	hangDeg,
	words,
}: {
	lure: LureDrawing;
	hole: number;
	hangDeg: number;
	words: string;
}) {
	const at = lure.holes[hole];
	if (!at) return null;
	const reach = lure.lengthMm * 0.8;
	return (
		<svg viewBox={`${-reach} -22 ${2 * reach} ${reach + 26}`} className="h-[120px]" role="img" aria-label={words}>
			<path d={`M ${-reach} 0 H ${reach}`} stroke="var(--rule)" strokeDasharray="1.5 2" strokeWidth="0.5" />
			<path d="M 0 -22 V 0" stroke="var(--slate)" strokeWidth="0.7" />
			<g transform={`rotate(${-hangDeg}) translate(${-at.x} ${at.y})`}>
				<LureShape lure={lure} holeInUse={hole} />
			</g>
		</svg>
	);
}
