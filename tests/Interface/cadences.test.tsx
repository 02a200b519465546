import { fireEvent, render, screen } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { FallSchools } from "../../resources/js/cadence/FallSchools";
import { Numbers } from "../../resources/js/cadence/Numbers";
import type { CadenceData, FallSchoolData } from "../../resources/js/types";

vi.mock("@inertiajs/react", async (original) => ({
	...(await original<typeof import("@inertiajs/react")>()),
	router: { delete: vi.fn() },
}));

const pop: CadenceData = {
	name: "short_pop",
	word: "short pop",
	says: "Steep and short.",
	lift: "12 in",
	seconds: "0.4",
	pause: "1",
	usual: "12 in over 0.4 s, then 1 s still",
	own: false,
	hasNumbers: true,
};

describe("the numbers of a cadence", () => {
	it("offer to be kept only once they are changed", () => {
		render(<Numbers cadence={pop} labelled />);
		const keep = screen.getByRole("button", { name: "Keep the numbers of short pop" }) as HTMLButtonElement;
		expect(keep.disabled).toBe(true);
		fireEvent.change(screen.getByRole("textbox", { name: "Short pop: Lift" }), { target: { value: "14 in" } });
		expect(keep.disabled).toBe(false);
	});

	it("lead back to the usual ones when they are one's own", async () => {
		const { router } = await import("@inertiajs/react");
		const { container } = render(<Numbers cadence={{ ...pop, own: true, lift: "14 in" }} labelled />);
		expect(container.textContent).toContain("12 in over 0.4 s, then 1 s still.");
		fireEvent.click(screen.getByRole("button", { name: "Short pop back to the usual" }));
		expect(router.delete).toHaveBeenCalledWith("/cadences/short_pop", { preserveScroll: true });
	});

	it("are not asked for where there are none", () => {
		render(<Numbers cadence={{ ...pop, hasNumbers: false }} labelled />);
		expect(screen.queryByRole("textbox")).toBeNull();
	});
});

describe("the two ways down", () => {
	const fall = (value: string, followed: boolean): FallSchoolData => ({
		setting: "blade_fall",
		value,
		word: `${value} fall`,
		says: "",
		time: "back down in 1 s",
		followed,
	});

	it("stand side by side, the one followed marked, and the other can be taken", () => {
		const taken: string[] = [];
		render(
			<FallSchools
				label="A blade"
				falls={[fall("controlled", true), fall("free", false)]}
				onChoose={(one) => taken.push(one.value)}
			/>,
		);
		const [controlled, free] = screen.getAllByRole("radio");
		expect(controlled?.getAttribute("aria-checked")).toBe("true");
		expect(free?.getAttribute("aria-checked")).toBe("false");
		if (free) fireEvent.click(free);
		expect(taken).toEqual(["free"]);
	});
});
