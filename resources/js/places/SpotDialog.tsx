import { router, useForm } from "@inertiajs/react";
import { Suspense, useState } from "react";
import { Button } from "../parts/Button";
import { Check } from "../parts/Check";
import { Dialog } from "../parts/Dialog";
import { FormField } from "../parts/FormField";
import { Trouble } from "../parts/Notice";
import { onDemand } from "../parts/onDemand";
import { Select } from "../parts/Select";
import { useConflictCheck } from "../parts/useConflictCheck";
import { say } from "../parts/words";
import type { OptionData, PlacedSpotData } from "../types";
import type { Point } from "./view";

const PointPhone = onDemand(async () => ({ default: (await import("../phone/PointPhone")).PointPhone }));
const SpotPictures = onDemand(async () => ({ default: (await import("../pictures/SpotPictures")).SpotPictures }));

interface Props {
	water: number;
	bottoms: OptionData[];
	/** Where a new one lies, or where this one is moved to; null leaves it where it is. */
	at: Point | null;
	spot: PlacedSpotData | null;
	/** The same as it is by now. */
	now: PlacedSpotData | null;
	/** Chooses its place on the chart. */
	onPlace: () => void;
	onDone: () => void;
}

/** A spot made on the chart, or one that is there. */
export function SpotDialog({ water, bottoms, at, spot, now, onPlace, onDone }: Props) {
	const [sure, setSure] = useState(false);
	const form = useForm({
		name: spot?.name ?? "",
		depth: spot?.depth ?? "",
		bottom: spot?.bottom ?? "rock_to_sand",
		wall: spot?.wall ?? false,
		x: at?.x ?? spot?.x ?? null,
		y: at?.y ?? spot?.y ?? null,
		position: "",
		facing: spot?.facing == null ? "" : `${Math.round(spot.facing)}°`,
	});
	const changes = useConflictCheck({ ...form.data, x: spot?.x ?? null, y: spot?.y ?? null }, spot, now);
	const keep = () => {
		const options = { preserveScroll: true, preserveState: true, onSuccess: onDone, onError: changes.onError };
		form.transform(changes.with);
		if (spot) form.put(`/spots/${spot.id}`, options);
		else form.post(`/waters/${water}/spots`, options);
	};
	const troubles: Record<string, string | undefined> = form.errors;
	return (
		<Dialog
			open
			onOpenChange={(open) => !open && onDone()}
			title={spot?.name ?? "A new spot"}
			says={spot?.position ? say("At {position}", { position: spot.position }) : undefined}
		>
			<form
				className="mt-3"
				noValidate
				onSubmit={(event) => {
					event.preventDefault();
					keep();
				}}
			>
				<FormField form={form} name="name" label="Name" placeholder="Stone mole" />
				<div className="grid gap-x-4 lg:grid-cols-2">
					<FormField form={form} name="depth" label="How deep" placeholder="26 ft" />
					<div>
						<FormField form={form} name="facing" label="You face" placeholder="60°" />
						<Suspense>
							<PointPhone
								words="Point this phone where you face"
								onPointed={({ degrees }) => form.setData("facing", degrees)}
							/>
						</Suspense>
					</div>
				</div>
				{!at && (
					<FormField
						form={form}
						name="position"
						label="Its position, where you have it in degrees"
						placeholder={spot?.position || "45.2345, -7.8765"}
					/>
				)}
				<p className="pb-1 font-semibold">Bottom</p>
				<Select
					label="Bottom"
					value={form.data.bottom}
					options={bottoms.map(({ value, word }) => [value, word] as const)}
					onChange={(bottom) => form.setData("bottom", bottom)}
					className="w-full"
				/>
				<Trouble words={form.errors.bottom ?? form.errors.x} />
				<Check checked={form.data.wall} onChange={(wall) => form.setData("wall", wall)}>
					At a steep wall
				</Check>
				<Trouble words={troubles.meanwhile} className="pb-3" />
				<Suspense>{spot && !at && <SpotPictures spot={spot.id} />}</Suspense>
				<div className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-2">
					<Button type="submit" look="next" size="normal" disabled={form.processing}>
						Keep it
					</Button>
					{spot && !at && (
						<Button size="normal" onClick={onPlace}>
							{spot.x === null ? "Put it on the chart" : "Move it on the chart"}
						</Button>
					)}
					{spot && !spot.here && (
						<Button
							look="plain"
							size="normal"
							onClick={() => router.put(`/spots/${spot.id}/here`, {}, { preserveScroll: true, onSuccess: onDone })}
						>
							Fish here
						</Button>
					)}
					{spot && (
						<Button
							look={sure ? "danger" : "aside"}
							size="normal"
							onClick={() =>
								sure
									? router.delete(`/spots/${spot.id}`, { preserveScroll: true, preserveState: true, onSuccess: onDone })
									: setSure(true)
							}
						>
							{sure ? "Delete it; its outings stay" : "Delete this spot"}
						</Button>
					)}
				</div>
			</form>
		</Dialog>
	);
}
