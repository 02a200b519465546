// Every text in the scripts that is said, as its template stands there: what an element reads, and what a label or a notice holds.
// As a program it prints them as JSON; `saidIn()` gives those of one file. One that is put together where it stands, in place of
// by `say()`, is glued.
import { readdirSync, readFileSync } from "node:fs";
import { dirname, join, relative } from "node:path";
import { fileURLToPath, pathToFileURL } from "node:url";
import { parseAst } from "vite";

const root = join(dirname(fileURLToPath(import.meta.url)), "../..");

/** Attributes that hold no words. */
const silent = /^(className|list|name|href|d|viewBox|transform|style|key|id|type|points|fill|stroke.*|font.*|data-.*|autoComplete)$/;

const twoWords = /(^|[ “"(])[A-Za-z{][\w’'}-]*[,;:.?!]?[ \u00a0][A-Za-z0-9{½]/;

/** Class lists, paths and the like. */
const ofMachines = /^\s*[\w-]+:|(^|\s)(flex|grid|figure|block|hidden|text-|bg-|border-|min-|max-|lg:|sm:|px-|py-|pt-|pb-|mt-|mb-|gap-|w-|h-|size-|col-)|[{}]=|=>|\/\*|^[MLHVCZ] ?[{\d]|^\w+\(\{/;

/** @returns {{line: number, text: string, glued?: true}[]} */
export function saidIn(source) {
	const found = [];
	const lineOf = (at) => source.slice(0, at).split("\n").length;
	const keep = (text, at, glued = false) => {
		const said = text.replace(/[^\S\u00a0]+/g, " ").trim();
		if (twoWords.test(said) && !ofMachines.test(said)) found.push({ line: lineOf(at), text: said, ...(glued && { glued }) });
	};
	const walk = (node, inElement = false) => {
		if (Array.isArray(node)) return node.forEach((one) => void walk(one, inElement));
		if (!node || typeof node.type !== "string") return;
		if (node.type === "ImportDeclaration" || node.type === "TSLiteralType" || node.type === "TemplateElement") return;
		if (node.type === "JSXAttribute" && silent.test(node.name.name ?? "")) return;
		if (node.type === "JSXElement" || node.type === "JSXFragment") {
			const reads = node.children.some((child) => child.type === "JSXText" && child.value.trim() !== "");
			if (reads && !inElement) keep(read(node), node.start, isGlued(node));
			walk(node.openingElement?.attributes ?? []);
			return walk(node.children, reads || inElement);
		}
		if (node.type === "Literal" && typeof node.value === "string") return keep(node.value, node.start);
		if (node.type === "TemplateLiteral") keep(template(node), node.start, node.expressions.length > 0);
		for (const [name, value] of Object.entries(node)) if (name !== "key" && typeof value === "object") walk(value);
	};
	walk(parseAst(source, { lang: "tsx" }).body);
	return found;
}

/** Whether words and values stand beside each other in it, with no element between them or round them. */
function isGlued({ children }) {
	return (
		children.every(({ type }) => type === "JSXText" || type === "JSXExpressionContainer") &&
		children.some((child) => child.type === "JSXText" && /[A-Za-z]{2}/.test(child.value)) &&
		children.some((child) => child.type === "JSXExpressionContainer" && isValue(child.expression))
	);
}

function isValue({ type, right, consequent }) {
	return type !== "Literal" && type !== "JSXEmptyExpression" && (right ?? consequent)?.type !== "JSXElement";
}

/** What an element reads, its values by their names. */
function read(node) {
	return node.children
		.map((child) => {
			if (child.type === "JSXText") return child.value;
			if (child.type === "JSXElement" || child.type === "JSXFragment") return read(child);
			const inner = child.expression;
			if (inner?.type === "Literal" && typeof inner.value === "string") return inner.value;
			return inner?.type === "JSXEmptyExpression" ? "" : ` {${nameOf(inner)}} `;
		})
		.join("");
}

function template(node) {
	return node.quasis.map((quasi, i) => quasi.value.cooked + (node.expressions[i] ? `{${nameOf(node.expressions[i])}}` : "")).join("");
}

function nameOf(node) {
	if (node?.type === "Identifier") return node.name;
	if (node?.type === "MemberExpression") return node.computed ? nameOf(node.object) : node.property.name;
	if (node?.type === "CallExpression") return nameOf(node.arguments[0] ?? node.callee);
	if (node?.type === "ChainExpression") return nameOf(node.expression);
	return "value";
}

/** @returns {{file: string, line: number, text: string, glued?: true}[]} */
export function inScripts() {
	const files = readdirSync(join(root, "resources/js"), { recursive: true, withFileTypes: true })
		.filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name) && !/^(types|kinds|figures)\.ts$/.test(entry.name))
		.map((entry) => relative(root, join(entry.parentPath, entry.name)))
		.sort();
	return files.flatMap((file) => saidIn(readFileSync(join(root, file), "utf8")).map((said) => ({ file, ...said })));
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? "").href) process.stdout.write(JSON.stringify(inScripts()));
