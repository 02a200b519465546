/** The address of the PHP that a device runs. */
declare module "virtual:rooms" {
	const url: string;
	export default url;
}

/** What is used of the runtime; see the package for the rest. */
declare module "php-wasm/php8.2-web.mjs" {
	export interface PhpRuntime {
		FS: {
			mkdir(path: string): void;
			mkdirTree(path: string): void;
			writeFile(path: string, text: string): void;
		};
		ccall(name: string, returns: "number", takes: "string"[], given: string[]): number;
		ccall(name: string, returns: "number", takes: "string"[], given: string[], how: { async: true }): Promise<number>;
	}
	const Runtime: new (settings: Record<string, unknown>) => Promise<PhpRuntime>;
	export default Runtime;
}
