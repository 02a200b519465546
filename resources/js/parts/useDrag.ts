import { type PointerEvent, useCallback, useEffect, useRef, useState } from "react";

interface Props {
	/** Pixels from where it was taken hold of, and where the pointer is. */
	onMove: (dx: number, dy: number, at: globalThis.PointerEvent) => void;
	/** Let go of; not when the system took the pointer away. */
	onDrop?: (at: globalThis.PointerEvent) => void;
	/** The system took the pointer away: it is as if it had not been held. */
	onCancel?: () => void;
	/** ms between two moves that are told. */
	every?: number;
}

/** Takes hold of something and follows the pointer wherever it goes until it is let go. */
export function useDrag(props: Props): { held: boolean; hold: (down: PointerEvent) => void } {
	const [held, setHeld] = useState(false);
	const latest = useRef(props);
	latest.current = props;
	const end = useRef<() => void>(() => {});
	useEffect(() => () => end.current(), []);
	const hold = useCallback((down: PointerEvent) => {
		down.preventDefault();
		(down.currentTarget as HTMLElement | SVGElement).focus();
		setHeld(true);
		let told = 0;
		let waiting: number | undefined;
		/** Where it has been moved to without that being told yet. */
		let untold: globalThis.PointerEvent | null = null;
		const tell = (event: globalThis.PointerEvent) => {
			told = performance.now();
			untold = null;
			latest.current.onMove(event.clientX - down.clientX, event.clientY - down.clientY, event);
		};
		const move = (event: globalThis.PointerEvent) => {
			if (event.pointerId !== down.pointerId) return;
			const { every = 0 } = latest.current;
			window.clearTimeout(waiting);
			untold = event;
			if (every === 0) tell(event);
			else waiting = window.setTimeout(() => tell(event), Math.max(0, every - (performance.now() - told)));
		};
		const letGo = (event: globalThis.PointerEvent) => {
			if (event.pointerId !== down.pointerId) return;
			end.current();
			// It ends where it is let go, at once.
			if (untold && event.type === "pointerup") tell(untold);
			setHeld(false);
			if (event.type === "pointerup") latest.current.onDrop?.(event);
			else latest.current.onCancel?.();
		};
		end.current = () => {
			window.clearTimeout(waiting);
			window.removeEventListener("pointermove", move);
			window.removeEventListener("pointerup", letGo);
			window.removeEventListener("pointercancel", letGo);
		};
		window.addEventListener("pointermove", move);
		window.addEventListener("pointerup", letGo);
		window.addEventListener("pointercancel", letGo);
	}, []);
	return { held, hold };
}
