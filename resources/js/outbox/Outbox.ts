import { liveQuery, type Subscription } from "dexie";
import * as clock from "../parts/clock";
import type { RefusalData, TapsGo } from "../types";
import { type Away, away, device, type Kept, keepAway, type Turned } from "./device";
import { type OfflineAction, shifted } from "./offlineActions";
import { forgetFiles } from "./pictures";

/** What the server said of what it was brought: only what is named in it is settled. */
export interface Verdict {
	goes: TapsGo;
	/** Of the outing. */
	place: string;
	taken: string[];
	refused: RefusalData[];
}

/** Brings deeds of one outing to the server, in order. Throws when no verdict came back. */
export type Wire = (outing: string, deeds: OfflineAction[]) => Promise<Verdict>;

/** What there is to tell of what an angler did here. */
export interface Holding {
	/** Not confirmed, oldest first. */
	waiting: OfflineAction[];
	/** Not taken, each with its reason. */
	turned: Turned[];
	/** Taken away, while something waits for them. */
	away: Away[];
	/** How much of it this device had no room for: it is only in the open page. */
	unkept: number;
}

/** Sent at once. */
const MANY = 100;

/** ms after which an outing that is taken away is asked for again by itself. */
const PATIENT = 120_000;

/**
 * What an angler did on this device and the server has not confirmed: kept first, then sent in order, however often that
 * takes. Nothing leaves it but what the server names as taken, or what the angler lets go. Other tabs of the same browser
 * see the same.
 */
export class Outbox {
	/** What the device had no room for: kept as long as the page is. */
	private unkept: Kept[] = [];
	private unkeptTurned: Turned[] = [];
	private readonly listeners = new Set<() => void>();
	private sending: Promise<boolean> = Promise.resolve(true);
	/** By outing that is taken away: ms at which it was asked for last. */
	private readonly asked = new Map<string, number>();
	private stopped = false;

	/** @param heard waits until it is known what time it is: what is sent before that is sent at the time of a wrong clock */
	constructor(
		readonly angler: number,
		private readonly wire: Wire,
		private readonly heard: () => Promise<void> = async () => {},
	) {}

	/**
	 * False when the device has no room: it is kept as long as the page is.
	 *
	 * @param sure whether its time is right, whatever this device's clock shows
	 */
	async add(deed: OfflineAction, sure = clock.isSure()): Promise<boolean> {
		const row = { angler: this.angler, deed, ahead: clock.ahead(), sure };
		try {
			await device().deeds.add(row);
			return true;
		} catch {
			this.unkept = [...this.unkept, { ...row, no: Number.POSITIVE_INFINITY }];
			this.tell();
			return false;
		}
	}

	/** All that wait, oldest first. */
	async waiting(): Promise<OfflineAction[]> {
		return (await this.kept()).map(asDone);
	}

	async turned(): Promise<Turned[]> {
		const kept = await device()
			.turned.where({ angler: this.angler })
			.toArray()
			.catch((): Turned[] => []);
		const known = new Set(kept.map(({ id }) => id));
		return [...kept, ...this.unkeptTurned.filter(({ id }) => !known.has(id))];
	}

	async holding(): Promise<Holding> {
		const [rows, turned, gone] = await Promise.all([this.kept(), this.turned(), away(this.angler)]);
		const outings = new Set(rows.map(({ deed }) => deed.outing));
		return {
			waiting: rows.map(asDone),
			turned,
			away: gone.filter(({ outing }) => outings.has(outing)),
			unkept: this.unkept.length + this.unkeptTurned.length,
		};
	}

	/** Lets go of what was not taken, for good. */
	async letGo(ids: string[]): Promise<void> {
		await device().turned.bulkDelete(ids);
		await this.inLine(ids).delete();
		await forgetFiles(ids);
		this.forgetHere(ids);
		this.tell();
	}

	private forgetHere(ids: string[]): void {
		this.unkeptTurned = this.unkeptTurned.filter(({ id }) => !ids.includes(id));
		this.unkept = this.unkept.filter(({ deed }) => !ids.includes(deed.id));
	}

	/** Rows of these that still stand in line: there was no room for the reason why they were not taken. */
	private inLine(ids: string[]) {
		return device()
			.deeds.where({ angler: this.angler })
			.filter(({ deed }) => ids.includes(deed.id));
	}

	/** Puts back in line what was not taken, mended or for another outing; it is sent with the rest. */
	async sendAgain(ids: string[], mend: (deed: OfflineAction) => OfflineAction = (deed) => deed): Promise<void> {
		const wanted = (await this.turned()).filter(({ id }) => ids.includes(id));
		// It has been told what time it was: nothing is put right once more.
		const rows = wanted.map(({ deed }) => ({
			angler: this.angler,
			deed: mend(deed),
			ahead: clock.ahead(),
			sure: true,
		}));
		this.forgetHere(ids);
		const { deeds, turned } = device();
		try {
			await device().transaction("rw", deeds, turned, async () => {
				// The old one goes as the new one comes: it is the only copy.
				await this.inLine(ids).delete();
				await deeds.bulkAdd(rows);
				await turned.bulkDelete(ids);
			});
		} catch {
			this.unkept = [...this.unkept, ...rows.map((row) => ({ ...row, no: Number.POSITIVE_INFINITY }))];
			await turned.bulkDelete(ids).catch(() => {});
		}
		this.tell();
	}

	/** Tells what there is, now and whenever that changes, in any tab. */
	watch(tell: (holding: Holding) => void): () => void {
		let closed = false;
		const look = async () => {
			const holding = await this.holding();
			if (!closed) tell(holding);
		};
		const again = () => void look();
		this.listeners.add(again);
		const subscription: Subscription = liveQuery(() => this.holding()).subscribe({ next: again, error: again });
		return () => {
			closed = true;
			this.listeners.delete(again);
			subscription.unsubscribe();
		};
	}

	/** Nothing is sent from now on: somebody signs out. */
	stop(): void {
		this.stopped = true;
	}

	/** Sends again after a stop. */
	resume(): void {
		this.stopped = false;
	}

	/**
	 * Sends all that waits; false when some of it could not be sent. One tab at a time, and one sending after the other.
	 *
	 * @param asked whether somebody asks for it: then outings that were taken away are tried too
	 */
	flush(asked = false): Promise<boolean> {
		if (asked) this.asked.clear();
		this.sending = this.sending.then(() => inTurn(`send ${this.angler}`, () => this.send())).catch(() => false);
		return this.sending;
	}

	private async send(): Promise<boolean> {
		const held = new Set<string>();
		for (const [outing, at] of this.asked) if (Date.now() - at < PATIENT) held.add(outing);
		for (;;) {
			const batch = this.stopped ? [] : await this.batch(held);
			const outing = batch[0]?.deed.outing;
			if (outing === undefined) return !this.stopped && held.size === 0;
			try {
				await this.heard();
				const verdict = await this.wire(outing, batch.map(asDone));
				if (verdict.goes === "stranger") return false;
				if (verdict.goes === "away") {
					held.add(outing);
					this.asked.set(outing, Date.now());
					await keepAway(this.angler, outing, verdict.place);
					this.tell();
				} else {
					await keepAway(this.angler, outing, null);
					// What names nothing of it settles nothing.
					if ((await this.settle(batch, verdict)) === 0) return false;
				}
			} catch {
				return false;
			}
		}
	}

	/** Those at the head that go together: of one outing that is not held. Pictures go last and alone: a slow line takes long over one. */
	private async batch(held: Set<string>): Promise<Kept[]> {
		const told = new Set(this.unkeptTurned.map(({ id }) => id));
		const goes = ({ deed }: Kept) => !held.has(deed.outing) && !told.has(deed.id);
		const all = await this.kept(MANY, (row) => goes(row) && row.deed.do !== "picture");
		if (all.length === 0) return this.kept(1, goes);
		const other = all.findIndex(({ deed }) => deed.outing !== all[0]?.deed.outing);
		return other === -1 ? all : all.slice(0, other);
	}

	/** How many of them the verdict names. */
	private async settle(batch: Kept[], { taken, refused }: Verdict): Promise<number> {
		const [known, why] = [new Set(taken), new Map(refused.map((one) => [one.id, one]))];
		const gone = batch.filter(({ deed }) => known.has(deed.id));
		const turned = batch.flatMap((row): Turned[] => {
			const refusal = known.has(row.deed.id) ? undefined : why.get(row.deed.id);
			if (!refusal) return [];
			return [{ id: row.deed.id, angler: row.angler, deed: asDone(row), why: refusal.why, because: refusal.because }];
		});
		const named = new Set([...gone.map(({ deed }) => deed.id), ...turned.map(({ id }) => id)]);
		const rows = (of: Kept[]) => of.map(({ no }) => no).filter(Number.isFinite);
		const { deeds, turned: all } = device();
		this.unkept = this.unkept.filter(({ deed }) => !known.has(deed.id));
		await deeds.bulkDelete(rows(gone)).catch(() => {
			// What stays is sent once more, which changes nothing.
			if (rows(gone).length > 0) throw new Error("The device lets nothing go.");
		});
		await forgetFiles(picturesAmong(gone));
		if (turned.length > 0)
			await device()
				.transaction("rw", deeds, all, async () => {
					await all.bulkPut(turned);
					await deeds.bulkDelete(rows(batch.filter(({ deed }) => why.has(deed.id))));
				})
				.then(() => {
					this.unkept = this.unkept.filter(({ deed }) => !why.has(deed.id));
				})
				.catch(() => {
					// No room for the reason: it stays in line on the device, and is told from here.
					this.unkeptTurned = [...this.unkeptTurned, ...turned];
				});
		this.tell();
		return named.size;
	}

	private async kept(most?: number, which: (row: Kept) => boolean = () => true): Promise<Kept[]> {
		const rows = device().deeds.where({ angler: this.angler }).filter(which);
		const kept = await (most ? rows.limit(most) : rows).toArray().catch((): Kept[] => []);
		return [...kept, ...this.unkept.filter(which)].slice(0, most);
	}

	private tell(): void {
		for (const one of this.listeners) one();
	}
}

/** A deed at the time at which it was done, as it is known by now. */
function asDone({ deed, ahead, sure }: Kept): OfflineAction {
	return ahead === undefined || sure || !clock.isSure() ? deed : shifted(deed, clock.ahead() - ahead);
}

const picturesAmong = (rows: Kept[]) => rows.flatMap(({ deed }) => (deed.do === "picture" ? [deed.id] : []));

/** Runs one after the other over all tabs, where the browser can tell. */
async function inTurn<T>(name: string, run: () => Promise<T>): Promise<T> {
	const locks = typeof navigator === "undefined" ? undefined : navigator.locks;
	return locks ? locks.request(name, run) : run();
}
