/** How the column is laid out for a size, a depth and how far to the side the lures lie. */
export interface Geometry {
	width: number;
	height: number;
	narrow: boolean;
	/** y of the water's surface and of the bottom, pixels. */
	surface: number;
	bottomY: number;
	/** Pixels for a metre, the same across and down. */
	scale: number;
	/** x of the rod tip; −1 or 1 for the side on which the lure lies. */
	rodX: number;
	side: number;
}

/** Room at both sides of a cast, pixels: for who casts, and for the lure. */
const CAST_ROOM = [34, 40] as const;

export function layOut(width: number, height: number, depthM: number, offsetsM: number[], castM = 0): Geometry {
	const narrow = width < 120;
	const surface = narrow ? 14 : 118;
	const floor = narrow ? 30 : 104;
	const farthest = offsetsM.reduce((most, offset) => (Math.abs(offset) > Math.abs(most) ? offset : most), 0);
	const side = castM > 0 ? 1 : Math.sign(farthest) || -1;
	const reach = Math.abs(farthest);
	const tall = (height - surface - floor) / depthM;
	if (castM > 0 && !narrow) {
		const scale = Math.min(tall, (width - CAST_ROOM[0] - CAST_ROOM[1]) / Math.max(castM, reach));
		return { width, height, narrow, surface, bottomY: surface + depthM * scale, scale, rodX: CAST_ROOM[0], side };
	}
	const scale = narrow || reach === 0 ? tall : Math.max(Math.min(tall, (width * 0.6) / reach), tall * 0.28);
	// A strip too narrow for the whole line looks at the lure, and the line comes in from the side.
	const inStrip = width / 2 - (side * reach * scale) / (reach * scale > width * 0.4 ? 1 : 2);
	const rodX = narrow ? inStrip : width / 2 - side * width * (reach * scale < width * 0.2 ? 0.1 : 0.16);
	return { width, height, narrow, surface, bottomY: surface + depthM * scale, scale, rodX, side };
}
