import { PICTURE_BYTES, PICTURE_EDGE } from "../figures";

/** A picture as it is kept: small, and with nothing of what the camera wrote beside it. */
export interface SmallPicture {
	bytes: Uint8Array;
	/** Dots. */
	width: number;
	height: number;
}

/** How well it is drawn, and times the bytes of the first that this takes, about: the first that is small enough is taken. */
const QUALITIES = [
	[0.8, 1],
	[0.65, 0.7],
	[0.5, 0.54],
] as const;

/** Of what it may be, what is aimed at where it has to have fewer dots. */
const AIM = 0.9;

/** Files that are not even looked at, bytes. */
const LONGEST = 60_000_000;

export class NoPicture extends Error {
	override name = "NoPicture";

	constructor() {
		super("This browser can't read that picture. Choose a JPEG or PNG.");
	}
}

/**
 * Drawn anew as a small JPEG, the right way up: of the file nothing is left but what is seen.
 *
 * @throws NoPicture
 */
export async function smallPicture(file: Blob): Promise<SmallPicture> {
	const image =
		file.size > LONGEST ? null : await createImageBitmap(file, { imageOrientation: "from-image" }).catch(() => null);
	if (!image) throw new NoPicture();
	try {
		return await smallEnough(image, PICTURE_EDGE);
	} finally {
		image.close();
	}
}

async function smallEnough(image: ImageBitmap, edge: number): Promise<SmallPicture> {
	const scale = Math.min(1, edge / Math.max(image.width, image.height));
	const [width, height] = [image.width, image.height].map((dots) => Math.max(1, Math.round(scale * dots)));
	const canvas = drawn(image, width ?? 1, height ?? 1);
	let over = 1;
	let bytes = 0;
	for (const [quality, share] of QUALITIES) {
		// One that cannot be is not even made: each takes a phone a while.
		if (share * over > 1) continue;
		const blob = await jpegOf(canvas, quality);
		if (!blob) throw new NoPicture();
		if (blob.size <= PICTURE_BYTES)
			return { bytes: new Uint8Array(await blob.arrayBuffer()), width: canvas.width, height: canvas.height };
		over = blob.size / share / PICTURE_BYTES;
		bytes = blob.size;
	}
	const fewer = Math.max(canvas.width, canvas.height) * Math.min(AIM, Math.sqrt((AIM * PICTURE_BYTES) / bytes));
	if (fewer < 1) throw new NoPicture();
	return smallEnough(image, fewer);
}

/** The one that draws at once where the browser has it; the other waits until it is idle. */
function drawn(image: ImageBitmap, width: number, height: number): HTMLCanvasElement | OffscreenCanvas {
	const canvas =
		typeof OffscreenCanvas === "undefined"
			? Object.assign(document.createElement("canvas"), { width, height })
			: new OffscreenCanvas(width, height);
	const pen = canvas.getContext("2d") as CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D | null;
	if (!pen) throw new NoPicture();
	pen.imageSmoothingQuality = "high";
	// What shows through is white, as on paper.
	pen.fillStyle = "#fff";
	pen.fillRect(0, 0, width, height);
	pen.drawImage(image, 0, 0, width, height);
	return canvas;
}

function jpegOf(canvas: HTMLCanvasElement | OffscreenCanvas, quality: number): Promise<Blob | null> {
	return "convertToBlob" in canvas
		? canvas.convertToBlob({ type: "image/jpeg", quality })
		: new Promise((resolve) => canvas.toBlob(resolve, "image/jpeg", quality));
}
