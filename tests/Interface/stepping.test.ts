import { describe, expect, it } from "vitest";
import { stepped, words } from "../../resources/js/readings/stepping";
import { reading } from "./make";

const clarity = reading({
	name: "clarity",
	kind: "choice",
	text: "stained",
	options: [
		{ value: "clear", word: "clear" },
		{ value: "stained", word: "stained" },
		{ value: "dirty", word: "dirty" },
	],
});

describe("stepping a measure", () => {
	it("goes up and down by one step", () => {
		expect(stepped(reading(), "26 ft", 1)).toBe("27 ft");
		expect(stepped(reading(), "26 ft", -1)).toBe("25 ft");
	});

	it("adds to what is waiting, not to what was answered", () => {
		expect(stepped(reading(), "31 ft", 1)).toBe("32 ft");
	});

	it("reckons from the value when the text is in another unit", () => {
		expect(stepped(reading({ text: "9 m", value: 29.5276 }), "9 m", 1)).toBe("31 ft");
	});

	it("keeps small steps free of rounding dust", () => {
		const drift = reading({ text: "0.3 mph", unit: "mph", value: 0.3, step: 0.05, min: -13, max: 13 });
		expect(stepped(drift, "0.3 mph", 1)).toBe("0.35 mph");
		expect(stepped(drift, "0.1 mph", -1)).toBe("0.05 mph");
		expect(stepped(drift, "0 mph", -1)).toBe("-0.05 mph");
	});

	it("goes through zero with a typed minus sign", () => {
		const drift = reading({ text: "0 mph", unit: "mph", value: 0, step: 0.05, min: -13, max: 13 });
		expect(stepped(drift, "−0.1 mph", 1)).toBe("-0.05 mph");
	});

	it("stays within what is believed", () => {
		expect(stepped(reading(), "492 ft", 1)).toBe("492 ft");
		expect(stepped(reading(), "1 ft", -1)).toBe("1 ft");
	});

	it("begins at zero where nothing was read", () => {
		expect(stepped(reading({ text: null, value: null, min: 0 }), null, 1)).toBe("1 ft");
	});
});

describe("stepping a choice", () => {
	it("goes round", () => {
		expect(stepped(clarity, "stained", 1)).toBe("dirty");
		expect(stepped(clarity, "dirty", 1)).toBe("clear");
		expect(stepped(clarity, "clear", -1)).toBe("dirty");
	});

	it("leaves several choices to their own editor", () => {
		expect(stepped(reading({ kind: "choices", options: clarity.options }), "clear", 1)).toBeNull();
	});
});

describe("the words for what is not answered yet", () => {
	it("shows a measure as it was typed", () => expect(words(reading(), "30'")).toBe("30'"));
	it("shows choices by their words", () => expect(words(clarity, "dirty")).toBe("dirty"));
	it("joins several", () => expect(words({ ...clarity, kind: "choices" }, "clear,dirty")).toBe("clear, dirty"));
	it("says none for an empty choice", () => expect(words({ ...clarity, kind: "choices" }, "")).toBe("none"));
	it("says nothing for what was taken away", () => expect(words(reading(), null)).toBe("–"));
});
