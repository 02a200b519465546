import { say } from "../parts/words";
import type { Outbox } from "./Outbox";
import type { OfflineAction } from "./offlineActions";
import { bytesOf, filesOf, keepFile } from "./pictures";

const FORMAT = "eskith-phone";
const VERSION = 1;

/** Largest file looked at, bytes. */
const BYTES = 100_000_000;

/** Gives all that this device holds of an angler out as a file, to be taken in again by `takeFile`. */
export async function giveFile(outbox: Outbox): Promise<void> {
	const { waiting, turned } = await outbox.holding();
	const deeds = [...waiting, ...turned.map(({ deed }) => deed)];
	const pictures = await filesOf(deeds.flatMap((deed) => (deed.do === "picture" ? [deed.id] : [])));
	const text = JSON.stringify({ format: FORMAT, version: VERSION, angler: outbox.angler, deeds, pictures }, null, 1);
	const link = document.createElement("a");
	link.href = URL.createObjectURL(new Blob([text], { type: "application/json" }));
	link.download = `eskith-phone-${new Date().toISOString().slice(0, 10)}.json`;
	link.click();
	window.setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/**
 * Takes such a file in: what it holds waits here again, and is sent; what has arrived before changes nothing.
 *
 * @returns what was done, in a sentence
 */
export async function takeFile(outbox: Outbox, file: File): Promise<string> {
	const held = await heldIn(outbox, file);
	if (typeof held === "string") return held;
	const { deeds, pictures } = held;
	const [waiting, turned] = await Promise.all([outbox.waiting(), outbox.turned()]);
	const known = new Set([...waiting, ...turned.map(({ deed }) => deed)].map(({ id }) => id));
	const more = deeds.filter(({ id }) => !known.has(id));
	for (const deed of more) {
		const bytes = deed.do === "picture" ? bytesOf(pictures[deed.id]) : null;
		if (bytes) await keepFile(deed.id, outbox.angler, bytes);
		await outbox.add(deed, true);
	}
	void outbox.flush(true);
	return more.length === 0
		? say("0 of {all} taken in; the rest was here already.", { all: deeds.length })
		: say("{more} of {all} taken in; they are sent now.", { more: more.length, all: deeds.length });
}

interface Held {
	deeds: OfflineAction[];
	/** What each picture holds, as base64, by its id. */
	pictures: Record<string, unknown>;
}

async function heldIn(outbox: Outbox, file: File): Promise<Held | string> {
	const wrong = "That isn't a file from a phone. Choose one that was kept here.";
	if (file.size > BYTES) return wrong;
	try {
		const { format, version, angler, deeds, pictures } = JSON.parse(await file.text());
		if (format !== FORMAT || version !== VERSION || !Array.isArray(deeds)) return wrong;
		if (angler !== outbox.angler) return "That file is another angler's. They can sign in and read it.";
		const sound = (deed: Partial<OfflineAction>) =>
			[deed.id, deed.outing, deed.at, deed.do].every((one) => typeof one === "string");
		return deeds.every(sound) ? { deeds, pictures: pictures ?? {} } : wrong;
	} catch {
		return wrong;
	}
}
