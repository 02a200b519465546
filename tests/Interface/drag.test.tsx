import { fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { useDrag } from "../../resources/js/parts/useDrag";

function Held({ onMove }: { onMove: (dy: number) => void }) {
	const { hold } = useDrag({ every: 90, onMove: (_dx, dy) => onMove(dy) });
	return (
		<button type="button" onPointerDown={hold}>
			Handle
		</button>
	);
}

const at = (clientY: number) => ({ pointerId: 1, clientX: 0, clientY });

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

/** Taken hold of and moved twice, quicker than moves are told. */
function drag(): { told: number[]; unmount: () => void } {
	const told: number[] = [];
	const { unmount } = render(<Held onMove={(dy) => told.push(dy)} />);
	fireEvent.pointerDown(screen.getByRole("button"), at(100));
	fireEvent.pointerMove(window, at(60));
	vi.advanceTimersByTime(200);
	fireEvent.pointerMove(window, at(20));
	return { told, unmount };
}

test("a drag ends where it is let go, at once and told once", () => {
	const { told } = drag();
	expect(told).toEqual([-40]);
	fireEvent.pointerUp(window, at(20));
	expect(told).toEqual([-40, -80]);
	vi.advanceTimersByTime(200);
	expect(told).toEqual([-40, -80]);
});

test("a drag that the system takes away goes no further", () => {
	const { told } = drag();
	fireEvent.pointerCancel(window, at(20));
	vi.advanceTimersByTime(200);
	expect(told).toEqual([-40]);
});

test("nothing is told of what has gone from the page", () => {
	const { told, unmount } = drag();
	unmount();
	vi.advanceTimersByTime(200);
	expect(told).toEqual([-40]);
});
