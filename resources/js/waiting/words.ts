import { DAY } from "../outbox/offlineActions";
import type { OutboxState } from "../outbox/useOutbox";
import type { Why } from "../outbox/wire";
import { say } from "../parts/words";

type Held = Pick<OutboxState, "waiting" | "turned" | "away" | "unkept" | "trouble">;

/** What the station bar says of what has not arrived; null when there is nothing to say. */
export function inShort({ waiting, turned, unkept, trouble }: Held): { words: string; urgent: boolean } | null {
	const count = waiting?.length ?? 0;
	if (unkept > 0) return { words: say("Phone full: {unkept} unsaved", { unkept }), urgent: true };
	if (turned.length > 0) return { words: say("{turned} not taken", { turned: turned.length }), urgent: true };
	if (count === 0) return null;
	return { words: say("{count} to send", { count }), urgent: trouble === "signed-out" || trouble === "stranger" };
}

/** Why nothing arrives, in a sentence. */
const whys: Record<Why, string> = {
	offline: "No connection. It's sent as soon as there is one.",
	"signed-out": "You're signed out. Sign in again and it's sent.",
	stranger: "Somebody else is signed in here. It waits for you.",
	much: "That was a lot at once. The rest follows in a moment.",
	strange: "Something other than Eskith answered. It's sent again soon.",
};

/** What is told of all that waits, the worst first. */
export function sentences({ waiting, unkept, trouble }: Held): string[] {
	const count = waiting?.length ?? 0;
	const isOfTheDay = waiting?.some(({ outing }) => outing === DAY) ?? false;
	return [
		unkept > 0
			? say("This phone has no room left: {unkept|# tap is|# taps are} only in this open page. Don't close it.", {
					unkept,
				})
			: "",
		count > 0 && unkept < count
			? isOfTheDay
				? say("{kept|# change is|# changes are} saved on this phone, not sent yet.", { kept: count - unkept })
				: say("{kept|# tap is|# taps are} saved on this phone, not sent yet.", { kept: count - unkept })
			: "",
		count > 0 && trouble ? whys[trouble] : "",
	].filter(Boolean);
}
