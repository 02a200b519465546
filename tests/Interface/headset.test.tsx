import "fake-indexeddb/auto";
import { act, render, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { device } from "../../resources/js/outbox/device";
import { leave, outboxOf } from "../../resources/js/outbox/wire";
import { setAngler } from "../../resources/js/parts/angler";
import { useGloves } from "../../resources/js/work/useGloves";

vi.mock("../../resources/js/phone/sound", () => ({ sound: vi.fn() }));

const keys = new Map<string, (() => void) | null>();
const session = {
	setActionHandler: (key: string, press: (() => void) | null) => keys.set(key, press),
	metadata: null as { title: string } | null,
	playbackState: "none",
};
const [play, pause] = [vi.fn(async () => {}), vi.fn()];
const toggle = vi.fn();

beforeEach(async () => {
	keys.clear();
	leave();
	for (const table of [device().deeds, device().turned]) await table.clear();
	for (const one of [play, pause, toggle]) one.mockClear();
	setAngler(7);
	vi.stubGlobal(
		"fetch",
		vi.fn(() => Promise.reject(new TypeError("offline"))),
	);
	vi.stubGlobal(
		"Audio",
		class {
			play = play;
			pause = pause;
		},
	);
	vi.stubGlobal(
		"MediaMetadata",
		class {
			title: string;
			constructor({ title }: { title: string }) {
				this.title = title;
			}
		},
	);
	Object.defineProperty(navigator, "mediaSession", { value: session, configurable: true });
});
afterEach(() => {
	vi.unstubAllGlobals();
	Reflect.deleteProperty(navigator, "mediaSession");
});

interface Props {
	running: boolean;
	outing?: string | null;
}

function Gloves({ running, outing = "o1" }: Props) {
	const trainer = { running, toggle, now: () => null, trouble: null };
	return <p role="status">{useGloves(trainer, "Low hop", outing, "r1")}</p>;
}

const press = (key: string) => act(async () => keys.get(key)?.());
const said = () => screen.getByRole("status").textContent;

describe("a headset while time is kept", () => {
	it("has no key before that, and none after the page is left", () => {
		const { rerender, unmount } = render(<Gloves running={false} />);
		expect([keys.size, said()]).toEqual([0, ""]);
		rerender(<Gloves running />);
		expect([...keys.keys()].sort()).toEqual(["nexttrack", "pause", "play"]);
		expect([play.mock.calls.length, session.playbackState, session.metadata?.title]).toEqual([1, "playing", "Low hop"]);
		expect(said()).toBe("Headset: next track logs a bite, pause stops.");
		unmount();
		expect([...keys.values()]).toEqual([null, null, null]);
		expect(session.playbackState).toBe("none");
	});

	it("stops time and starts it again", async () => {
		const { rerender } = render(<Gloves running />);
		await press("pause");
		expect(toggle).toHaveBeenCalledTimes(1);
		rerender(<Gloves running={false} />);
		expect([pause.mock.calls.length, session.playbackState]).toEqual([1, "paused"]);
		await press("play");
		expect(toggle).toHaveBeenCalledTimes(2);
	});

	it("logs a bite on the rod in hand by next track, with no signal too", async () => {
		render(<Gloves running />);
		await press("nexttrack");
		await waitFor(() => expect(said()).toBe("Bite logged from the headset. Undo it on Fish."));
		expect(await outboxOf(7).waiting()).toMatchObject([
			{ do: "log", outing: "o1", rod: "r1", entry: { kind: "touch" } },
		]);
	});

	it("says that there is no outing, and logs nothing", async () => {
		render(<Gloves running outing={null} />);
		await press("nexttrack");
		await waitFor(() => expect(said()).toBe("No outing is under way. Start one on Fish."));
		expect(await outboxOf(7).waiting()).toEqual([]);
	});
});
