import { act, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { setUsed } from "../../resources/js/phone/position";
import { WaterDialog } from "../../resources/js/places/WaterDialog";
import { settle } from "./make";

/** Who is told where the phone is; null until somebody asks. */
let heard: ((position: unknown) => void) | null = null;

beforeEach(() => {
	localStorage.clear();
	heard = null;
	vi.stubGlobal("isSecureContext", true);
	const watchPosition = (told: (position: unknown) => void) => {
		heard = told;
		return 1;
	};
	Object.defineProperty(navigator, "geolocation", {
		value: { watchPosition, clearWatch: () => {} },
		configurable: true,
	});
});

afterEach(() => {
	setUsed(false);
	vi.unstubAllGlobals();
	Reflect.deleteProperty(navigator, "geolocation");
});

const value = (label: string) => (screen.getByLabelText(label) as HTMLInputElement).value;

describe("where a new water lies", () => {
	it("is where the phone on it is, and is not moved by a press once it is known", async () => {
		const none = { waters: [], kinds: [], tides: [], onDone: () => {} };
		render(<WaterDialog water={null} {...none} />);
		fireEvent.click(await screen.findByRole("button", { name: "Use this phone" }));
		await waitFor(() => expect(heard).not.toBeNull());
		await act(async () => {
			heard?.({ coords: { latitude: 61.123456, longitude: -7.98765, accuracy: 40 }, timestamp: Date.now() });
			await settle();
		});
		fireEvent.click(await screen.findByRole("button", { name: "It's where this phone is" }));
		expect([value("Degrees north"), value("Degrees east")]).toEqual(["61.12346", "-7.98765"]);
		expect(screen.queryByRole("button", { name: "It's where this phone is" })).toBeNull();
	});
});
