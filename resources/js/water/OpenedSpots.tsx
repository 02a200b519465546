import { router } from "@inertiajs/react";
import { Select } from "radix-ui";
import { styleNonce } from "../parts/nonce";
import type { PlaceData } from "../types";

interface Props {
	places: PlaceData[];
	spotId: number | null;
	className: string;
}

/** The spots by their waters, open from the start. */
export default function OpenedSpots({ places, spotId, className }: Props) {
	return (
		<Select.Root
			defaultOpen
			value={spotId === null ? "" : `${spotId}`}
			onValueChange={(id) => router.put(`/spots/${id}/here`, {}, { preserveScroll: true })}
		>
			<Select.Trigger aria-label="Water and spot" className={className}>
				<Select.Value placeholder="Which water and spot?" />
				<Select.Icon aria-hidden="true">▾</Select.Icon>
			</Select.Trigger>
			<Select.Portal>
				<Select.Content
					position="popper"
					className="z-30 max-h-[60dvh] overflow-y-auto rounded-md border border-slate bg-paper p-1 text-ink"
				>
					<Select.Viewport nonce={styleNonce()}>
						{places.map((place) => (
							<Select.Group key={place.water}>
								<Select.Label className="px-3 pt-2 text-[14px] text-slate">{place.water}</Select.Label>
								{place.spots.map((spot) => (
									<Select.Item
										key={spot.id}
										value={`${spot.id}`}
										className="flex min-h-11 cursor-pointer items-center justify-between gap-6 rounded-md px-3
											data-[highlighted]:bg-ink data-[highlighted]:text-frost"
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
	);
}
