import { useRef } from "react";
import { say } from "../parts/words";
import { panStep, pans } from "./chartKeys";
import { onScreen, onWater, type Point, type Size, type View } from "./view";

interface EndProps {
	name: string;
	at: Point;
	view: View;
	size: Size;
	onMove: (to: Point) => void;
}

/** An end of the line, taken hold of or moved by arrow keys. */
export function End({ name, at, view, size, onMove }: EndProps) {
	const { px, py } = onScreen(view, size, at.x, at.y);
	const from = useRef<{ x: number; y: number; at: Point } | null>(null);
	const by = (dx: number, dy: number) => onMove(onWater(view, size, px + dx, py + dy));
	return (
		<button
			type="button"
			aria-label={say("{name}: arrow keys move it", { name })}
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
				by((-4 * move[0]) / panStep, (-4 * move[1]) / panStep);
			}}
		>
			<span aria-hidden="true" className="absolute inset-[13px] rounded-full border-2 border-paper bg-ember" />
		</button>
	);
}

interface NearerProps {
	onNearer: () => void;
	onFarther: () => void;
	onAll: () => void;
	/** Brings the boat into the middle; null while nobody knows where it is. */
	onBoat: (() => void) | null;
}

/** Nearer, farther, all of it, and where the boat is. */
export function Nearer(props: NearerProps) {
	const look = "min-h-11 min-w-11 rounded-md border border-slate bg-paper px-2 text-[17px]";
	return (
		<div className="no-print absolute right-2 bottom-2 flex gap-1.5">
			{props.onBoat && (
				<button type="button" className={`${look} text-[15px]`} onClick={props.onBoat}>
					Boat
				</button>
			)}
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
