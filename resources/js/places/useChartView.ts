import { type PointerEvent, type RefObject, useCallback, useEffect, useRef, useState } from "react";
import { panned, type Size, type View, zoomed } from "./view";

/** Pixels that a press may move and still be a press. */
const still = 5;

interface Props {
	view: View;
	size: Size;
	onView: (view: View) => void;
	/** Pressed without moving, in pixels. */
	onPress: (px: number, py: number) => void;
	/** What is moved while it is dragged, so that nothing is drawn anew. */
	moved: RefObject<HTMLElement | null>;
	/** Pixels beyond its edges that are drawn already. */
	margin: number;
}

interface Held {
	x: number;
	y: number;
}

/** The chart moved and turned nearer by one finger, two fingers, or the mouse. */
export function useChartView({ view, size, onView, onPress, moved, margin }: Props) {
	const latest = useRef({ view, size, onView, onPress, margin });
	latest.current = { view, size, onView, onPress, margin };
	const fingers = useRef(new Map<number, Held>());
	const from = useRef<{ x: number; y: number; far: boolean; pinch: number }>({ x: 0, y: 0, far: false, pinch: 0 });
	const [held, setHeld] = useState(false);
	const shift = useCallback(
		(dx: number, dy: number) => {
			if (moved.current) moved.current.style.transform = dx === 0 && dy === 0 ? "" : `translate3d(${dx}px, ${dy}px, 0)`;
		},
		[moved],
	);
	// What was moved is drawn where it belongs now.
	// biome-ignore lint/correctness/useExhaustiveDependencies: with each view that is drawn
	useEffect(() => shift(0, 0), [view, shift]);

	const settle = useCallback((dx: number, dy: number) => {
		const { view: now, onView: tell } = latest.current;
		if (dx !== 0 || dy !== 0) tell(panned(now, dx, dy));
	}, []);
	const onPointerDown = useCallback((event: PointerEvent<HTMLElement>) => {
		if (event.button !== 0) return;
		event.currentTarget.setPointerCapture(event.pointerId);
		fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
		const all = [...fingers.current.values()];
		from.current = { x: event.clientX, y: event.clientY, far: all.length > 1, pinch: spread(all) };
		setHeld(true);
	}, []);
	const onPointerMove = useCallback(
		(event: PointerEvent<HTMLElement>) => {
			if (!fingers.current.has(event.pointerId)) return;
			fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
			const all = [...fingers.current.values()];
			const { view: now, size: room, onView: tell, margin: drawn } = latest.current;
			if (all.length > 1) {
				const pinch = spread(all);
				const box = event.currentTarget.getBoundingClientRect();
				const middle = { x: mean(all.map((one) => one.x)) - box.left, y: mean(all.map((one) => one.y)) - box.top };
				if (from.current.pinch > 0 && Math.abs(pinch / from.current.pinch - 1) > 0.02) {
					tell(zoomed(now, room, pinch / from.current.pinch, middle.x, middle.y));
					from.current.pinch = pinch;
				}
				return;
			}
			const [dx, dy] = [event.clientX - from.current.x, event.clientY - from.current.y];
			if (!from.current.far && Math.hypot(dx, dy) < still) return;
			from.current.far = true;
			if (Math.abs(dx) > drawn || Math.abs(dy) > drawn) {
				from.current = { ...from.current, x: event.clientX, y: event.clientY };
				settle(dx, dy);
			} else shift(dx, dy);
		},
		[settle, shift],
	);
	const onPointerUp = useCallback(
		(event: PointerEvent<HTMLElement>) => {
			if (!fingers.current.delete(event.pointerId)) return;
			setHeld(fingers.current.size > 0);
			const left = [...fingers.current.values()][0];
			if (left) {
				from.current = { x: left.x, y: left.y, far: true, pinch: 0 };
				return;
			}
			const box = event.currentTarget.getBoundingClientRect();
			if (from.current.far) settle(event.clientX - from.current.x, event.clientY - from.current.y);
			else latest.current.onPress(event.clientX - box.left, event.clientY - box.top);
		},
		[settle],
	);
	const onPointerCancel = useCallback(
		(event: PointerEvent<HTMLElement>) => {
			fingers.current.delete(event.pointerId);
			setHeld(fingers.current.size > 0);
			shift(0, 0);
		},
		[shift],
	);
	return { held, handlers: { onPointerDown, onPointerMove, onPointerUp, onPointerCancel } };
}

const mean = (values: number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

function spread(all: Held[]): number {
	const [a, b] = all;
	return a && b ? Math.hypot(b.x - a.x, b.y - a.y) : 0;
}
