import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import type { Plugin } from "vite";

/** Where what a device needs to answer by itself lies here, and where it lies there. */
const ROOMS: [string, string][] = [
	["core", "/core"],
	["telling", "/telling"],
	// The runtime has no mbstring.
	["vendor/symfony/polyfill-iconv", "/polyfill/Iconv"],
	["vendor/symfony/polyfill-mbstring", "/polyfill/Mbstring"],
];

/** Tables of other encodings than UTF-8, in which everything is. */
const NEVER = /Resources.charset/;

/** Makes `virtual:rooms`: the address of one file with the PHP that a device runs, text by path. */
export function rooms(): Plugin {
	return {
		name: "rooms",
		apply: "build",
		resolveId: (id) => (id === "virtual:rooms" ? "\0rooms" : null),
		load(id) {
			if (id !== "\0rooms") return null;
			const files: Record<string, string> = {};
			for (const [here, there] of ROOMS) {
				for (const entry of readdirSync(here, { recursive: true, withFileTypes: true })) {
					const path = join(entry.parentPath, entry.name);
					if (entry.isFile() && entry.name.endsWith(".php") && !NEVER.test(path)) {
						files[there + path.slice(here.length)] = readFileSync(path, "utf8");
					}
				}
			}
			const ref = this.emitFile({ type: "asset", name: "rooms.json", source: JSON.stringify(files) });
			return `export default import.meta.ROLLUP_FILE_URL_${ref};`;
		},
	};
}
