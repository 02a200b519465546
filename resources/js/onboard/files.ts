import rooms from "virtual:rooms";
import wasm from "php-wasm/40d868d34dca3f36959a0eab83092ce0c66b70f7.wasm?url";
import runtime from "php-wasm/php8.2-web.mjs?url";
import worker from "./worker.ts?worker&url";

/** Where on the server lies what this device answers with: PHP's runtime, and the rooms that it runs. */
export interface Files {
	runtime: string;
	wasm: string;
	rooms: string;
}

const whole = (path: string) => new URL(path, window.location.href).href;

export const FILES: Files = { runtime: whole(runtime), wasm: whole(wasm), rooms: whole(rooms) };

export const WORKER = whole(worker);

/** All that is taken along. */
export const ALL: readonly string[] = [...Object.values(FILES), WORKER];
