import { describe, expect, it } from "vitest";
import { paintOf } from "../../resources/js/drop/finish";
import { layOut } from "../../resources/js/drop/geometry";
import { tiePoint } from "../../resources/js/drop/LureFigure";
import { drawing } from "./make";

describe("the column's layout", () => {
	it("uses the whole height when the line hangs straight", () => {
		const column = layOut(304, 800, 8, [0]);
		expect(column.surface + 8 * column.scale).toBeCloseTo(800 - 104);
		expect(column.bottomY).toBeCloseTo(800 - 104);
	});

	it("has one scale for across and down, and makes room for a far lure", () => {
		const far = layOut(304, 800, 8, [-6]);
		expect(6 * far.scale).toBeLessThanOrEqual(304 * 0.6 + 1e-9);
		expect(far.bottomY).toBeCloseTo(far.surface + 8 * far.scale);
	});

	it("puts the rod on the other side of the picture than the lure", () => {
		const left = layOut(304, 800, 8, [-4]);
		const right = layOut(304, 800, 8, [4]);
		expect(left.side).toBe(-1);
		expect(left.rodX).toBeGreaterThan(152);
		expect(right.rodX).toBeLessThan(152);
		expect(left.rodX - 152).toBeCloseTo(152 - right.rodX);
	});

	it("makes room for a ghost that lies farther out", () => {
		expect(layOut(304, 800, 8, [-1, -5]).scale).toBeLessThan(layOut(304, 800, 8, [-1, 0]).scale);
	});

	it("does not shrink the depth to nothing for a line that trails away", () => {
		const trailing = layOut(304, 800, 8, [-80]);
		expect(trailing.scale * 8).toBeGreaterThan((800 - 118 - 104) * 0.27);
	});

	it("is a strip on a phone", () => {
		const strip = layOut(58, 844, 8, [-6]);
		expect(strip.narrow).toBe(true);
		expect(strip.bottomY).toBeCloseTo(844 - 30);
		expect(strip.rodX - 6 * strip.scale).toBeCloseTo(29, 5);
	});

	it("shows the whole line in the strip where it fits, and the lure in its middle where it does not", () => {
		const near = layOut(58, 844, 8, [0.15]);
		expect((near.rodX + near.rodX + 0.15 * near.scale) / 2).toBeCloseTo(29, 5);
		const far = layOut(58, 844, 8, [3]);
		expect(far.rodX + 3 * far.scale).toBeCloseTo(29, 5);
	});
});

describe("where a lure is tied on", () => {
	it("is the hole in use", () => expect(tiePoint(drawing(), 2)).toEqual({ x: 32, y: -10 }));
	it("is the back of a blade without holes", () => {
		const at = tiePoint(drawing({ holes: [] }), null);
		expect(at.y).toBeLessThan(0);
		expect(at.x).toBeGreaterThan(10);
	});
	it("is the nose of a spoon", () =>
		expect(tiePoint(drawing({ family: "spoon", holes: [] }), null)).toEqual({ x: -2, y: 0 }));
	it("is the top of a tail spinner", () =>
		expect(tiePoint(drawing({ family: "tail_spinner", holes: [], lengthMm: 31, heightMm: 14 }), null).y).toBeLessThan(
			-7,
		));
});

describe("finishes", () => {
	it("paints what the rules know", () => {
		for (const finish of [
			"silver",
			"gold",
			"white",
			"chartreuse",
			"perch",
			"natural",
			"black",
			"black_white",
			"pink",
			"red",
		]) {
			expect(paintOf(finish).pattern).not.toBe("unknown");
		}
	});
	it("hatches what it does not know", () => expect(paintOf("firetiger").pattern).toBe("unknown"));
});
