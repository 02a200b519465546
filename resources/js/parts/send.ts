import { hear } from "./clock";
import { isOnBoard, kitIsOld } from "./kit";

/** A refusal in the server's own sentence, with the fields it concerns. */
export class Refused extends Error {
	constructor(
		message: string,
		readonly fields: Record<string, string>,
		readonly status: number,
		/** Everything the server said. */
		readonly answer: unknown = null,
		/** s after which it may be tried again, where the server says so; 0 where it does not. */
		readonly retryAfter = 0,
	) {
		super(message);
	}
}

/** What a request shows to be one of this page. */
export function token(): string {
	const cookie = document.cookie.split("; ").find((part) => part.startsWith("XSRF-TOKEN="));
	return cookie ? decodeURIComponent(cookie.slice("XSRF-TOKEN=".length)) : "";
}

/**
 * Sends JSON to the application and gives back what it answers. Throws Refused, or a TypeError when nothing answers.
 *
 * @param isKept whether something is kept by it: then what this device knows is not all of it any more
 */
export async function send<T>(
	method: "GET" | "POST" | "PUT" | "PATCH" | "DELETE",
	url: string,
	body?: unknown,
	signal?: AbortSignal,
	isKept = method !== "GET",
): Promise<T> {
	const askedAt = Date.now();
	const response = await fetch(url, {
		method,
		signal,
		credentials: "same-origin",
		headers: {
			Accept: "application/json",
			"Content-Type": "application/json",
			// Says that this is no page, so that it is never one to go back to.
			"X-Requested-With": "XMLHttpRequest",
			"X-XSRF-TOKEN": token(),
		},
		body: body === undefined ? undefined : JSON.stringify(body),
	});
	// What is only looked at may have been kept on the way.
	if (method !== "GET") hear(response, askedAt);
	if (isKept && response.ok) kitIsOld();
	return answered<T>(response);
}

/** ms after which a line is poor: this device is asked too, and who answers first is heard. */
export const POOR = 700;

/**
 * Asks what is only answered: of the server, and where that cannot be reached, or takes long, of this device itself. Throws as
 * send() does.
 *
 * @param body what is too long for the address
 */
export async function ask<T>(url: string, signal?: AbortSignal, body?: Record<string, unknown>): Promise<T> {
	const server = send<T>(body ? "POST" : "GET", url, body, signal, false);
	if (!isOnBoard()) return server;
	// Whatever becomes of it where the device was quicker, nobody waits for it any more.
	server.catch(() => {});
	const told = await Promise.race([
		server.catch((error) => {
			if (error instanceof Refused || signal?.aborted) throw error;
			return null;
		}),
		pause(POOR),
	]);
	if (told !== null) return told;
	const here = await askHere<T>(url, [], body);
	if (signal?.aborted) throw new DOMException("It was called off.", "AbortError");
	return here ?? server;
}

const pause = (ms: number) => new Promise<null>((resolve) => setTimeout(() => resolve(null), ms));

/**
 * What this device answers by itself; null where it cannot. Throws Refused, as the server would.
 *
 * @param more what was done here too, beside what waits, as it would be sent
 * @param body as it would be sent with the question
 */
export async function askHere<T>(
	url: string,
	more: unknown[] = [],
	body: Record<string, unknown> = {},
): Promise<T | null> {
	if (!isOnBoard()) return null;
	const told = await import("./onBoard").then(({ answerOnBoard }) => answerOnBoard(url, more, body)).catch(() => null);
	return told && answered<T>(new Response(JSON.stringify(told.body), { status: told.status }));
}

async function answered<T>(response: Response): Promise<T> {
	const answer = response.status === 204 ? null : await response.json().catch(() => null);
	if (!response.ok) {
		const errors: Record<string, string[]> = answer?.errors ?? {};
		const fields = Object.fromEntries(Object.entries(errors).map(([name, all]) => [name, all[0] ?? ""]));
		throw new Refused(
			Object.values(fields)[0] ?? answer?.message ?? "That did not work. Try again.",
			fields,
			response.status,
			answer,
			Number(response.headers.get("Retry-After")) || 0,
		);
	}
	return answer as T;
}

/** A new id for a write, so that sending it twice changes nothing. */
export function newId(): string {
	if (typeof crypto.randomUUID === "function") return crypto.randomUUID();
	const bytes = crypto.getRandomValues(new Uint8Array(16));
	bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
	bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
	const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, "0")).join("");
	return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join("-");
}

/** Sends a file to the application, as send() does with JSON. */
export async function sendFile<T>(url: string, file: File): Promise<T> {
	const body = new FormData();
	body.append("file", file);
	const response = await fetch(url, {
		method: "POST",
		credentials: "same-origin",
		headers: { Accept: "application/json", "X-Requested-With": "XMLHttpRequest", "X-XSRF-TOKEN": token() },
		body,
	});
	return answered<T>(response);
}
