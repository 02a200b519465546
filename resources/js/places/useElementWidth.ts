import { type RefObject, useLayoutEffect, useState } from "react";

/** How wide an element is, kept current. */
export function useElementWidth(element: RefObject<HTMLElement | null>, usual: number): number {
	const [wide, setWide] = useState(usual);
	useLayoutEffect(() => {
		const seen = element.current;
		if (!seen) return;
		const watch = new ResizeObserver(([entry]) => {
			const width = entry?.contentRect.width ?? 0;
			if (width > 0) setWide(width);
		});
		watch.observe(seen);
		return () => watch.disconnect();
	}, [element]);
	return wide;
}
