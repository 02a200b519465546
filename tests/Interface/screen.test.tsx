import { act, fireEvent, render, screen as shown } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { isScreenWanted, keepScreenOn, useScreenOn, wantScreen } from "../../resources/js/phone/screen";
import { ThisPhone } from "../../resources/js/phone/ThisPhone";
import { settle } from "./make";

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

	it("is chosen in Settings, which says why it cannot", async () => {
		render(<ThisPhone />);
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
});
