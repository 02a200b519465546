import { fireEvent, render, screen, within } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import type { Live } from "../../resources/js/readings/useAnswer";
import type { ReadingData } from "../../resources/js/types";
import { ReadingsBoard } from "../../resources/js/water/ReadingsBoard";
import { answer, heldFetch, reading } from "./make";

beforeEach(() => vi.stubGlobal("fetch", heldFetch().fetch));

const word = (over: Partial<ReadingData>) => reading({ options: [{ value: "a", word: "a" }], ...over });

function board(troubles: Record<string, string> = {}) {
	const readings = {
		depth: reading({ name: "depth", label: "depth", group: "Depth", shown: "26 ft" }),
		bottom: word({ name: "bottom", label: "bottom", group: "Depth", shown: "rock" }),
		wall: word({ name: "wall", label: "steep wall", group: "Depth", shown: "no" }),
		level: reading({ name: "level", label: "level", group: "Depth", shown: "–", source: "missing" }),
		wind: reading({ name: "wind", label: "wind", group: "Movement", shown: "8 mph" }),
	};
	const live = { answer: answer({ readings }), pending: {}, troubles, change: () => {}, pin: () => {} };
	return render(<ReadingsBoard live={live as unknown as Live} places={[]} spotId={null} />);
}

const shown = () => [...document.querySelectorAll<HTMLElement>("[data-reading]")].map((cell) => cell.dataset.reading);

it("shows what moves the choice first, and the rest of a group in one line until it is pressed", () => {
	board();
	expect(shown()).toEqual(["depth"]);
	const depth = screen.getByRole("region", { name: "Depth" });
	expect(depth.textContent).toContain("rock");
	expect(depth.textContent).not.toMatch(/no|–|26 ft/);
	expect(screen.getByRole("region", { name: "Movement" }).textContent).toContain("wind 8 mph");
	fireEvent.click(within(depth).getByRole("button"));
	expect(shown()).toEqual(["depth", "bottom", "wall", "level"]);
	fireEvent.click(within(depth).getAllByRole("button")[0] as HTMLElement);
	expect(shown()).toEqual(["depth"]);
});

it("goes with the arrows through what is shown, and opens a group in which something is wrong", () => {
	board({ wind: "Wind is 0 to 60 mph." });
	expect(shown()).toEqual(["depth", "wind"]);
	const [depth, wind] = [...document.querySelectorAll<HTMLElement>("[data-reading]")];
	fireEvent.keyDown(depth as HTMLElement, { key: "ArrowRight" });
	expect(document.activeElement).toBe(wind);
	fireEvent.keyDown(wind as HTMLElement, { key: "ArrowRight" });
	expect(document.activeElement).toBe(depth);
});
