import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { PICTURE_BYTES, PICTURE_EDGE } from "../../resources/js/figures";
import { smallPicture } from "../../resources/js/phone/picture";

/** Bytes that a dot takes at the best quality. */
let perDot = 0.1;
const made: { width: number; height: number; quality: number }[] = [];

/** Stands in for the browser's own: what it makes is as large as a JPEG of so many dots and that quality is. */
class Canvas {
	constructor(
		readonly width: number,
		readonly height: number,
	) {}
	getContext() {
		return { fillRect: () => {}, drawImage: () => {} };
	}
	async convertToBlob({ quality }: { quality: number }) {
		made.push({ width: this.width, height: this.height, quality });
		return new Blob([new Uint8Array(Math.round(this.width * this.height * perDot * quality))]);
	}
}

const close = vi.fn();
const photo = (width: number, height: number) =>
	vi.stubGlobal(
		"createImageBitmap",
		vi.fn(async () => ({ width, height, close })),
	);

beforeEach(() => {
	made.length = 0;
	perDot = 0.1;
	close.mockClear();
	vi.stubGlobal("OffscreenCanvas", Canvas);
});
afterEach(() => vi.unstubAllGlobals());

describe("a picture from the camera", () => {
	it("is made small along its longer edge and never larger than it was", async () => {
		photo(4000, 3000);
		expect(await smallPicture(new Blob(["x"]))).toMatchObject({ width: PICTURE_EDGE, height: 1200 });
		photo(3000, 4000);
		expect(await smallPicture(new Blob(["x"]))).toMatchObject({ width: 1200, height: PICTURE_EDGE });
		photo(640, 480);
		expect(await smallPicture(new Blob(["x"]))).toMatchObject({ width: 640, height: 480 });
		photo(9000, 1);
		expect(await smallPicture(new Blob(["x"]))).toMatchObject({ width: PICTURE_EDGE, height: 1 });
		expect(close).toHaveBeenCalledTimes(4);
	});

	it("has fewer dots where it would take too much room, after few tries", async () => {
		photo(4000, 3000);
		for (perDot of [0.2, 0.3, 0.6, 2, 8]) {
			made.length = 0;
			const { bytes, width, height } = await smallPicture(new Blob(["x"]));
			expect(bytes.length).toBeLessThanOrEqual(PICTURE_BYTES);
			expect(bytes.length).toBeGreaterThan(PICTURE_BYTES / 3);
			expect(Math.abs(width / height - 4 / 3)).toBeLessThan(0.01);
			expect(made.length).toBeLessThanOrEqual(3);
		}
	});

	it("that the browser cannot read, or that is far too large, is refused in a sentence", async () => {
		vi.stubGlobal("createImageBitmap", vi.fn().mockRejectedValue(new DOMException("no", "InvalidStateError")));
		await expect(smallPicture(new Blob(["x"]))).rejects.toThrow("Choose a JPEG or PNG.");
		const asked = vi.fn();
		vi.stubGlobal("createImageBitmap", asked);
		await expect(smallPicture({ size: 70_000_000 } as Blob)).rejects.toThrow("Choose a JPEG or PNG.");
		expect(asked).not.toHaveBeenCalled();
	});
});
