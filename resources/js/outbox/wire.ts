import * as clock from "../parts/clock";
import { isOnBoard, lackedByKit, setUndone } from "../parts/kit";
import { Refused, send } from "../parts/send";
import type { TapAnswerData } from "../types";
import { forgetOld } from "./device";
import { Outbox, type Verdict } from "./Outbox";
import { asSent, DAY, type OfflineAction } from "./offlineActions";
import { fileText, forgetLeft } from "./pictures";

/** ms after which an answer is not waited for any more: another tab may want to send. */
const LONG = 25_000;

/** The same of a picture, over a slow line. */
const LONG_OF_PICTURE = 75_000;

/** ms between two tries to send what waits. */
const AGAIN = 15_000;

/** ms after which the time is not waited for any more. */
const TIME = 8_000;

/** By which an answer is known to be this application's. */
const FORM: TapAnswerData["form"] = "eskith-taps";

/** Why nothing arrives: no connection, nobody or somebody else signed in, too much at once, or an answer that is not ours. */
export type Why = "offline" | "signed-out" | "stranger" | "much" | "strange";

/** What has arrived. */
export interface Arrived {
	/** The outing it was done to, as this device knows it. */
	of: string;
	/** The one it went into. */
	into: string;
	/** From when on the server's word has it. */
	asOf: string;
	actions: OfflineAction[];
}

interface Hearing {
	arrived: Set<(arrived: Arrived) => void>;
	/** Why something could not be sent; null once it could. */
	troubled: Set<(why: Why | null) => void>;
}

const hearing: Hearing = { arrived: new Set(), troubled: new Set() };

/** Listens to what arrives and what does not; gives back how to stop. */
export function listen(onArrived: (arrived: Arrived) => void, onTrouble: (why: Why | null) => void): () => void {
	hearing.arrived.add(onArrived);
	hearing.troubled.add(onTrouble);
	onTrouble(last);
	return () => {
		hearing.arrived.delete(onArrived);
		hearing.troubled.delete(onTrouble);
	};
}

/** Why the last try failed; null when it did not. */
let last: Why | null = null;

/** ms before which nothing is sent: the server asked for that. */
let notBefore = 0;

function troubled(why: Why | null): void {
	last = why;
	for (const tell of hearing.troubled) tell(why);
}

function bringOf(angler: number) {
	return async (outing: string, deeds: OfflineAction[]): Promise<Verdict> => {
		if (Date.now() < notBefore) throw new Error("Not yet.");
		try {
			const taps = await Promise.all(deeds.map(wholly));
			const answer = await ask(outing, { angler, taps }, deeds.some(isPicture) ? LONG_OF_PICTURE : LONG);
			tell(angler, answer.goes === "stranger" ? "stranger" : null, () => {
				const { asOf } = answer;
				const into = outing === DAY ? DAY : answer.into;
				if (into === null) return;
				const actions = deeds.filter(({ id }) => answer.taken.includes(id));
				if (isOnBoard()) lackedByKit(actions.map(forDevice));
				for (const hear of hearing.arrived) hear({ of: outing, into, asOf, actions });
			});
			return answer;
		} catch (error) {
			tell(angler, whyOf(error));
			throw error;
		}
	};
}

/** What was done before the server was ever heard may have been done by a wrong clock: it is asked for the time first. */
function timeFor(angler: number) {
	return async (): Promise<void> => {
		if (clock.isSure()) return;
		try {
			await clock.setClock(AbortSignal.timeout(TIME));
		} catch (error) {
			tell(angler, whyOf(error));
			throw error;
		}
	};
}

/** What comes back after somebody has left is told to nobody else. */
function tell(angler: number, why: Why | null, more: () => void = () => {}): void {
	if (current?.angler !== angler) return;
	troubled(why);
	more();
}

const isPicture = (action: OfflineAction) => action.do === "picture";

/** With what a picture holds, which this device keeps beside what was done. */
const wholly = async (action: OfflineAction) =>
	isPicture(action) ? { ...asSent(action), file: await fileText(action.id) } : asSent(action);

/** As what answers on this device takes it. */
const forDevice = (action: OfflineAction) => ({ ...asSent(action), outing: action.outing });

/** @param long ms */
async function ask(outing: string, body: unknown, long: number): Promise<TapAnswerData> {
	const until = AbortSignal.timeout(long);
	const sent =
		outing === DAY
			? send<unknown>("POST", "/taps", body, until)
			: send<unknown>("POST", `/outings/${outing}/taps`, body, until);
	const said = await sent.catch((error) => {
		if (error instanceof Refused && isOurs(error.answer)) return error.answer;
		throw error;
	});
	// A proxy, a page to sign in to a network, an older server: whatever it is, it has judged nothing.
	if (!isOurs(said)) throw new Refused("Something else than Eskith answered.", {}, 0);
	return said;
}

function isOurs(answer: unknown): answer is TapAnswerData {
	if (typeof answer !== "object" || answer === null) return false;
	const { form, taken, refused } = answer as Partial<TapAnswerData>;
	return form === FORM && Array.isArray(taken) && Array.isArray(refused);
}

function whyOf(error: unknown): Why {
	if (!(error instanceof Refused)) return "offline";
	if (error.status === 401 || error.status === 419) return "signed-out";
	if (error.status !== 429) return "strange";
	notBefore = Date.now() + 1000 * Math.max(1, error.retryAfter);
	return "much";
}

const all = new Map<number, Outbox>();
let current: Outbox | null = null;
let quiet = () => {};

/** The outbox of who is signed in. What waits in it is sent at once, when a connection comes back, and now and then. */
export function outboxOf(angler: number): Outbox {
	if (current && current.angler === angler) return current;
	leave();
	// What a device had no room for lives in it: it is the same one when they come back.
	const outbox = all.get(angler) ?? new Outbox(angler, bringOf(angler), timeFor(angler));
	all.set(angler, outbox);
	outbox.resume();
	current = outbox;
	setUndone(async () => (await outbox.waiting()).map(forDevice));
	const flush = () => void outbox.waiting().then((waiting) => waiting.length > 0 && outbox.flush());
	window.addEventListener("online", flush);
	const timer = window.setInterval(flush, AGAIN);
	quiet = () => {
		window.removeEventListener("online", flush);
		window.clearInterval(timer);
	};
	flush();
	void forgetOld(angler).catch(() => {});
	void forgetLeft(angler).catch(() => {});
	return outbox;
}

/** Nobody is signed in here any more, or somebody else is: nothing of the one before is sent from now on. */
export function leave(): void {
	quiet();
	quiet = () => {};
	current?.stop();
	current = null;
	setUndone(async () => []);
	troubled(null);
}
