import { describe, expect, it } from "vitest";
import { rings } from "../../resources/js/places/shade";

describe("a shore that water lies within", () => {
	const ring = [0, 0, 100, 0, 100, 100, 0, 100];

	it("ends about where it begins", () => {
		expect(rings([[...ring, 0, 0]])).toHaveLength(1);
		expect(rings([[...ring, 0, 12]])).toHaveLength(1);
	});

	it("may be of several pieces, each in its own direction", () => {
		const [west, east] = [
			[100, 100, 0, 100, 0, 0],
			[100, 98, 100, 0, 2, 0],
		];
		expect(rings([west ?? [], east ?? []])).toEqual([
			[
				{ x: 100, y: 100 },
				{ x: 0, y: 100 },
				{ x: 0, y: 0 },
				{ x: 2, y: 0 },
				{ x: 100, y: 0 },
				{ x: 100, y: 98 },
			],
		]);
		expect(rings([west ?? [], [500, 500, 600, 500, 600, 600, 500, 500]])).toHaveLength(1);
	});

	it("is none while it is open, or has too few points", () => {
		expect(rings([ring])).toEqual([]);
		expect(rings([[...ring, 0, 60]])).toEqual([]);
		expect(rings([[0, 0, 100, 0, 0, 0]])).toEqual([]);
		expect(rings([])).toEqual([]);
	});
});
