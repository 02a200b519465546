import { beforeEach, describe, expect, it, vi } from "vitest";
import { newId, Refused, send, sendFile } from "../../resources/js/parts/send";

describe("sending", () => {
	beforeEach(() => {
		// biome-ignore lint/suspicious/noDocumentCookie: that is where the framework leaves its token
		document.cookie = "XSRF-TOKEN=a%2Bb";
	});

	it("sends JSON with the token and gives the answer back", async () => {
		const fetch = vi.fn(async () => new Response('{"ok":1}', { status: 200 }));
		vi.stubGlobal("fetch", fetch);
		await expect(send("PUT", "/readings", { readings: {} })).resolves.toEqual({ ok: 1 });
		const [url, init] = fetch.mock.calls[0] as unknown as [string, RequestInit & { headers: Record<string, string> }];
		expect(url).toBe("/readings");
		expect(init.headers["X-XSRF-TOKEN"]).toBe("a+b");
		expect(init.body).toBe('{"readings":{}}');
	});

	it("turns a refusal into its sentence and its fields", async () => {
		vi.stubGlobal(
			"fetch",
			async () =>
				new Response(JSON.stringify({ message: "m", errors: { depth: ["Too deep."], temp: ["Too hot."] } }), {
					status: 422,
				}),
		);
		const refused = await send("GET", "/x").catch((error: unknown) => error);
		expect(refused).toBeInstanceOf(Refused);
		expect(refused).toMatchObject({
			message: "Too deep.",
			status: 422,
			fields: { depth: "Too deep.", temp: "Too hot." },
		});
	});

	it("says a sentence even when the answer is no JSON", async () => {
		vi.stubGlobal("fetch", async () => new Response("<html>", { status: 500 }));
		await expect(send("GET", "/x")).rejects.toMatchObject({ message: "That did not work. Try again.", status: 500 });
	});

	it("lets a lost connection through as what it is", async () => {
		vi.stubGlobal("fetch", async () => {
			throw new TypeError("offline");
		});
		await expect(send("GET", "/x")).rejects.toBeInstanceOf(TypeError);
	});

	it("sends a file as a form", async () => {
		const fetch = vi.fn(async () => new Response("{}", { status: 200 }));
		vi.stubGlobal("fetch", fetch);
		await sendFile("/box/preview", new File(["a,b"], "box.csv"));
		const [, init] = fetch.mock.calls[0] as unknown as [string, RequestInit];
		expect((init.body as FormData).get("file")).toBeInstanceOf(File);
	});
});

describe("ids", () => {
	it("are UUIDs and never twice the same", () => {
		const ids = new Set(Array.from({ length: 200 }, newId));
		expect(ids.size).toBe(200);
		for (const id of ids) expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
	});

	it("are UUIDs also where the browser has no function for it", () => {
		vi.stubGlobal("crypto", { getRandomValues: (bytes: Uint8Array) => bytes.fill(255) });
		expect(newId()).toBe("ffffffff-ffff-4fff-bfff-ffffffffffff");
		vi.unstubAllGlobals();
	});
});
