import { type RefObject, useEffect, useRef } from "react";
import { isCalm } from "../parts/calm";
import { useWide } from "../parts/useWide";
import type { RibbonPointData, WorkData } from "../types";
import { cycleOf, heightAt } from "./repeat";
import type { Trainer } from "./useTrainer";

const height = 186;
const floor = 142;
/** Pixels of the highest lift. */
const tall = 88;
const repeats = [-1, 0, 1, 2, 3, 4];

interface Props {
	work: WorkData;
	trainer: Trainer;
	/** Filled with what raises the lure in the column. */
	raise: RefObject<((heightM: number) => void) | null>;
	/** A lift of one's own over the ribbon: s and m from its beginning. */
	own: [number, number][] | null;
}

/** The cadence as it runs past a fixed needle: height over time, the lift thick, the fall as computed, the pause flat. */
export function Ribbon({ work, trainer, raise, own }: Props) {
	const band = useRef<SVGGElement>(null);
	const width = useWide("lg") ? 912 : 340;
	const needle = width / 4;
	const cycle = cycleOf(work);
	const perSecond = Math.max(14, Math.min(150, (width < 900 ? 180 : 300) / cycle));
	const perMetre = tall / Math.max(0.01, work.liftM);
	useRunning({ band, work, trainer, perSecond, needle, raise });
	const xy = (point: RibbonPointData) => `${point.t * perSecond},${floor - point.h * perMetre}`;
	const top = work.ribbon[1];
	return (
		<svg
			viewBox={`0 0 ${width} ${height}`}
			role="img"
			aria-label={`${work.headline}. ${work.counts}.`}
			className="block w-full rounded-md bg-paper"
		>
			<path d={`M0 ${floor - tall} H${width} M0 ${floor - tall / 2} H${width}`} stroke="var(--rule)" />
			<path d={`M0 ${floor} H${width}`} stroke="var(--slate)" strokeWidth={2} strokeOpacity={0.5} />
			<g ref={band} transform={`translate(${needle} 0)`} fill="none" strokeLinecap="round" strokeLinejoin="round">
				{repeats.map((repeat) => (
					<g key={repeat} transform={`translate(${repeat * cycle * perSecond} 0)`}>
						<polyline points={work.ribbon.slice(1).map(xy).join(" ")} stroke="var(--slate)" strokeWidth={2.5} />
						{top && (
							<path
								d={`M0 ${floor} L${top.t * perSecond} ${floor - top.h * perMetre}`}
								stroke="var(--ink)"
								strokeWidth={6}
							/>
						)}
						{Array.from({ length: Math.max(0, Math.ceil(cycle) - 1) }, (_, i) => i + 1).map((second) => (
							<circle
								key={second}
								cx={second * perSecond}
								cy={floor + 22}
								r={3}
								fill="var(--slate)"
								fillOpacity={cycle > 40 && second % 5 !== 0 ? 0 : 1}
							/>
						))}
					</g>
				))}
				{own && (
					<polyline
						points={own.map(([t, h]) => `${t * perSecond},${floor - h * perMetre}`).join(" ")}
						stroke="var(--brass-deep)"
						strokeWidth={3.5}
					/>
				)}
			</g>
			<path d={`M${needle} 8 V${height - 12}`} stroke="var(--ember)" strokeWidth={3} />
			<path d={`M${needle - 8} 4 h16 l-8 12 Z`} fill="var(--ember)" />
			<g
				fontSize={width < 900 ? 14.5 : 13}
				fill="var(--ink)"
				stroke="var(--paper)"
				strokeWidth={4}
				paintOrder="stroke"
				textAnchor="end"
			>
				<text x={width - 8} y={floor - tall - 6}>
					{work.liftText}
				</text>
				<text x={width - 8} y={floor - 6}>
					{work.floorText}
				</text>
			</g>
		</svg>
	);
}

interface Running {
	band: RefObject<SVGGElement | null>;
	work: WorkData;
	trainer: Trainer;
	perSecond: number;
	/** Where the needle stands. */
	needle: number;
	raise: Props["raise"];
}

/** Moves the band and the lure with the time that is kept; with reduced motion only when the count goes on. */
function useRunning({ band, work, trainer, perSecond, needle, raise }: Running): void {
	const { running, now } = trainer;
	useEffect(() => {
		if (!running) return;
		const cycle = cycleOf(work);
		const calm = isCalm();
		let frame = 0;
		const step = () => {
			const seconds = Math.max(0, now() ?? 0);
			const at = (calm ? Math.floor(seconds) : seconds) % cycle;
			band.current?.setAttribute("transform", `translate(${needle - at * perSecond} 0)`);
			raise.current?.(heightAt(work.ribbon, at));
			frame = requestAnimationFrame(step);
		};
		frame = requestAnimationFrame(step);
		return () => {
			cancelAnimationFrame(frame);
			band.current?.setAttribute("transform", `translate(${needle} 0)`);
			raise.current?.(0);
		};
	}, [band, work, running, now, perSecond, needle, raise]);
}
