import { act, fireEvent, render, screen } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { StartingBox } from "../../resources/js/tackle/StartingBox";
import type { StartingBoxData } from "../../resources/js/types";
import { visits } from "./inertia";
import { drawing } from "./make";

vi.mock("@inertiajs/react", () => import("./inertia"));

const dozen = (kind: string, word: string): StartingBoxData => ({
	kind,
	word,
	lures: [0, 1, 2].map((place) => ({ place, title: `${kind} ${place}`, drawing: drawing() })),
});

it("what is struck out stays out, of this dozen alone", () => {
	render(<StartingBox offered={[dozen("still", "still water"), dozen("bream", "bream")]} />);
	const boxes = () => screen.getAllByRole("checkbox") as HTMLInputElement[];
	for (const box of boxes().slice(1)) fireEvent.click(box);
	fireEvent.click(screen.getByRole("button", { name: "Put this one in the box" }));
	expect(visits.at(-1)?.slice(0, 2)).toEqual([
		"/starting-box",
		{ uuid: expect.any(String), kind: "still", places: [0] },
	]);
	fireEvent.click(boxes()[0] as HTMLInputElement);
	expect(screen.getByRole("button", { name: "Leave at least one in" })).toHaveProperty("disabled", true);
	fireEvent.click(screen.getByRole("radio", { name: "bream" }));
	expect(boxes().every((box) => box.checked)).toBe(true);
	fireEvent.click(screen.getByRole("button", { name: "Put these 3 in the box" }));
	expect(visits.at(-1)?.[1]).toMatchObject({ kind: "bream", places: [0, 1, 2] });
});

it("says what stood in the way", () => {
	render(<StartingBox offered={[dozen("still", "still water")]} />);
	fireEvent.click(screen.getByRole("button", { name: "Put these 3 in the box" }));
	act(() => visits.at(-1)?.[2].onError?.({ uuid: "This box is full." }));
	return screen.findByText("This box is full.");
});
