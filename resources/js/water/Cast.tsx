import { useState } from "react";
import { Bottom } from "../drop/Bottom";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { Trouble } from "../parts/Notice";
import { through } from "../parts/path";
import { useAsk } from "../parts/useAsk";
import { say } from "../parts/words";
import type { Live } from "../readings/useAnswer";
import type { CastData, PickData, PointData } from "../types";

/** A cast from the side, to scale: the swing or the carry, and where to aim. */
export default function Cast({ live, pick, depthUnit }: { live: Live; pick: PickData; depthUnit: string }) {
	// As one casts today, to try others from there.
	const read = (name: string) => live.answer.readings[name]?.text;
	const [length, setLength] = useState(read("cast") || (depthUnit === "m" ? "25 m" : "80 ft"));
	const [bail, setBail] = useState(read("bail") || "open");
	const { answer: cast, trouble } = useAsk<CastData>(`/cast?${new URLSearchParams({ length, bail, pick: pick.key })}`, {
		again: live.answer,
	});
	return (
		<div>
			<div className="flex flex-wrap items-end gap-x-6">
				<div className="w-[220px]">
					<Field label="Cast" value={length} onChange={(event) => setLength(event.target.value)} />
				</div>
				<div className="pb-4">
					<Choice
						label="Bail"
						value={bail}
						onChange={setBail}
						options={[
							["closed", "closed, tight line"],
							["open", "open, free line"],
						]}
					/>
				</div>
			</div>
			<Trouble words={trouble} className="pb-2" />
			{cast && !trouble && (
				<>
					<h2 className="text-[21px]">{cast.aim}</h2>
					<p className="mt-1 first-letter:uppercase">{cast.numbers.join(", ")}.</p>
					<SideView cast={cast} bottom={live.answer.column.bottom} />
					{cast.work && <p className="text-[15px]">{cast.work}</p>}
					<p className="mt-1 text-[14px] text-slate">
						{say("For the {spoken}, from the rod. Estimates until a drop is timed.", { spoken: pick.spoken })}
					</p>
				</>
			)}
		</div>
	);
}

function SideView({ cast, bottom }: { cast: CastData; bottom: string | null }) {
	const [width, height, left, surface] = [880, 262, 46, 34];
	const far = Math.max(cast.lengthM, ...cast.path.map((point) => point.x)) * 1.06;
	const scale = Math.min((width - left - 20) / far, (height - surface - 44) / cast.depthM);
	const floor = surface + cast.depthM * scale;
	const x = (point: PointData) => left + point.x * scale;
	const y = (point: PointData) => floor - point.h * scale;
	const end = cast.path.at(-1);
	return (
		<svg
			viewBox={`0 0 ${width} ${height}`}
			className="my-2 w-full"
			role="img"
			aria-label={`${cast.aim}. ${cast.numbers.join(", ")}.`}
		>
			<rect width={width} height={surface} fill="var(--sky)" />
			<rect y={surface} width={width} height={floor - surface} fill="var(--water-mid)" />
			<Bottom
				kind={bottom}
				width={width}
				top={floor}
				height={height - floor}
				wall={false}
				surface={surface}
				side={-1}
			/>
			<path d={`M 2 ${surface - 9} h 38 l -6 12 h -26 Z`} fill="var(--hull)" />
			<path d={`M 30 ${surface - 10} L ${left} ${surface - 24}`} stroke="var(--ember)" strokeWidth="3" />
			<path
				d={through(cast.path.map((point) => [x(point), y(point)]))}
				fill="none"
				stroke="#FBFCFA"
				strokeWidth="2"
				strokeDasharray="7 5"
			/>
			{end && <path d={`M ${left} ${surface - 24} L ${x(end)} ${y(end)}`} stroke="var(--brass)" strokeWidth="1.5" />}
			<path
				d={`M ${left + cast.lengthM * scale} ${surface - 14} v 14 m -5 -5 l 5 5 l 5 -5`}
				stroke="var(--ink)"
				strokeWidth="2"
				fill="none"
			/>
			<text x={left + cast.lengthM * scale} y={surface - 19} textAnchor="middle" fontSize="13" fill="var(--ink)">
				cast
			</text>
			{end && (
				<g>
					<path d={`M ${x(end)} ${floor - 8} l 8 8 l -8 8 l -8 -8 Z`} fill="#E9C66A" stroke="#10222B" />
					<text
						x={x(end)}
						y={floor + 26}
						textAnchor="middle"
						fontSize="13"
						fill="#10222B"
						stroke="#FBFCFA"
						strokeWidth="3"
						paintOrder="stroke"
					>
						{say("lands {landsText} out", { landsText: cast.landsText })}
					</text>
				</g>
			)}
		</svg>
	);
}
