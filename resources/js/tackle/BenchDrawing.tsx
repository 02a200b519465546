import { type KeyboardEvent, useRef, useState } from "react";
import { LureShape } from "../drop/LureFigure";
import { useDrag } from "../parts/useDrag";
import { say } from "../parts/words";
import type { LureDrawing } from "../types";
import { MillimetreGrid } from "./MillimetreGrid";

/** A place on a lure, mm from the nose and up. */
interface Place {
	x: number;
	y: number;
}

interface Point extends Place {
	what: string;
	words: string;
	balance: boolean;
}

interface Props {
	lure: LureDrawing;
	/** Millimetres from the nose and up; of a hole by its name, or of the balance point. */
	onMove: (what: string, x: number, y: number) => void;
}

/** The lure large on a millimetre grid; holes and balance point are dragged, or moved half a millimetre by arrow keys. */
export function BenchDrawing({ lure, onMove }: Props) {
	const svg = useRef<SVGSVGElement>(null);
	const [left, top] = [-6, -Math.max(lure.heightMm * 0.75, ...lure.holes.map((hole) => hole.y + 5))];
	const width = lure.lengthMm + 22;
	const height = lure.heightMm * 1.5 + 12;
	const placeOf = (event: globalThis.PointerEvent): Place | null => {
		const matrix = svg.current?.getScreenCTM()?.inverse();
		if (!matrix) return null;
		const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
		return { x: Math.round(at.x * 2) / 2, y: Math.round(-at.y * 2) / 2 };
	};
	return (
		<svg
			ref={svg}
			data-bench-drawing
			viewBox={`${left} ${top} ${width} ${height}`}
			className="w-full rounded-md border border-rule bg-paper"
			role="application"
			aria-label={`${lure.words}, on a millimetre grid`}
		>
			<MillimetreGrid left={left} top={top} width={width} height={height} to={lure.lengthMm + 10} />
			<LureShape lure={lure} />
			{pointsOf(lure).map((point) => (
				<Movable key={point.what} point={point} placeOf={placeOf} onMove={(x, y) => onMove(point.what, x, y)} />
			))}
		</svg>
	);
}

function pointsOf(lure: LureDrawing): Point[] {
	const { balanceX: x, balanceY: y } = lure;
	const holes = lure.holes.map((hole) => ({
		...hole,
		what: hole.name,
		words: say("{name} hole", { name: hole.name }),
		balance: false,
	}));
	return x === null || y === null
		? holes
		: [...holes, { what: "balance point", words: "balance point", x, y, balance: true }];
}

const steps: Record<string, [number, number]> = {
	ArrowLeft: [-0.5, 0],
	ArrowRight: [0.5, 0],
	ArrowUp: [0, 0.5],
	ArrowDown: [0, -0.5],
};

interface MovableProps {
	point: Point;
	placeOf: (event: globalThis.PointerEvent) => Place | null;
	onMove: (x: number, y: number) => void;
}

/** One place on the lure, moved by pointer or keys. */
function Movable({ point, placeOf, onMove }: MovableProps) {
	const [dragged, setDragged] = useState<Place | null>(null);
	const { hold } = useDrag({
		onMove: (_dx, _dy, event) => setDragged(placeOf(event)),
		onDrop: (event) => {
			const at = placeOf(event);
			setDragged(null);
			if (at) onMove(at.x, at.y);
		},
		onCancel: () => setDragged(null),
	});
	const keys = (event: KeyboardEvent) => {
		const by = steps[event.key];
		if (!by) return;
		event.preventDefault();
		onMove(point.x + by[0], point.y + by[1]);
	};
	const at = dragged ?? point;
	return (
		<g
			role="slider"
			tabIndex={0}
			aria-label={point.words}
			aria-valuenow={point.x}
			aria-valuetext={say("{x} mm from the nose, {y} mm up", { x: point.x, y: point.y })}
			onPointerDown={hold}
			onKeyDown={keys}
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
			{dragged && (
				<text y="-3.4" fontSize="2.8" textAnchor="middle" fill="var(--ink)">
					{dragged.x}, {dragged.y}
				</text>
			)}
		</g>
	);
}

interface HangingProps {
	lure: LureDrawing;
	hole: number;
	hangDeg: number;
	words: string;
}

/** The lure as it hangs from a hole: the line straight up, the nose where gravity puts it. */
export function Hanging({ lure, hole, hangDeg, words }: HangingProps) {
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
