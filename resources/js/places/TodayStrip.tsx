import { useMemo } from "react";
import { Button } from "../parts/Button";
import { through } from "../parts/path";
import { say, timeOf } from "../parts/words";
import type { SpanData, TodayData } from "../types";

interface Props {
	today: TodayData;
	/** Without words, for where there is little room. */
	short?: boolean;
	/** Takes the light that sun and cloud make, where it is not what is read. */
	onLight?: ((light: string) => void) | null;
	/** Takes what the forecast says. */
	onForecast?: ((readings: Record<string, string>) => void) | null;
}

const wide = 300;

/** How bright each light is drawn: night as the deep, dim as dusk, bright as paper. */
const shades: Record<string, string> = {
	"": "var(--water-deep)",
	dim: "var(--water-mid)",
	mixed: "var(--water-top)",
	bright: "var(--brass-pale)",
};

/** The day as a strip: its light, its tide over it, what is worth most in brass, and now. */
export function TodayStrip({ today, short = false, onLight, onForecast }: Props) {
	const tall = short ? 24 : 40;
	const day = useMemo(() => dayOf(today), [today]);
	const now = day.share(Date.now());
	const tidal = today.worth.filter((span) => span.what !== "dim");
	return (
		<div>
			{!short && <p className="text-[15px]">{sentence(today)}</p>}
			<svg
				viewBox={`0 0 ${wide} ${tall + 16}`}
				role="img"
				aria-label={sentence(today)}
				className={`block w-full ${short ? "max-w-[420px]" : "mt-1.5 max-w-[560px]"}`}
			>
				{today.light.map((span) => (
					<rect
						key={span.from}
						x={wide * day.share(Date.parse(span.from))}
						width={Math.max(0, wide * (day.share(Date.parse(span.to)) - day.share(Date.parse(span.from))))}
						y="0"
						height={tall}
						fill={shades[span.what] ?? "var(--rule)"}
					/>
				))}
				{today.tide.length > 1 && (
					<path d={curve(today.tide, tall)} fill="none" stroke="#10222B" strokeWidth="3.5" strokeOpacity="0.55" />
				)}
				{today.tide.length > 1 && <path d={curve(today.tide, tall)} fill="none" stroke="#FBFCFA" strokeWidth="1.8" />}
				{today.worth.map((span) => (
					<rect
						key={`${span.from} ${span.what}`}
						x={wide * Math.max(0, day.share(Date.parse(span.from)))}
						width={Math.max(0, wide * (day.share(Date.parse(span.to)) - Math.max(0, day.share(Date.parse(span.from)))))}
						y={span.what === "dim" ? tall - 2.5 : 0}
						height="2.5"
						fill="var(--brass)"
					>
						<title>{`${span.what} ${spanned(span)}`}</title>
					</rect>
				))}
				{now >= 0 && now <= 1 && <path d={`M${wide * now} -2 V${tall + 3}`} stroke="var(--ember)" strokeWidth="3" />}
				{labels(today).map((at) => (
					<text
						key={at}
						x={Math.min(wide - 14, Math.max(14, wide * day.share(Date.parse(at))))}
						y={tall + 13}
						textAnchor="middle"
						fontSize="11"
						fill="var(--ink)"
					>
						{timeOf(at)}
					</text>
				))}
			</svg>
			{!short && today.turns.length > 0 && (
				<p className="pt-1 text-[14px]">
					{today.turns.map((turn) => `${turn.kind} ${timeOf(turn.at)}, ${turn.height}`).join(" · ")}
				</p>
			)}
			{!short && tidal.length > 0 && (
				<p className="pt-1 text-[14px]">{tidal.map((span) => `${span.what} ${spanned(span)}`).join(" · ")}</p>
			)}
			{today.runs && <p className="pt-1 text-[14px] font-semibold">{today.runs}.</p>}
			{!short && today.forecast && (
				<p className="pt-1.5 text-[14px] text-slate">
					{today.forecast}.{" "}
					{onForecast && (
						<Button size="inline" className="no-print" onClick={() => onForecast(today.proposes)}>
							Take these readings
						</Button>
					)}
				</p>
			)}
			{onLight && today.lightNow && (
				<p className="text-[14px]">
					{say("Sun and cloud make it {lightNow}. ", { lightNow: today.lightNow })}
					<Button size="inline" onClick={() => onLight(today.lightNow ?? "")}>
						Read it so
					</Button>
				</p>
			)}
		</div>
	);
}

function dayOf(today: TodayData) {
	const [from, to] = [Date.parse(today.from), Date.parse(today.to)];
	return { share: (at: number) => (at - from) / (to - from) };
}

function curve(heights: number[], tall: number): string {
	const [low, high] = [Math.min(...heights), Math.max(...heights)];
	return through(
		heights.map((height, i) => [
			(wide * i) / (heights.length - 1),
			tall - 4 - ((height - low) / Math.max(0.1, high - low)) * (tall - 8),
		]),
	);
}

/** Sunrise and sunset; where the sun does neither, nothing. */
function labels(today: TodayData): string[] {
	return [today.sunrise, today.sunset].filter((at): at is string => at !== null);
}

/** "Dim 7:05 to 7:40 and 16:20 to 17:01; broken cloud." */
function sentence(today: TodayData): string {
	const dim = today.light.filter((span) => span.what === "dim");
	const light =
		dim.length === 0
			? today.light.some((span) => span.what !== "")
				? "No dim light today"
				: "The sun does not rise today"
			: say("Dim {hours}", { hours: dim.map(spanned).join(" and ") });
	return `${light}; ${today.sky}.`;
}

function spanned(span: SpanData): string {
	return say("{from} to {to}", { from: timeOf(span.from), to: timeOf(span.to) });
}
