import { type RefObject, useEffect, useRef } from "react";

/** The wheel of a mouse; it has to be able to keep the page still. */
export function useWheel(
	frame: RefObject<HTMLDivElement | null>,
	onZoom: (factor: number, px: number, py: number) => void,
) {
	const latest = useRef(onZoom);
	latest.current = onZoom;
	useEffect(() => {
		const element = frame.current;
		if (!element) return;
		const turn = (event: WheelEvent) => {
			event.preventDefault();
			const box = element.getBoundingClientRect();
			latest.current(Math.exp(-event.deltaY / 500), event.clientX - box.left, event.clientY - box.top);
		};
		element.addEventListener("wheel", turn, { passive: false });
		return () => element.removeEventListener("wheel", turn);
	}, [frame]);
}
