// @vitest-environment node
import { describe, expect, it } from "vitest";
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
			{ line: 2, text: "{spent} min without a bite" },
			{ line: 3, text: "Rod in hand" },
		]);
		expect(all.length).toBeGreaterThan(900);
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
