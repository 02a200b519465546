import { device } from "./device";

/** What the device had no room for: kept as long as the page is. */
const unkept = new Map<string, Uint8Array>();

/** Letters that are made of bytes at once. */
const AT_ONCE = 0x8000;

/** Keeps what a picture holds until it is sent; false when the device has no room: then it is kept as long as the page is. */
export async function keepFile(id: string, angler: number, bytes: Uint8Array): Promise<boolean> {
	try {
		await device().pictures.put({ id, angler, at: Date.now(), bytes });
		return true;
	} catch {
		unkept.set(id, bytes);
		return false;
	}
}

/** What a picture holds that waits here; null where there is none. */
export async function fileOf(id: string): Promise<Uint8Array | null> {
	const kept = await device()
		.pictures.get(id)
		.catch(() => undefined);
	return kept?.bytes ?? unkept.get(id) ?? null;
}

/** The same as base64, as it is sent; undefined where there is none. */
export async function fileText(id: string): Promise<string | undefined> {
	const bytes = await fileOf(id);
	return bytes ? textOf(bytes) : undefined;
}

/** As base64, by the id of each that is here. */
export async function filesOf(ids: string[]): Promise<Record<string, string>> {
	const texts = await Promise.all(ids.map(async (id) => [id, await fileText(id)] as const));
	return Object.fromEntries(texts.flatMap(([id, text]) => (text === undefined ? [] : [[id, text]])));
}

/** It has arrived, or is let go of. */
export async function forgetFiles(ids: string[]): Promise<void> {
	for (const id of ids) unkept.delete(id);
	if (ids.length > 0)
		await device()
			.pictures.bulkDelete(ids)
			.catch(() => {});
}

/** ms after which a picture of something that was never logged is of no use. */
const LEFT = 3 * 86_400_000;

/** Lets go of pictures that days ago were kept for something that was then never logged; what waits is no such thing. */
export async function forgetLeft(angler: number): Promise<void> {
	const { pictures, deeds, turned } = device();
	await device().transaction("rw", pictures, deeds, turned, async () => {
		const rows = [...(await deeds.where({ angler }).toArray()), ...(await turned.where({ angler }).toArray())];
		const wanted = new Set(rows.map(({ deed }) => deed.id));
		await pictures
			.where({ angler })
			.filter(({ id, at }) => at < Date.now() - LEFT && !wanted.has(id))
			.delete();
	});
}

function textOf(bytes: Uint8Array): string {
	const parts: string[] = [];
	for (let at = 0; at < bytes.length; at += AT_ONCE)
		parts.push(String.fromCharCode(...bytes.subarray(at, at + AT_ONCE)));
	return btoa(parts.join(""));
}

/**
 * @param text base64
 * @returns null where it is none
 */
export function bytesOf(text: unknown): Uint8Array | null {
	try {
		return typeof text === "string" ? Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0)) : null;
	} catch {
		return null;
	}
}

/** As an image takes it that is not on the server yet. */
export async function addressHere(id: string): Promise<string | null> {
	const text = await fileText(id);
	return text === undefined ? null : `data:image/jpeg;base64,${text}`;
}
