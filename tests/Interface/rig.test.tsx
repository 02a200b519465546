import { act, fireEvent, render, renderHook, screen } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { useRod } from "../../resources/js/rig/useRod";
import { HookCare } from "../../resources/js/tackle/HookCare";
import type { BenchData, RodData } from "../../resources/js/types";
import { visits } from "./inertia";

vi.mock("@inertiajs/react", () => import("./inertia"));

const rod: RodData = {
	uuid: "rod-1",
	name: "Vertical rod",
	length: "7 ft",
	lifts: "2.2 lb",
	line: 4,
	leader: "fluorocarbon",
	leaderStrength: "8 lb",
	leaderLength: "5 ft",
	connector: "snap",
};

beforeEach(() => {
	visits.length = 0;
});

const at = () => renderHook(({ told }) => useRod(told), { initialProps: { told: rod } });

describe("the rod at hand", () => {
	it("keeps what is typed while something else is being kept", () => {
		const { result, rerender } = at();
		act(() => result.current.keep({ connector: "direct" }));
		act(() => result.current.set({ leaderStrength: "16 lb" }));
		rerender({ told: { ...rod, connector: "direct" } });
		act(() => visits[0]?.[2].onSuccess?.());
		expect(result.current.draft).toMatchObject({ connector: "direct", leaderStrength: "16 lb" });
	});

	it("sends a choice without what is only typed", () => {
		const { result } = at();
		act(() => result.current.set({ leaderStrength: "1000 lb", name: "" }));
		act(() => result.current.keep({ connector: "direct" }));
		expect(visits[0]?.[1]).toMatchObject({ connector: "direct", leader_strength: "8 lb", name: "Vertical rod" });
	});

	it("says again what is not answered, since a visit ends the one before", () => {
		const { result } = at();
		act(() => result.current.keep({ connector: "direct" }));
		act(() => result.current.keep({ leaderStrength: "16 lb" }));
		expect(visits[1]?.[1]).toMatchObject({ connector: "direct", leader_strength: "16 lb" });
		act(() => visits[1]?.[2].onSuccess?.());
		act(() => result.current.keep({ leaderLength: "6 ft" }));
		expect(visits[2]?.[1]).toMatchObject({ connector: "snap", leader_length: "6 ft" });
	});

	it("leaves what was refused to be mended, and lets other choices be kept", () => {
		const { result, rerender } = at();
		act(() => result.current.keep({ leaderStrength: "1000 lb" }));
		// A refusal brings the page anew, of a rod that was never kept with another name.
		rerender({ told: { ...rod, uuid: "rod-2" } });
		act(() => visits[0]?.[2].onError?.({ leader_strength: "less than 200 kg" }));
		expect(result.current.draft.leaderStrength).toBe("1000 lb");
		act(() => result.current.keep({ connector: "direct" }));
		expect(visits[1]?.[1]).toMatchObject({ uuid: "rod-2", connector: "direct", leader_strength: "8 lb" });
		act(() => visits[1]?.[2].onSuccess?.());
		expect(result.current.trouble("leaderStrength")).toBe("less than 200 kg");
		act(() => result.current.keep({ leaderStrength: "10 lb" }));
		expect(result.current.trouble("leaderStrength")).toBeUndefined();
	});

	it("starts afresh with another rod", () => {
		const { result, rerender } = at();
		act(() => result.current.keep({ connector: "direct" }));
		act(() => result.current.set({ name: "Long" }));
		rerender({ told: { ...rod, uuid: "rod-9", name: "Casting rod" } });
		expect(result.current.draft).toMatchObject({ name: "Casting rod", connector: "snap" });
		act(() => result.current.keep({ length: "8 ft" }));
		expect(visits[1]?.[1]).toMatchObject({ uuid: "rod-9", connector: "snap", length: "8 ft" });
	});
});

describe("hooks on the bench", () => {
	const bench = { sinceHooks: "Changed in May.", hookAdvice: [] } as unknown as BenchData;
	const style = () => screen.getByRole("textbox", { name: "style" }) as HTMLInputElement;

	it("keep what is typed through all that is drawn anew, until it is kept", async () => {
		const onChange = vi.fn(async () => true);
		const shown = (hooks: Record<string, string>) => <HookCare bench={bench} hooks={hooks} onChange={onChange} />;
		const { rerender } = render(shown({ style: "treble" }));
		fireEvent.change(style(), { target: { value: "single" } });
		rerender(shown({ style: "treble" }));
		expect(style().value).toBe("single");
		fireEvent.click(screen.getByRole("button", { name: "Keep hooks" }));
		await act(async () => {});
		expect(onChange).toHaveBeenCalledWith({ style: "single" }, "Hooks are kept.");
		rerender(shown({ style: "assist" }));
		expect(style().value).toBe("assist");
	});
});
