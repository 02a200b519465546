import type { Moved, TiedOn } from "../outbox/offlineActions";
import type { EventData, OutingData, TallyData } from "../types";

/** The outing with something else on a rod, which is then in hand. */
export function tiedOn(outing: OutingData, deed: TiedOn): OutingData {
	const rod = deed.rod ?? outing.rods.find((one) => one.inHand)?.uuid ?? null;
	const on = (tally: TallyData | null) => tally && { ...tally, tiedAt: deed.at };
	const rods = outing.rods.map((one) =>
		one.uuid === rod
			? {
					...one,
					tied: deed.words,
					way: deed.way,
					setup: deed.id,
					quietSince: deed.at,
					tally: on(one.tally),
				}
			: one,
	);
	const tied = {
		...outing,
		rods,
		tally: { ...outing.tally, tiedAt: deed.at },
		setup: deed.id,
		title: deed.words,
		subtitle: deed.way,
	};
	return rod === null ? tied : inHand({ ...outing, rods }, rod);
}

/** What is on the rods is fished at the new spot from then on: what they did before counts there no more. */
export function moved(outing: OutingData, deed: Moved): OutingData {
	const rods = outing.rods.map((one) =>
		one.setup
			? {
					...one,
					setup: deed.setups[one.uuid] ?? one.setup,
					quietSince: deed.at,
					tally: one.tally && { ...one.tally, tiedAt: deed.at },
				}
			: one,
	);
	const mine = rods.find((one) => one.inHand);
	const temp = outing.water.split(" · ")[1];
	return {
		...outing,
		rods,
		setup: mine ? mine.setup : outing.setup,
		tally: outing.setup ? { ...outing.tally, tiedAt: deed.at } : outing.tally,
		place: deed.words,
		spot: deed.spot,
		water: [deed.depth, deed.words.split(" · ")[1] === outing.place.split(" · ")[1] ? temp : ""]
			.filter(Boolean)
			.join(" · "),
		move: null,
	};
}

export function inHand(outing: OutingData, rod: string): OutingData {
	const taken = outing.rods.find((one) => one.uuid === rod);
	if (!taken) return outing;
	return {
		...outing,
		rods: outing.rods.map((one) => ({ ...one, inHand: one === taken })),
		setup: taken.setup,
		title: taken.tied || "Nothing on this rod",
		subtitle: taken.way,
		tally: taken.tally ?? outing.tally,
	};
}

/** A lure stayed down: nothing is on its rod, unless something else was tied on since. */
export function takenOff(outing: OutingData, { rod, at }: EventData): OutingData {
	const bare = outing.rods.find((one) => one.uuid === rod);
	const tiedAt = bare?.tally?.tiedAt ?? outing.tally.tiedAt;
	if (!bare?.setup || (tiedAt !== null && Date.parse(tiedAt) > Date.parse(at))) return outing;
	const off = { ...bare, setup: null, tied: "", way: "", quietSince: null };
	const after = { ...outing, rods: outing.rods.map((one) => (one === bare ? off : one)) };
	return bare.inHand ? inHand(after, off.uuid) : after;
}
