import { useLayoutEffect, useMemo, useRef } from "react";
import type { Charted } from "./Chart";
import { paintGround, rings, ringsPath, shaded } from "./shade";
import { drawn, lined, onScreen, type Point, pairs, type Size, type View } from "./view";

/** Pixels beyond the edges of the chart that are painted, so that it can be dragged without being painted anew. */
export const margin = 240;

interface Drawn {
	page: Charted;
	view: View;
	size: Size;
}

/** The shades of the ground, painted. */
export function Ground({ page, view, size }: Drawn) {
	const canvas = useRef<HTMLCanvasElement>(null);
	const { ground, shores } = page;
	const theme = typeof document === "undefined" ? "" : document.documentElement.dataset.theme;
	// biome-ignore lint/correctness/useExhaustiveDependencies: another theme has other colours
	const picture = useMemo(() => ground && shaded(ground), [ground, theme]);
	const known = useMemo(() => ground && ringsPath(ground.known.map(pairs)), [ground]);
	const shore = useMemo(() => ringsPath(shores ?? []), [shores]);
	useLayoutEffect(() => {
		if (canvas.current && ground && known) {
			paintGround(canvas.current, { ground, picture, known, shore }, view, size, margin);
		}
	}, [ground, known, shore, picture, view, size]);
	return (
		<canvas
			ref={canvas}
			className="absolute max-w-none"
			style={{ left: -margin, top: -margin, width: size.wide + 2 * margin, height: size.tall + 2 * margin }}
		/>
	);
}

/** Shores that go all round their water. */
export function shoresRound(edges: Charted["edges"]): Point[][] {
	return rings(edges.filter(({ kind }) => kind === "shore").map(({ points }) => points));
}

/** The edge of what is known, which depth lines do not cross. */
export function Known({ page, view, size }: Drawn) {
	const path = (page.ground?.known ?? []).map((ring) => lined(ring, view, size)).join("Z");
	return (
		<>
			<clipPath id="known">
				<path d={path && `${path}Z`} clipRule="evenodd" />
			</clipPath>
			{path && <path d={`${path}Z`} fill="none" stroke="var(--slate)" strokeOpacity="0.5" strokeWidth="1" />}
		</>
	);
}

/** The line whose section opens below. */
export function Line({ points, view, size }: { points: Point[]; view: View; size: Size }) {
	const path = drawn(points.map(({ x, y }) => onScreen(view, size, x, y)));
	return (
		<>
			<path d={path} fill="none" stroke="var(--paper)" strokeWidth="6" strokeOpacity="0.7" strokeLinecap="round" />
			<path d={path} fill="none" stroke="var(--ember)" strokeWidth="3.5" strokeLinecap="round" />
			{points.map(({ x, y }) => {
				const { px, py } = onScreen(view, size, x, y);
				return <circle key={`${x} ${y}`} cx={px} cy={py} r="4.5" fill="var(--ember)" stroke="var(--paper)" />;
			})}
		</>
	);
}
