import { Refused, send } from "../parts/send";
import { asSent, type Deed } from "./deeds";
import { forgetOld } from "./device";
import { Outbox, type Refusal } from "./Outbox";

/** ms after which an answer is not waited for any more: another tab may want to send. */
const LONG = 25_000;

/** ms between two tries to send what waits. */
const AGAIN = 15_000;

interface Hearing {
	/** What the server said once something arrived. */
	answered: Set<(outing: string, answer: unknown) => void>;
	/** Why something could not be sent; null once it could. */
	troubled: Set<(words: string | null) => void>;
}

const hearing: Hearing = { answered: new Set(), troubled: new Set() };

/** Listens to what the server says to what was sent; gives back how to stop. */
export function listen(
	onAnswer: (outing: string, answer: unknown) => void,
	onTrouble: (words: string | null) => void,
): () => void {
	hearing.answered.add(onAnswer);
	hearing.troubled.add(onTrouble);
	onTrouble(last);
	return () => {
		hearing.answered.delete(onAnswer);
		hearing.troubled.delete(onTrouble);
	};
}

/** Why the last try failed; null when it did not. */
let last: string | null = null;

function troubled(words: string | null): void {
	last = words;
	for (const tell of hearing.troubled) tell(words);
}

async function bring(outing: string, deeds: Deed[]): Promise<Refusal[]> {
	try {
		const { refused, ...answer } = await send<{ refused: Refusal[] }>(
			"POST",
			`/outings/${outing}/taps`,
			{ taps: deeds.map(asSent) },
			AbortSignal.timeout(LONG),
		);
		troubled(null);
		for (const tell of hearing.answered) tell(outing, answer);
		return refused;
	} catch (error) {
		// An outing that is not there any more takes nothing; what was meant for it is kept and told.
		if (error instanceof Refused && error.status === 404)
			return deeds.map(({ id }) => ({ id, why: "Its outing is not there any more." }));
		troubled(error instanceof Refused ? error.message : "No connection. It is kept on this phone and sent again.");
		throw error;
	}
}

let current: Outbox | null = null;
let stop = () => {};

/** The outbox of who is signed in. What waits in it is sent at once, when a connection comes back, and now and then. */
export function outboxOf(angler: number): Outbox {
	if (current?.angler !== angler) {
		stop();
		const outbox = new Outbox(angler, bring);
		current = outbox;
		const flush = () => void outbox.waiting().then((all) => all.length > 0 && outbox.flush());
		window.addEventListener("online", flush);
		const timer = window.setInterval(flush, AGAIN);
		stop = () => {
			window.removeEventListener("online", flush);
			window.clearInterval(timer);
		};
		flush();
		void forgetOld(angler).catch(() => {});
	}
	return current;
}
