import { SURE_M } from "../figures";
import { device, type TrackBegun } from "../outbox/device";
import { outboxOf } from "../outbox/wire";
import { now } from "../parts/clock";
import { newId } from "../parts/send";
import { type PhoneFix, watchPosition } from "./position";

/** ms between two places that are kept, and between two writes to the device: both cost battery. */
const APART = 1_000;
const WRITTEN = 10_000;

/** ms after which what was kept goes in line with what was done. */
const LONGEST = 600_000;

/** ms after which nothing writes on what another page began. */
const LEFT = 60_000;

/**
 * Keeps where the boat goes in an outing, while this phone says where it is and a page shows it; gives back how to stop. What a
 * page left behind as it was closed at once goes in line now.
 */
export function followTrack(angler: number, outing: string): () => void {
	let part: TrackBegun | null = null;
	let written = 0;
	const inLine = (done: TrackBegun | null) => void (done && putInLine(done).catch(() => {}));
	const hear = ({ at, lat, lon, accuracy }: PhoneFix) => {
		if (accuracy > SURE_M || (part && at - part.until < APART)) return;
		if (part && at - (part.fixes[0]?.at ?? at) > LONGEST) {
			inLine(part);
			part = null;
		}
		part ??= { id: newId(), angler, outing, until: at, fixes: [] };
		part.fixes.push({ at, lat, lon });
		part.until = at;
		if (at - written < WRITTEN) return;
		written = at;
		// What cannot be written lasts as long as the page.
		void device()
			.tracks.put(part)
			.catch(() => {});
	};
	void putLeftInLine(angler).catch(() => {});
	const stop = watchPosition(({ fix }) => fix && hear(fix));
	return () => {
		stop();
		inLine(part);
		part = null;
	};
}

async function putLeftInLine(angler: number): Promise<void> {
	const all = await device().tracks.where({ angler }).toArray();
	for (const part of all) if (now() - part.until > LEFT) await putInLine(part);
}

/** In line first: kept twice it is one, by its id. */
async function putInLine({ id, angler, outing, fixes }: TrackBegun): Promise<void> {
	const [first, second] = fixes;
	const outbox = outboxOf(angler);
	// One place alone is no way.
	if (first && second)
		await outbox.add({ id, outing, at: new Date(first.at).toISOString(), do: "track", fixes: fixText(fixes) });
	await device()
		.tracks.delete(id)
		.catch(() => {});
	void outbox.flush();
}

/** Whole seconds since the first and millionths of a degree north and east, each as what it differs by from the one before. */
export function fixText(fixes: TrackBegun["fixes"]): string {
	const from = fixes[0]?.at ?? 0;
	let before = [0, 0, 0];
	return fixes
		.flatMap(({ at, lat, lon }) => {
			const here = [Math.round((at - from) / 1000), Math.round(1e6 * lat), Math.round(1e6 * lon)];
			const on = here.map((value, i) => value - (before[i] ?? 0));
			before = here;
			return on;
		})
		.join(",");
}
