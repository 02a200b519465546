// @vitest-environment node
import { describe, expect, it } from "vitest";
import { say } from "../../resources/js/parts/words";
import { inScripts, saidIn } from "../Support/saidWords.mjs";

const LONGEST = 16;

/** Words that are said otherwise, with what stands for them. */
const otherwise: [RegExp, string][] = [
	[/\b[Tt]ouche[sd]\b|\b[Nn]o touch\b/, "bites, bit"],
	[/\b[Nn]obody\b/, "say who"],
	[/\b[Ww]hatever\b/, "say which"],
	[/\banew\b/, "again"],
	[/[Rr]eckon/, "work out"],
	[/\bashore\b/, "off the boat"],
	[/\bof it\b/, "say of what"],
	[/\bthe other school\b/, "its name"],
	[/ {2}/, "one space"],
];

function longestSentence(text: string): number {
	const sentences = text.replaceAll("\u00a0", "_").split(/(?<=[.?!])\s+(?=[A-Z{“"])/);
	return Math.max(...sentences.map((one) => one.match(/\S*[\w{#]\S*/g)?.length ?? 0));
}

/** Keys that things are kept by, and errors that only a developer sees. */
const unsaid =
	/^(event|fish|setup|pick|outing|send) \{\w+\}$|^\{uuid\} move|^\{setup\} after|^There is no page|^PHP ended|did not come\.$/;

describe("what the scripts say", () => {
	const all = inScripts().filter(({ text }) => !/^\{touches\}|, \{touches\}/.test(text));

	it("is found where it stands, with its values by their names", () => {
		expect(
			saidIn(
				'export const A = ({ n }) => <p className="text-ink lg:flex">Move to <b>{n.name}</b>, at once</p>;\n' +
					// biome-ignore lint/suspicious/noTemplateCurlyInString: a source that holds one
					'const said = `${spent} min without a bite`;\nconst label = "Rod in hand";',
			),
		).toEqual([
			{ line: 1, text: "Move to {name} , at once" },
			{ line: 2, text: "{spent} min without a bite", glued: true },
			{ line: 3, text: "Rod in hand" },
		]);
		expect(all.length).toBeGreaterThan(900);
	});

	it("is put together by say() where it has values", () => {
		const glued = all.filter((one) => one.glued && /[A-Za-z]{3}/.test(one.text.replaceAll(/\{[^}]*\}/g, "")));
		expect(glued.filter(({ text }) => !unsaid.test(text))).toEqual([]);
		expect(saidIn('const A = <p>{n} bites</p>;\nconst B = <p>{say("{n} bites", { n })}</p>;')).toEqual([
			{ line: 1, text: "{n} bites", glued: true },
			{ line: 2, text: "{n} bites" },
		]);
	});

	it("says plurals, capitals and what is not known", () => {
		expect(say("{bites|One bite|# bites} in {time}", { bites: 1, time: "1 h" })).toBe("One bite in 1 h");
		expect(say("{bites|# bite|# bites} of {all|# bite|# bites}", { bites: 0, all: 11 })).toBe("0 bites of 11 bites");
		expect(say("{lure} is put away.", { lure: "white blade" })).toBe("White blade is put away.");
		expect(say("{lure} hole", { lure: "middle" })).toBe("middle hole");
		expect(say("Kept{more}", { more: null })).toBe("Kept");
		expect(say("{words}", { words: "{words} $& \\1" })).toBe("{words} $& \\1");
	});

	it("is short", () => {
		expect(all.filter(({ text }) => longestSentence(text) > LONGEST)).toEqual([]);
	});

	it("keeps the voice", () => {
		const wrong = all.flatMap(({ file, line, text }) =>
			otherwise.filter(([words]) => words.test(text)).map(([, instead]) => `${file}:${line} ${text} (${instead})`),
		);
		expect(wrong).toEqual([]);
	});
});
