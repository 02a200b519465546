import { liveQuery, type Subscription } from "dexie";
import type { Deed } from "./deeds";
import { device, type Kept, type Turned } from "./device";

export interface Refusal {
	id: string;
	why: string;
}

/** Brings deeds of one outing to the server, in order, all or none. Throws when that cannot be told to have arrived. */
export type Wire = (outing: string, deeds: Deed[]) => Promise<Refusal[]>;

/** Sent at once. */
const MANY = 100;

/**
 * What an angler did on this device and the server has not confirmed: kept first, then sent in order, however often that
 * takes. Other tabs of the same browser see the same.
 */
export class Outbox {
	/** What the device had no room for: kept as long as the page is. */
	private unkept: Kept[] = [];
	private readonly listeners = new Set<() => void>();
	private sending: Promise<boolean> = Promise.resolve(true);

	constructor(
		readonly angler: number,
		private readonly wire: Wire,
	) {}

	/** False when the device has no room: it is kept as long as the page is. */
	async add(deed: Deed): Promise<boolean> {
		try {
			await device().deeds.add({ angler: this.angler, deed });
			return true;
		} catch {
			this.unkept = [...this.unkept, { no: Number.POSITIVE_INFINITY, angler: this.angler, deed }];
			for (const tell of this.listeners) tell();
			return false;
		}
	}

	/** All that wait, oldest first. */
	async waiting(): Promise<Deed[]> {
		return (await this.kept()).map(({ deed }) => deed);
	}

	async turned(): Promise<Turned[]> {
		return device()
			.turned.where({ angler: this.angler })
			.toArray()
			.catch(() => []);
	}

	async letGo(id: string): Promise<void> {
		await device().turned.delete(id);
	}

	/** Tells what waits and what was not taken, now and whenever that changes, in any tab. */
	watch(tell: (waiting: Deed[], turned: Turned[]) => void): () => void {
		let closed = false;
		const look = async () => {
			const [waiting, turned] = await Promise.all([this.waiting(), this.turned()]);
			if (!closed) tell(waiting, turned);
		};
		const again = () => void look();
		this.listeners.add(again);
		const subscription: Subscription = liveQuery(() => Promise.all([this.kept(), this.turned()])).subscribe({
			next: again,
			error: again,
		});
		return () => {
			closed = true;
			this.listeners.delete(again);
			subscription.unsubscribe();
		};
	}

	/** Sends all that waits; false when some of it could not be sent. One tab at a time, and one sending after the other. */
	flush(): Promise<boolean> {
		this.sending = this.sending.then(() => inTurn(`send ${this.angler}`, () => this.send())).catch(() => false);
		return this.sending;
	}

	private async send(): Promise<boolean> {
		for (let batch = await this.batch(); batch.length > 0; batch = await this.batch()) {
			const [first] = batch;
			if (!first) break;
			try {
				const refused = await this.wire(
					first.deed.outing,
					batch.map(({ deed }) => deed),
				);
				await this.settle(batch, refused);
			} catch {
				return false;
			}
		}
		return true;
	}

	/** Those at the head that go together: of one outing. */
	private async batch(): Promise<Kept[]> {
		const all = await this.kept(MANY);
		const other = all.findIndex(({ deed }) => deed.outing !== all[0]?.deed.outing);
		return other === -1 ? all : all.slice(0, other);
	}

	private async settle(batch: Kept[], refused: Refusal[]): Promise<void> {
		const why = new Map(refused.map((one) => [one.id, one.why]));
		const turned = batch.flatMap(({ angler, deed }) =>
			why.has(deed.id) ? [{ id: deed.id, angler, deed, why: why.get(deed.id) ?? "" }] : [],
		);
		const sent = new Set(batch.map(({ deed }) => deed.id));
		this.unkept = this.unkept.filter(({ deed }) => !sent.has(deed.id));
		const { deeds, turned: all } = device();
		await device()
			.transaction("rw", deeds, all, async () => {
				await all.bulkPut(turned);
				await deeds.bulkDelete(batch.map(({ no }) => no).filter(Number.isFinite));
			})
			.catch(() => {
				// What stays is sent once more, which changes nothing.
				if (batch.some(({ no }) => Number.isFinite(no))) throw new Error("The device keeps nothing.");
			});
		for (const tell of this.listeners) tell();
	}

	private async kept(most?: number): Promise<Kept[]> {
		const rows = device().deeds.where({ angler: this.angler });
		const kept = await (most ? rows.limit(most) : rows).toArray().catch((): Kept[] => []);
		return [...kept, ...this.unkept].slice(0, most);
	}
}

/** Runs one after the other over all tabs, where the browser can tell. */
async function inTurn<T>(name: string, run: () => Promise<T>): Promise<T> {
	const locks = typeof navigator === "undefined" ? undefined : navigator.locks;
	return locks ? locks.request(name, run) : run();
}
