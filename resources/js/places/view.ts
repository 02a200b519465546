import { through } from "../parts/path";
import type { Size } from "../parts/useElementSize";

/** What of a water is seen: the metres in the middle, and pixels for a metre. */
export interface View {
	x: number;
	y: number;
	scale: number;
}

/** A place, m east and north. */
export interface Point {
	x: number;
	y: number;
}

export type { Size };

export interface Box {
	west: number;
	east: number;
	south: number;
	north: number;
}

/** Pixels for a metre at the least and at the most. */
const scales = { least: 0.02, most: 40 };

/** Pixels that are left free at the sides of all of a water, and above and below, where wind, north and scale are told. */
const free = { beside: 26, above: 42 };

/** The view that shows all of a box. */
export function fitted(box: Box, size: Size): View {
	const scale = Math.min(
		(size.wide - 2 * free.beside) / Math.max(10, box.east - box.west),
		(size.tall - 2 * free.above) / Math.max(10, box.north - box.south),
	);
	return { x: (box.west + box.east) / 2, y: (box.south + box.north) / 2, scale: bounded(scale) };
}

/** A place of the picture. */
export interface Pixel {
	px: number;
	py: number;
}

/** Where a place is on the picture, in pixels from its upper left. */
export function onScreen(view: View, size: Size, x: number, y: number): Pixel {
	return { px: size.wide / 2 + (x - view.x) * view.scale, py: size.tall / 2 - (y - view.y) * view.scale };
}

/** Which place lies under a pixel, to the decimetre. */
export function onWater(view: View, size: Size, px: number, py: number): { x: number; y: number } {
	const round = (value: number) => Math.round(10 * value) / 10;
	return {
		x: round(view.x + (px - size.wide / 2) / view.scale),
		y: round(view.y - (py - size.tall / 2) / view.scale),
	};
}

export function panned(view: View, dx: number, dy: number): View {
	return { ...view, x: view.x - dx / view.scale, y: view.y + dy / view.scale };
}

/** Nearer or farther, with what lies under a pixel staying there. */
export function zoomed(view: View, size: Size, factor: number, px = size.wide / 2, py = size.tall / 2): View {
	const scale = bounded(view.scale * factor);
	const [rx, ry] = [px - size.wide / 2, size.tall / 2 - py];
	return {
		x: view.x + rx / view.scale - rx / scale,
		y: view.y + ry / view.scale - ry / scale,
		scale,
	};
}

function bounded(scale: number): number {
	return Math.min(scales.most, Math.max(scales.least, scale));
}

/** The box around places, metres; null without any. */
export function around(points: { x: number; y: number }[]): Box | null {
	if (points.length === 0) return null;
	const [xs, ys] = [points.map((point) => point.x), points.map((point) => point.y)];
	return { west: Math.min(...xs), east: Math.max(...xs), south: Math.min(...ys), north: Math.max(...ys) };
}

/** "0,0;60,10" and back: a line as it stands in an address. */
export function lineText(points: { x: number; y: number }[]): string {
	return points.map((point) => `${Math.round(10 * point.x) / 10},${Math.round(10 * point.y) / 10}`).join(";");
}

export function lineOf(text: string | null): { x: number; y: number }[] {
	return (text ?? "")
		.split(";")
		.map((pair) => pair.split(",").map(Number))
		.filter((pair) => pair.length === 2 && pair.every(Number.isFinite))
		.map(([x, y]) => ({ x: x ?? 0, y: y ?? 0 }));
}

/** Flat lists as they cross the wire: x, y, x, y. */
export function pairs(flat: number[]): { x: number; y: number }[] {
	const points = [];
	for (let i = 0; i + 1 < flat.length; i += 2) points.push({ x: flat[i] ?? 0, y: flat[i + 1] ?? 0 });
	return points;
}

/** Points that a line in an address has at the most. */
const mostPoints = 40;

/** A line of no more points than an address takes: its ends, and evenly what lies between. */
export function fewer(points: Point[]): Point[] {
	if (points.length <= mostPoints) return points;
	return Array.from(
		{ length: mostPoints },
		(_, i) => points[Math.round((i * (points.length - 1)) / (mostPoints - 1))] as Point,
	);
}

/** A round length that is about so many pixels, in the angler's unit. */
export function barOf(pixelsPerUnit: number, about: number): number {
	const wanted = about / pixelsPerUnit;
	const power = 10 ** Math.floor(Math.log10(wanted));
	return [5, 2, 1].map((step) => step * power).find((step) => step <= wanted) ?? power;
}

/** Points of the picture as a path. */
export function drawn(points: Pixel[]): string {
	return through(points.map(({ px, py }) => [px, py]));
}

/** A flat list as a path on the picture. */
export function lined(flat: number[], view: View, size: Size): string {
	return drawn(pairs(flat).map(({ x, y }) => onScreen(view, size, x, y)));
}
