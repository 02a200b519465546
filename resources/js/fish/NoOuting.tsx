import { router } from "@inertiajs/react";
import { useState } from "react";
import { Button, ButtonLink } from "../parts/Button";
import { newId } from "../parts/send";
import { say } from "../parts/words";
import { useNearestSpot } from "../phone/useNearestSpot";
import { usePosition } from "../phone/usePosition";
import type { OptionData } from "../types";
import { JoinCrew } from "./JoinCrew";

/** Between outings: how one begins, and which can be gone on with. */
export function NoOuting({ reopen, takenAway }: { reopen: OptionData | null; takenAway: OptionData | null }) {
	const { fix } = usePosition();
	const near = useNearestSpot(fix, null);
	const [taken, setTaken] = useState<number | null>(null);
	const fish = (spot: number) =>
		router.put(`/spots/${spot}/here`, {}, { preserveScroll: true, onSuccess: () => setTaken(spot) });
	const start = () => {
		const uuid = newId();
		router.post(
			"/outings",
			{ uuid },
			{
				onNetworkError: () => {
					void import("../outbox/day").then(({ beginHere }) => beginHere(uuid));
					return false;
				},
			},
		);
	};
	return (
		<div className="max-w-[56ch] px-4 py-6 lg:px-7">
			<h1 className="text-[25px]">No outing is under way</h1>
			<p className="mt-2 text-slate">Choose what to tie on and the outing starts. Log drops, bites and fish here.</p>
			<div className="mt-5 flex flex-wrap gap-3">
				<ButtonLink href="/lure" look="next" size="big">
					Choose a lure
				</ButtonLink>
				<Button look="strong" size="big" onClick={start}>
					Start with nothing on yet
				</Button>
			</div>
			<div className="mt-3 flex flex-wrap gap-x-5 gap-y-3">
				{reopen && (
					<Button look="plain" size="big" onClick={() => router.delete(`/outings/${reopen.value}/end`)}>
						{say("Go on with {word}", { word: reopen.word })}
					</Button>
				)}
				{takenAway && (
					<Button look="plain" size="big" onClick={() => router.put(`/outings/${takenAway.value}/back`)}>
						{say("Bring back {word}", { word: takenAway.word })}
					</Button>
				)}
				<ButtonLink href="/outings" look="plain" size="big">
					Past outings
				</ButtonLink>
			</div>
			{near && near.spot !== taken && (
				<p className="mt-4">
					{say("You’re {away} from {name}. ", { away: near.away, name: near.name })}
					<Button look="strong" onClick={() => fish(near.spot)}>
						Fish this spot
					</Button>
				</p>
			)}
			<JoinCrew />
		</div>
	);
}
