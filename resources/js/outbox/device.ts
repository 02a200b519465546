import Dexie, { type EntityTable } from "dexie";
import type { OfflineAction } from "./offlineActions";

/** What is kept on this device, each row for one angler only. */
export interface Kept {
	/** Counts up: the order in which things were done here. */
	no: number;
	angler: number;
	deed: OfflineAction;
	/** ms that the server's clock was thought to be ahead as it was done. */
	ahead?: number;
	/** Whether that was sure; what is not is put right when it is sent. */
	sure?: boolean;
}

/** What the server did not take, with its reason; kept until it is mended or let go. */
export interface Turned {
	id: string;
	angler: number;
	deed: OfflineAction;
	why: string;
	/** The field at fault. */
	because?: string;
}

/** What the server said last, by what it is about. */
export interface Said {
	key: string;
	angler: number;
	about: string;
	asOf: string;
	answer: unknown;
}

/** An outing that is taken away, and for which things wait. */
export interface Away {
	outing: string;
	place: string;
}

/** Where a phone was in the last minutes of an outing, until they go in line with what was done. */
export interface TrackBegun {
	id: string;
	angler: number;
	outing: string;
	/** ms of the last of them. */
	until: number;
	fixes: { at: number; lat: number; lon: number }[];
}

/** What a picture holds that waits here: beside what was done, so that who lists that reads none of it. */
export interface PictureKept {
	id: string;
	angler: number;
	/** ms at which it was kept. */
	at: number;
	bytes: Uint8Array;
}

class Device extends Dexie {
	deeds!: EntityTable<Kept, "no">;
	turned!: EntityTable<Turned, "id">;
	said!: EntityTable<Said, "key">;
	tracks!: EntityTable<TrackBegun, "id">;
	pictures!: EntityTable<PictureKept, "id">;

	constructor(name: string) {
		// What is logged is the angler's only copy: it is written through before it counts as kept.
		super(name, { chromeTransactionDurability: "strict" });
		this.version(1).stores({ deeds: "++no, angler", turned: "id, angler", said: "key, angler" });
		this.version(2).stores({ tracks: "id, angler" });
		this.version(3).stores({ pictures: "id, angler" });
	}
}

let open: Device | null = null;

/** The database of this browser. */
export function device(): Device {
	open ??= new Device("eskith");
	return open;
}

/** Nothing that was seen stays for the next who signs in; what is not sent yet stays for who did it. */
export async function forgetSaid(): Promise<void> {
	await device().said.clear();
}

/** ms for which what the server said is of use without a connection. */
const OF_USE = 3 * 86_400_000;

/** Lets go of what was said days ago: a phone has little room. */
export async function forgetOld(angler: number): Promise<void> {
	const since = new Date(Date.now() - OF_USE).toISOString();
	await device()
		.said.where({ angler })
		.filter((row) => row.asOf < since)
		.delete();
}

/** Keeps what the server said; what cannot be kept is seen again when the server is. */
export async function keepSaid(angler: number, about: string, asOf: string, answer: unknown): Promise<void> {
	await device()
		.said.put({ key: `${angler} ${about}`, angler, about, asOf, answer })
		.catch(() => {});
}

export async function said<T>(angler: number, about: string): Promise<{ asOf: string; answer: T } | null> {
	const found = await device()
		.said.get(`${angler} ${about}`)
		.catch(() => undefined);
	return found ? { asOf: found.asOf, answer: found.answer as T } : null;
}

const AWAY = "away ";

/** Keeps that an outing is taken away, or that it is not any more. */
export async function keepAway(angler: number, outing: string, place: string | null): Promise<void> {
	if (place === null)
		await device()
			.said.delete(`${angler} ${AWAY}${outing}`)
			.catch(() => {});
	else await keepSaid(angler, `${AWAY}${outing}`, new Date().toISOString(), { outing, place } satisfies Away);
}

/** The outings that were said to be taken away. */
export async function away(angler: number): Promise<Away[]> {
	const rows = await device()
		.said.where("key")
		.startsWith(`${angler} ${AWAY}`)
		.toArray()
		.catch(() => []);
	return rows.map((row) => row.answer as Away);
}
