import type { Size } from "./view";

/** Pixels from the upper left that something takes. */
export interface Room {
	left: number;
	top: number;
	right: number;
	bottom: number;
}

export interface Label {
	text: string;
	/** What it names. */
	px: number;
	py: number;
	fontSize: number;
}

type Anchor = "start" | "middle" | "end";

export interface Placed {
	x: number;
	y: number;
	anchor: Anchor;
}

export function roomAround(px: number, py: number, radius: number): Room {
	return { left: px - radius, top: py - radius, right: px + radius, bottom: py + radius };
}

/** Where a label may lie from what it names, the best first. */
const ways: [dx: number, dy: number, anchor: Anchor][] = [
	[9, -7, "start"],
	[9, 16, "start"],
	[-9, -7, "end"],
	[-9, 16, "end"],
	[14, 4, "start"],
	[-14, 4, "end"],
	[0, -14, "middle"],
	[0, 24, "middle"],
	[26, -20, "start"],
	[26, 30, "start"],
	[-26, -20, "end"],
	[-26, 30, "end"],
];

/** A letter of the text face is about so wide, in heights. */
const letter = 0.56;

/** Pixels by which a label past the edge is worse than one over something. */
const cutOff = 6;

/** Lays labels where they cover the least of what is taken and of each other, and are not cut off. */
export function laid(labels: Label[], taken: Room[], size: Size): Placed[] {
	const full = [...taken];
	return labels.map((label) => {
		const laidSo = ways.map(([dx, dy, anchor]) => {
			const at = { x: label.px + dx, y: label.py + dy, anchor };
			const room = roomOf(label, at);
			return { at, room, cost: full.reduce((sum, other) => sum + shared(room, other), cutOff * outside(room, size)) };
		});
		const best = laidSo.reduce((least, way) => (way.cost < least.cost ? way : least));
		full.push(best.room);
		return best.at;
	});
}

/** The room of a label that lies so. */
export function roomOf({ text, fontSize }: Label, { x, y, anchor }: Placed): Room {
	const wide = letter * fontSize * text.length;
	const left = x - { start: 0, middle: wide / 2, end: wide }[anchor];
	return { left, top: y - 0.85 * fontSize, right: left + wide, bottom: y + 0.25 * fontSize };
}

/** Pixels from a place to the middle of its number, and around that. */
export const numberSign = { off: 18, radius: 9 };

export interface Leaning {
	/** Degrees clockwise from up. */
	lean: number;
	room: Room;
}

/** Ways in which a number may stand off its place, the best first. */
const leans = [0, 60, -60, 120, -120, 180, 30, -30];

/** Lets each number lean so that it covers the least. */
export function leaning(places: { px: number; py: number }[], taken: Room[]): Leaning[] {
	const { off, radius } = numberSign;
	const full = [...taken];
	return places.map(({ px, py }) => {
		const ways = leans.map((lean) => {
			const turn = (lean * Math.PI) / 180;
			const room = roomAround(px + off * Math.sin(turn), py - off * Math.cos(turn), radius);
			return { lean, room, cost: full.reduce((sum, other) => sum + shared(room, other), 0) };
		});
		const best = ways.reduce((least, way) => (way.cost < least.cost ? way : least));
		full.push(best.room);
		return best;
	});
}

/** px² that two rooms share */
export function shared(one: Room, other: Room): number {
	const [wide, tall] = [
		Math.min(one.right, other.right) - Math.max(one.left, other.left),
		Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top),
	];
	return wide > 0 && tall > 0 ? wide * tall : 0;
}

function outside(room: Room, size: Size): number {
	const all = (room.right - room.left) * (room.bottom - room.top);
	return all - shared(room, { left: 4, top: 4, right: size.wide - 4, bottom: size.tall - 4 });
}
