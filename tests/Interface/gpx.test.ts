import { readFileSync } from "node:fs";
import { gpx } from "@tmcw/togeojson";
import { describe, expect, it } from "vitest";

/** The core writes this file (tests/Core/PlacesFileTest.php holds it to that); a reader of other hands takes it in here. */
describe("a GPX file of ours", () => {
	const text = readFileSync("tests/Interface/data/places.gpx", "utf8");
	const { features } = gpx(new DOMParser().parseFromString(text, "text/xml"));
	const named = (name: string) => features.find((one) => one.properties?.name === name);

	it("has its places where they are, with their names and words", () => {
		expect(features).toHaveLength(5);
		const snag = named('Snag & <old> "crib"');
		expect(snag?.properties?.desc).toBe("left of; the pole; depth 3.13 m");
		expect(snag?.geometry).toMatchObject({ type: "Point" });
		const at = snag?.geometry.type === "Point" ? snag.geometry.coordinates : [];
		expect(at[0]).toBeCloseTo(179.99999999, 7);
		expect(at[1]).toBeCloseTo(-33.12345678, 7);
	});

	it("has its walls and its tracks point by point", () => {
		const lines = features.map(({ geometry }) => (geometry?.type === "LineString" ? geometry.coordinates.length : 0));
		expect(lines.filter((points) => points > 0)).toEqual(expect.arrayContaining([2, 3]));
		const track = named("First of November");
		expect(track?.geometry.type === "LineString" && track.geometry.coordinates[2]?.[1]).toBeCloseTo(61.31004, 7);
	});
});
