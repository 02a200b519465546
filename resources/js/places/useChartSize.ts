import { type RefObject, useLayoutEffect, useState } from "react";
import type { Size } from "./view";

/** How large the chart is, kept current. */
export function useChartSize(frame: RefObject<HTMLDivElement | null>): Size {
	const [size, setSize] = useState<Size>(() => ({
		wide: window.innerWidth >= 1024 ? 620 : Math.max(240, window.innerWidth - 90),
		tall: window.innerWidth >= 1024 ? 336 : 300,
	}));
	useLayoutEffect(() => {
		const element = frame.current;
		if (!element) return;
		const watch = new ResizeObserver(([entry]) => {
			if (!entry) return;
			const { width, height } = entry.contentRect;
			if (width > 0 && height > 0)
				setSize((was) => (was.wide === width && was.tall === height ? was : { wide: width, tall: height }));
		});
		watch.observe(element);
		return () => watch.disconnect();
	}, [frame]);
	return size;
}
