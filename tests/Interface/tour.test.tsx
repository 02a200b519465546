import { fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import Tour from "../../resources/js/shell/Tour";
import { keepTourStep, steps, tourStep } from "../../resources/js/shell/tour";

const visit = vi.fn();
vi.mock("@inertiajs/react", () => ({ router: { visit: (path: string) => visit(path) } }));

afterEach(() => sessionStorage.clear());

const press = (name: string) => fireEvent.click(screen.getByRole("button", { name }));

describe("the tour", () => {
	it("leads through the stations in the order of the day, and ends", () => {
		keepTourStep(0);
		render(<Tour />);
		for (const { path, does } of steps.slice(1)) {
			press("Next");
			expect(visit).toHaveBeenLastCalledWith(path);
			expect(screen.getByRole("heading").textContent).toBe(does);
		}
		press("Back");
		expect(visit).toHaveBeenLastCalledWith("/fish");
		press("Next");
		press("Done");
		expect(screen.queryByRole("region", { name: "Tour" })).toBeNull();
		expect(tourStep()).toBeNull();
	});

	it("is left at any step, and goes on where it was after a page was loaded", () => {
		keepTourStep(3);
		const { unmount } = render(<Tour />);
		expect(screen.getByText("4 of 6")).toBeTruthy();
		press("Leave the tour");
		expect(screen.queryByRole("heading")).toBeNull();
		unmount();
		render(<Tour />);
		expect(screen.queryByRole("heading")).toBeNull();
	});

	it("is not there without having been asked for, nor for what another program kept", () => {
		render(<Tour />);
		sessionStorage.setItem("tour", "nonsense");
		expect(tourStep()).toBeNull();
		sessionStorage.setItem("tour", "99");
		expect(tourStep()).toBeNull();
		expect(screen.queryByRole("heading")).toBeNull();
	});
});
