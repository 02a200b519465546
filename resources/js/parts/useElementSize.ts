import { type RefObject, useLayoutEffect, useState } from "react";

/** Pixels across and down. */
export interface Size {
	wide: number;
	tall: number;
}

/** How large an element is, kept current; what it most likely is at first, so that it is drawn once. */
export function useElementSize(element: RefObject<HTMLElement | null>, usual: () => Size): Size {
	const [size, setSize] = useState(usual);
	useLayoutEffect(() => {
		const seen = element.current;
		if (!seen) return;
		const watch = new ResizeObserver(([entry]) => {
			if (!entry) return;
			const { width: wide, height: tall } = entry.contentRect;
			if (wide > 0 && tall > 0) setSize((was) => (was.wide === wide && was.tall === tall ? was : { wide, tall }));
		});
		watch.observe(seen);
		return () => watch.disconnect();
	}, [element]);
	return size;
}
