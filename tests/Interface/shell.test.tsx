import { act, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { keep } from "../../resources/js/parts/kept";
import { AsItWas } from "../../resources/js/shell/AsItWas";
import { Said } from "../../resources/js/shell/Said";

const props: { said: string | null; madeAt: string } = { said: null, madeAt: "" };

vi.mock("@inertiajs/react", async (inertia) => ({ ...(await inertia<object>()), usePage: () => page }));

const page = { props };

/** What the router tells of a visit. */
function tell(event: "start" | "networkError" | "success", method = "get") {
	act(() => {
		document.dispatchEvent(new CustomEvent(`inertia:${event}`, { detail: { visit: { method } } }));
	});
}

beforeEach(() => {
	localStorage.clear();
	Object.assign(props, { said: null, madeAt: new Date().toISOString() });
});

afterEach(() => vi.unstubAllGlobals());

describe("what was pressed with no connection", () => {
	it("is told when it was to change something, and until the next is on its way", () => {
		render(<Said atFoot />);
		tell("start");
		tell("networkError");
		expect(screen.getByRole("status").textContent).toBe("");
		tell("start", "post");
		tell("networkError", "post");
		expect(screen.getByRole("status").textContent).toBe("No connection: nothing was changed. Press it again.");
		tell("start", "post");
		expect(screen.getByRole("status").textContent).toBe("");
	});
});

describe("a page that was kept on the device", () => {
	const none = () => Promise.reject(new TypeError("off"));
	const heard = () => Promise.resolve(new Response(null, { headers: { Date: new Date().toUTCString() } }));
	const opened = async (minutesAgo: number, answers: () => Promise<Response>) => {
		props.madeAt = new Date(Date.now() - 60_000 * minutesAgo).toISOString();
		vi.stubGlobal("fetch", answers);
		const { container } = render(<AsItWas />);
		await act(async () => {});
		return () => container.textContent;
	};

	it("says when it was made, until the server is heard", async () => {
		const says = await opened(10, none);
		expect(says()).toMatch(/^No signal: as it was (on .+ )?at \d+[:.]\d\d/);
		tell("success");
		expect(says()).toBe("");
	});

	it("says the day where that was another", async () => {
		expect((await opened(3 * 24 * 60, none))()).toMatch(/as it was on .+ at /);
	});

	it("is not taken for one where it is fresh, or the clock of the device is fast", async () => {
		expect((await opened(0, none))()).toBe("");
		keep("clock", 600_000);
		expect((await opened(0, heard))()).toBe("");
		keep("clock", 600_000);
		expect((await opened(0, none))()).toContain("No signal");
	});
});
