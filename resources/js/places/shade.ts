import type { GroundData } from "../types";
import { onScreen, type Point, pairs, type Size, type View } from "./view";

type Colour = [number, number, number];

/** Share of the light that a slope takes or gives: enough to see which way it falls. */
const slopeLight = 0.5;

/** The ground as a picture of its own, a pixel for each crossing: deeper is the deeper part of the column's gradient. */
export function shaded(ground: GroundData): HTMLCanvasElement | null {
	const canvas = document.createElement("canvas");
	canvas.width = ground.columns;
	canvas.height = ground.rows;
	const paint = canvas.getContext("2d");
	if (!paint) return null;
	const colours = gradient();
	const image = paint.createImageData(ground.columns, ground.rows);
	for (let row = 0; row < ground.rows; row++) {
		for (let column = 0; column < ground.columns; column++) {
			const depth = ground.depths[row * ground.columns + column];
			if (depth === null || depth === undefined) continue;
			const share = (depth / 100 - ground.shallowM) / Math.max(0.5, ground.deepM - ground.shallowM);
			const light = 1 + slopeLight * lit(ground, column, row);
			const at = 4 * ((ground.rows - 1 - row) * ground.columns + column);
			const colour = between(colours, Math.min(1, Math.max(0, share)));
			for (let i = 0; i < 3; i++) image.data[at + i] = Math.min(255, (colour[i] ?? 0) * light);
			image.data[at + 3] = 255;
		}
	}
	paint.putImageData(image, 0, 0);
	return canvas;
}

/** The ground to be painted: its picture, what of it was sounded, and the water between that and a shore all round it. */
export interface Painted {
	ground: GroundData;
	picture: HTMLCanvasElement | null;
	known: Path2D;
	shore: Path2D;
}

/** Pixels between two strokes of the hatching. */
const hatch = 9;

/** Draws it where the view looks; what lies between the soundings and a shore is hatched, since it is only estimated. */
export function paintGround(
	canvas: HTMLCanvasElement,
	{ ground, picture, known, shore }: Painted,
	view: View,
	size: Size,
	margin: number,
): void {
	const dense = Math.min(2, window.devicePixelRatio || 1);
	const [wide, tall] = [size.wide + 2 * margin, size.tall + 2 * margin];
	canvas.width = Math.round(wide * dense);
	canvas.height = Math.round(tall * dense);
	const paint = canvas.getContext("2d");
	if (!paint || !picture) return;
	const corner = onScreen(view, size, ground.west, ground.south);
	paint.setTransform(
		dense * view.scale,
		0,
		0,
		-dense * view.scale,
		dense * (corner.px + margin),
		dense * (corner.py + margin),
	);
	paint.save();
	paint.translate(-ground.west, -ground.south);
	paint.save();
	paint.clip(shore, "evenodd");
	paintEstimated(paint, canvas, dense);
	paint.restore();
	paint.clip(known, "evenodd");
	paint.translate(ground.west, ground.south);
	paint.scale(1, -1);
	paint.imageSmoothingEnabled = true;
	paint.imageSmoothingQuality = "high";
	const [across, up] = [ground.columns * ground.stepM, ground.rows * ground.stepM];
	paint.drawImage(picture, -ground.stepM / 2, ground.stepM / 2 - up, across, up);
	paint.restore();
}

/** The colour of shallow water with strokes through it, over all of the canvas that is not clipped. */
function paintEstimated(paint: CanvasRenderingContext2D, canvas: HTMLCanvasElement, dense: number): void {
	const [red, green, blue] = gradient()[0];
	paint.resetTransform();
	paint.fillStyle = `rgb(${red} ${green} ${blue} / 0.3)`;
	paint.fillRect(0, 0, canvas.width, canvas.height);
	paint.strokeStyle = `rgb(${red} ${green} ${blue} / 0.8)`;
	paint.lineWidth = dense;
	paint.beginPath();
	for (let at = -canvas.height; at < canvas.width; at += hatch * dense) {
		paint.moveTo(at, canvas.height);
		paint.lineTo(at + canvas.height, 0);
	}
	paint.stroke();
}

/** Share of its length by which a ring may gape. */
const gape = 0.05;

/** The rings that lines go round, one or several after each other, in metres: water lies within them. */
export function rings(lines: number[][]): Point[][] {
	const left = lines.map(pairs).filter((line) => line.length > 1);
	const found: Point[][] = [];
	for (let chain = left.shift(); chain; chain = left.shift()) {
		for (let next = following(chain, left); next; next = following(chain, left)) chain = [...chain, ...next];
		const [first, last] = [chain[0], chain.at(-1)];
		if (first && last && chain.length > 3 && apart(first, last) < gape * long(chain)) found.push(chain);
	}
	return found;
}

/** Takes out the line that begins or ends about where a chain ends, in the chain's direction; none where there is no such. */
function following(chain: Point[], lines: Point[][]): Point[] | null {
	const end = chain.at(-1);
	const found = lines.findIndex((line) => {
		const near = gape * (long(chain) + long(line));
		return [line[0], line.at(-1)].some((one) => one && end && apart(one, end) < near);
	});
	const [line] = found < 0 ? [] : lines.splice(found, 1);
	const [first, last] = [line?.[0], line?.at(-1)];
	if (!line || !end || !first || !last) return null;
	return apart(first, end) <= apart(last, end) ? line : [...line].reverse();
}

const apart = (from: Point, to: Point) => Math.hypot(to.x - from.x, to.y - from.y);

function long(line: Point[]): number {
	return line.slice(1).reduce((sum, to, i) => sum + apart(line[i] ?? to, to), 0);
}

/** Round what lies within rings, in metres. */
export function ringsPath(round: Point[][]): Path2D {
	const path = new Path2D();
	for (const ring of round) {
		ring.forEach(({ x, y }, i) => {
			if (i === 0) path.moveTo(x, y);
			else path.lineTo(x, y);
		});
		path.closePath();
	}
	return path;
}

/** How much light from the north-west a slope catches, −1 to 1. */
function lit(ground: GroundData, column: number, row: number): number {
	const at = (c: number, r: number) =>
		c < 0 || r < 0 || c >= ground.columns || r >= ground.rows ? null : ground.depths[r * ground.columns + c];
	const [west, east, south, north] = [
		at(column - 1, row),
		at(column + 1, row),
		at(column, row - 1),
		at(column, row + 1),
	];
	if (west == null || east == null || south == null || north == null) return 0;
	const [dx, dy] = [(east - west) / (200 * ground.stepM), (north - south) / (200 * ground.stepM)];
	// Falling toward the north-west it is turned to the light.
	return Math.max(-0.55, Math.min(0.55, 0.7 * (dy - dx)));
}

function gradient(): [Colour, Colour, Colour] {
	const style = getComputedStyle(document.documentElement);
	const of = (name: string, usual: Colour): Colour => {
		const hex = style.getPropertyValue(name).trim();
		const found = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(hex);
		return found ? (found.slice(1, 4).map((part) => Number.parseInt(part, 16)) as Colour) : usual;
	};
	return [of("--water-top", [111, 163, 166]), of("--water-mid", [47, 106, 117]), of("--water-deep", [22, 59, 72])];
}

function between(colours: [Colour, Colour, Colour], share: number): Colour {
	const [from, to, part] = share < 0.5 ? [colours[0], colours[1], 2 * share] : [colours[1], colours[2], 2 * share - 1];
	return [0, 1, 2].map((i) => (from[i] ?? 0) + part * ((to[i] ?? 0) - (from[i] ?? 0))) as Colour;
}
