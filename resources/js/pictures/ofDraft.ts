import type { PictureHere, Shown } from "./addPicture";

/** A picture of something that is not logged yet. */
export type PictureOfDraft = Omit<PictureHere, "kept">;

/** The fish is logged: its pictures go in line behind it. */
export async function sendPictures(pictures: PictureOfDraft[], shown: Shown): Promise<void> {
	const { sendPicture } = await import("./addPicture");
	for (const picture of pictures) await sendPicture(picture, shown);
}

/** Nothing is logged: what was kept for it goes. */
export async function forgetPictures(ids: string[]): Promise<void> {
	const { forgetFiles } = await import("../outbox/pictures");
	await forgetFiles(ids);
}
