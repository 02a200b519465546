import { DAY, type Pictured } from "../outbox/offlineActions";
import { keepFile } from "../outbox/pictures";
import { outboxOf } from "../outbox/wire";
import { anglerHere } from "../parts/angler";
import * as clock from "../parts/clock";
import { newId } from "../parts/send";
import type { SmallPicture } from "../phone/picture";

/** What a picture shows. */
export interface Shown extends Pick<Pictured, "of" | "thing"> {
	/** Of a fish; null of what is of no outing. */
	outing: string | null;
}

/** A picture that is on this device, and in line once what it shows is known. */
export interface PictureHere extends Pick<Pictured, "id" | "width" | "height"> {
	/** Whether this device had room for it. */
	kept: boolean;
}

/** Keeps a picture on this device: its file first, so that nothing stands in line without it. */
export async function keepPicture({ bytes, width, height }: SmallPicture, id = newId()): Promise<PictureHere | null> {
	const angler = anglerHere();
	return angler === null ? null : { id, width, height, kept: await keepFile(id, angler, bytes) };
}

/** Puts it in line, as of what it shows. */
export async function sendPicture({ id, width, height }: Omit<PictureHere, "kept">, shown: Shown): Promise<void> {
	const angler = anglerHere();
	if (angler === null) return;
	const { of, thing, outing } = shown;
	const outbox = outboxOf(angler);
	const at = new Date(clock.now()).toISOString();
	await outbox.add({ id, outing: outing ?? DAY, at, do: "picture", of, thing, width, height });
	void outbox.flush();
}
