import { describe, expect, it } from "vitest";
import { laid, leaning, roomAround, roomOf, shared } from "../../resources/js/places/labels";

const size = { wide: 600, tall: 336 };
const label = (text: string, px: number, py: number) => ({ text, px, py, fontSize: 13 });

describe("names on the chart", () => {
	it("lie up and to the right of what they name where there is room", () => {
		expect(laid([label("North bar", 300, 150)], [], size)).toEqual([{ x: 309, y: 143, anchor: "start" }]);
	});

	it("keep clear of marks, of the ends of the line and of each other", () => {
		const taken = [roomAround(330, 140, 12), roomAround(300, 150, 6)];
		const labels = [label("North bar", 300, 150), label("Gravel shelf", 306, 158), label("Bar", 296, 144)];
		const rooms = laid(labels, taken, size).map((at, i) => roomOf(labels[i] as (typeof labels)[0], at));
		for (const [i, one] of rooms.entries())
			for (const other of [...taken, ...rooms.slice(i + 1)]) expect(shared(one, other)).toBe(0);
	});

	it("are not cut off at the edges", () => {
		for (const [px, py] of [
			[590, 150],
			[10, 150],
			[300, 4],
			[300, 332],
			[596, 332],
		] as const) {
			const one = label("Causeway end", px, py);
			const room = roomOf(one, laid([one], [], size)[0] as ReturnType<typeof laid>[0]);
			expect(room.left).toBeGreaterThanOrEqual(0);
			expect(room.right).toBeLessThanOrEqual(size.wide);
			expect(room.top).toBeGreaterThanOrEqual(0);
			expect(room.bottom).toBeLessThanOrEqual(size.tall);
		}
	});
});

describe("numbers on the chart", () => {
	it("stand upright, and lean where another stands already", () => {
		expect(leaning([{ px: 100, py: 100 }], []).map(({ lean }) => lean)).toEqual([0]);
		const leans = leaning(
			[
				{ px: 100, py: 100 },
				{ px: 104, py: 98 },
				{ px: 98, py: 102 },
			],
			[roomAround(118, 92, 8)],
		).map(({ lean }) => lean);
		expect(leans[0]).toBe(0);
		expect(new Set(leans).size).toBe(3);
		expect(leans, "towards the mark stands none").not.toContain(60);
	});
});
