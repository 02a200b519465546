/// <reference lib="webworker" />
import type { PhpRuntime } from "php-wasm/php8.2-web.mjs";
import type { Files } from "./files";

declare const self: DedicatedWorkerGlobalScope;

/** What the page asks: first of all where things lie and what was taken along, then questions. */
export type ToWorker = { open: Files & { kit: string } } | { id: number; asked: string };

/** What it hears: an answer as JSON, or that none can be given. */
export type FromWorker = { id: number; answered: string } | { id: number; failed: string };

let php: Promise<Php> | null = null;

self.onmessage = async ({ data }: MessageEvent<ToWorker>) => {
	if ("open" in data) {
		php = Php.open(data.open);
		// What goes wrong is told to who asks.
		php.catch(() => {});
		return;
	}
	try {
		if (!php) throw new Error("Nothing is open.");
		self.postMessage({ id: data.id, answered: (await php).answer(data.asked) } satisfies FromWorker);
	} catch (error) {
		self.postMessage({ id: data.id, failed: String(error) } satisfies FromWorker);
	}
};

/** The rooms that tell, in a PHP of this worker's own. */
class Php {
	private constructor(
		private readonly runtime: PhpRuntime,
		private readonly said: number[],
	) {}

	static async open({ runtime, wasm, rooms, kit }: Files & { kit: string }): Promise<Php> {
		// The runtime looks for a page around it.
		Object.assign(self, { window: self, document: { currentScript: null } });
		const [{ default: Runtime }, files] = await Promise.all([
			import(/* @vite-ignore */ runtime) as Promise<typeof import("php-wasm/php8.2-web.mjs")>,
			fetch(rooms).then((answer) => answer.json() as Promise<Record<string, string>>),
		]);
		const said: number[] = [];
		const started = await new Runtime({
			locateFile: () => wasm,
			stdin: () => null,
			stdout: (byte: number) => said.push(byte),
			stderr: () => {},
			onRefresh: new Set(),
		});
		await started.ccall("pib_storage_init", "number", [], [], { async: true });
		const { FS } = started;
		FS.mkdir("/preload");
		FS.writeFile("/php.ini", "memory_limit=96M\nprecision=14\nserialize_precision=-1\ndisplay_errors=1\n");
		await started.ccall("pib_init", "number", ["string"], ["embed"], { async: true });
		for (const [path, text] of Object.entries(files)) {
			FS.mkdirTree(path.slice(0, path.lastIndexOf("/")));
			FS.writeFile(path, text);
		}
		const opened = new Php(started, said);
		FS.writeFile("/kit.json", kit);
		opened.run(`<?php
foreach (['Iconv', 'Mbstring'] as $missing) { require "/polyfill/{$missing}/bootstrap80.php"; }
spl_autoload_register(static function (string $class): void {
	$rooms = ['Eskith\\\\Core\\\\' => '/core/', 'Eskith\\\\Telling\\\\' => '/telling/', 'Symfony\\\\Polyfill\\\\' => '/polyfill/'];
	foreach ($rooms as $space => $room) {
		$file = $room.strtr(substr($class, strlen($space)), '\\\\', '/').'.php';
		if (str_starts_with($class, $space) && is_file($file)) { require $file; }
	}
});
Eskith\\Telling\\OnBoard::take(file_get_contents('/kit.json'));`);
		return opened;
	}

	answer(asked: string): string {
		this.runtime.FS.writeFile("/asked.json", asked);
		return this.run("<?php echo Eskith\\Telling\\OnBoard::answer(file_get_contents('/asked.json'));");
	}

	private run(code: string): string {
		this.said.length = 0;
		const status = this.runtime.ccall("pib_run", "number", ["string"], [`?>${code}`]);
		const text = new TextDecoder().decode(new Uint8Array(this.said));
		if (status !== 0) throw new Error(text || `PHP ended with ${status}.`);
		return text;
	}
}
