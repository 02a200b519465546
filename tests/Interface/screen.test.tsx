import { act, fireEvent, render, screen as shown } from "@testing-library/react";
import type { ReactNode } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import Phone from "../../resources/js/pages/Phone";
import { isScreenWanted, keepScreenOn, useScreenOn, wantScreen } from "../../resources/js/phone/screen";
import { settle } from "./make";

vi.mock("@inertiajs/react", () => import("./inertia"));
vi.mock("../../resources/js/shell/AppLayout", () => ({
	AppLayout: ({ children }: { children: ReactNode }) => children,
}));

let locks: { released: boolean; release: () => Promise<void> }[] = [];
let visible = "visible";

beforeEach(() => {
	localStorage.clear();
	locks = [];
	visible = "visible";
	vi.stubGlobal("isSecureContext", true);
	vi.spyOn(document, "visibilityState", "get").mockImplementation(() => visible as DocumentVisibilityState);
	Object.defineProperty(navigator, "wakeLock", {
		value: {
			request: async () => {
				const lock = {
					released: false,
					release: async () => {
						lock.released = true;
					},
				};
				locks.push(lock);
				return lock;
			},
		},
		configurable: true,
	});
});

afterEach(() => {
	vi.restoreAllMocks();
	vi.unstubAllGlobals();
	Reflect.deleteProperty(navigator, "wakeLock");
});

function InOuting({ underWay }: { underWay: boolean }) {
	useScreenOn(underWay);
	return null;
}

describe("the screen", () => {
	it("stays on while an outing is under way, where that is wanted", async () => {
		const { unmount } = render(<InOuting underWay />);
		await settle();
		expect(locks).toHaveLength(0);
		unmount();
		wantScreen(true);
		const again = render(<InOuting underWay />);
		await settle();
		expect(locks.map(({ released }) => released)).toEqual([false]);
		again.rerender(<InOuting underWay={false} />);
		await settle();
		expect(locks.map(({ released }) => released)).toEqual([true]);
	});

	it("is kept on anew as one comes back to the page, and let go of even where it came late", async () => {
		visible = "hidden";
		const stop = keepScreenOn();
		await settle();
		expect(locks).toHaveLength(0);
		visible = "visible";
		document.dispatchEvent(new Event("visibilitychange"));
		stop();
		await settle();
		expect(locks.map(({ released }) => released)).toEqual([true]);
		document.dispatchEvent(new Event("visibilitychange"));
		await settle();
		expect(locks).toHaveLength(1);
	});

	it("is chosen on the page of this phone, which says why it cannot", async () => {
		render(<Phone />);
		await act(async () => {
			fireEvent.click(shown.getByLabelText("Keep the screen on in an outing"));
		});
		expect(isScreenWanted()).toBe(true);
		expect(shown.queryByText(/only for pages with https/)).toBeNull();
		vi.stubGlobal("isSecureContext", false);
		fireEvent.click(shown.getByLabelText("Keep the screen on in an outing"));
		fireEvent.click(shown.getByLabelText("Keep the screen on in an outing"));
		expect(shown.getByText("Browsers keep the screen on only for pages with https.")).toBeTruthy();
	});

	it("has a page that leads with what this phone is used for, and says what each is allowed", async () => {
		const told = new EventTarget() as EventTarget & { state: string };
		told.state = "prompt";
		Object.defineProperty(navigator, "permissions", { value: { query: async () => told }, configurable: true });
		let refuse = (_why: { code: number }) => {};
		const watchPosition = (_take: unknown, trouble: typeof refuse) => {
			refuse = trouble;
			return 1;
		};
		Object.defineProperty(navigator, "geolocation", {
			value: { watchPosition, clearWatch: () => {} },
			configurable: true,
		});
		localStorage.clear();
		render(<Phone />);
		const headline = () => shown.getByRole("heading", { level: 1 }).textContent;
		expect(headline()).toBe("This phone only tells you when time is up");
		fireEvent.click(shown.getByLabelText("Buzz when it\u2019s time to change or move"));
		expect(headline()).toBe("This phone tells Eskith nothing");
		fireEvent.click(shown.getByLabelText("Say where it is"));
		expect(headline()).toBe("This phone says where it is");
		await act(async () => {});
		expect(shown.getByText(/The browser asks when you turn it on\./)).toBeTruthy();
		told.state = "denied";
		act(() => void told.dispatchEvent(new Event("change")));
		expect(shown.getByText(/Refused for this page\./)).toBeTruthy();
		act(() => refuse({ code: 1 }));
		expect(headline()).toBe("This phone cannot say where it is");
		fireEvent.click(shown.getByLabelText("Say where it is"));
		Reflect.deleteProperty(navigator, "permissions");
		Reflect.deleteProperty(navigator, "geolocation");
	});
});
