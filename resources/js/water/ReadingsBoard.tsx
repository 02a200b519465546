import { router } from "@inertiajs/react";
import { Select } from "radix-ui";
import { useRef, useState } from "react";
import { Field } from "../parts/Field";
import { Sheet } from "../parts/Sheet";
import { useAge } from "../parts/useAge";
import { ReadingCell } from "../readings/ReadingCell";
import type { Live } from "../readings/useAnswer";
import type { PlaceData, ReadingData } from "../types";

const groups: [string, string[]][] = [
	["Water", ["temp", "surface", "trend", "clarity", "salt"]],
	["Depth", ["depth", "bottom", "wall", "level", "level_trend"]],
	["Movement", ["wind", "drift", "flow", "current", "calm"]],
	["Signs", ["light", "weed", "bait", "birds", "food"]],
	["Fish", ["species", "zone", "mood", "pressured", "marks"]],
	["Work", ["how", "hop", "away", "cone"]],
	["Care", ["ice", "weir"]],
];

interface Props {
	live: Live;
	places: PlaceData[];
	spotId: number | null;
}

/** Every reading, each with where it comes from and when. */
export function ReadingsBoard({ live, places, spotId }: Props) {
	const board = useRef<HTMLDivElement>(null);
	const age = useAge();
	const names = groups.flatMap(([, group]) => group);
	const move = (from: string, by: number) => {
		const next = names[(names.indexOf(from) + by + names.length) % names.length];
		board.current?.querySelector<HTMLButtonElement>(`[data-reading="${next}"]`)?.focus();
	};
	return (
		<div ref={board}>
			<Where places={places} spotId={spotId} />
			{groups.map(([title, group]) => (
				<section key={title} aria-label={title} className="grid border-t border-rule lg:grid-cols-[92px_minmax(0,1fr)]">
					<h2 className="figure self-center pt-2 text-[16px] text-slate lg:pt-0">{title}</h2>
					<div className="grid grid-cols-2 lg:grid-cols-5">
						{group
							.map((name) => live.answer.readings[name])
							.filter((reading): reading is ReadingData => reading !== undefined)
							.map((reading) => (
								<ReadingCell
									key={reading.name}
									reading={reading}
									live={live}
									onMove={(by) => move(reading.name, by)}
									age={reading.readAt ? `${reading.sourceWords}, ${age(reading.readAt)}` : reading.sourceWords}
								/>
							))}
					</div>
				</section>
			))}
			{live.answer.signs.length > 0 && (
				<ul aria-live="polite" className="border-t border-rule py-2">
					{live.answer.signs.map((sign) => (
						<li key={sign}>{sign}</li>
					))}
				</ul>
			)}
			<p className="border-t border-rule pt-2 text-[14px] text-slate">
				Arrow keys change a reading by a step and move to the next; Enter or a tap opens it to type or choose. What is
				not read stays out of the reckoning.
			</p>
		</div>
	);
}

/** Which water and which spot; what is known of it becomes today's. */
function Where({ places, spotId }: { places: PlaceData[]; spotId: number | null }) {
	const [naming, setNaming] = useState(false);
	const [names, setNames] = useState({ water: "", spot: "" });
	const [troubles, setTroubles] = useState<Record<string, string>>({});
	return (
		<div className="flex flex-wrap items-center gap-3 pb-2">
			<Select.Root
				value={spotId === null ? "" : `${spotId}`}
				onValueChange={(id) => router.put(`/spots/${id}/here`, {}, { preserveScroll: true })}
			>
				<Select.Trigger
					aria-label="Water and spot"
					className="flex min-h-12 min-w-[260px] items-center justify-between gap-3 rounded-md border-2 border-slate bg-paper px-3 text-left font-semibold"
				>
					<Select.Value placeholder="Which water and spot?" />
					<Select.Icon aria-hidden="true">▾</Select.Icon>
				</Select.Trigger>
				<Select.Portal>
					<Select.Content
						position="popper"
						className="z-30 max-h-[60dvh] overflow-y-auto rounded-md border border-slate bg-paper p-1 text-ink"
					>
						<Select.Viewport>
							{places.map((place) => (
								<Select.Group key={place.water}>
									<Select.Label className="px-3 pt-2 text-[14px] text-slate">{place.water}</Select.Label>
									{place.spots.map((spot) => (
										<Select.Item
											key={spot.id}
											value={`${spot.id}`}
											className="flex min-h-11 cursor-pointer items-center justify-between gap-6 rounded-md px-3 data-[highlighted]:bg-ink data-[highlighted]:text-frost"
										>
											<Select.ItemText>{spot.name}</Select.ItemText>
											<span className="text-[14px]">{spot.words}</span>
										</Select.Item>
									))}
								</Select.Group>
							))}
						</Select.Viewport>
					</Select.Content>
				</Select.Portal>
			</Select.Root>
			<button
				type="button"
				onClick={() => setNaming(true)}
				className="min-h-12 font-semibold underline underline-offset-4"
			>
				Keep this as a spot
			</button>
			<Sheet
				open={naming}
				onOpenChange={setNaming}
				title="Keep this as a spot"
				says="With today's depth, bottom and water."
			>
				<form
					onSubmit={(event) => {
						event.preventDefault();
						router.post("/spots", names, {
							preserveScroll: true,
							onError: setTroubles,
							onSuccess: () => {
								setTroubles({});
								setNaming(false);
							},
						});
					}}
				>
					<Field
						label="Water"
						data-first
						value={names.water}
						trouble={troubles.water}
						onChange={(event) => setNames({ ...names, water: event.target.value })}
					/>
					<Field
						label="Spot"
						value={names.spot}
						trouble={troubles.spot}
						onChange={(event) => setNames({ ...names, spot: event.target.value })}
					/>
					<button type="submit" className="figure min-h-12 w-full rounded-md bg-ember text-on-ember">
						Keep it
					</button>
				</form>
			</Sheet>
		</div>
	);
}
