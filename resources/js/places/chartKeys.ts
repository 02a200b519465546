/** Pixels that a key moves the chart by. */
export const panStep = 60;

export const pans: Record<string, [number, number]> = {
	ArrowLeft: [panStep, 0],
	ArrowRight: [-panStep, 0],
	ArrowUp: [0, panStep],
	ArrowDown: [0, -panStep],
};

export const zooms: Record<string, number> = { "+": 1.4, "=": 1.4, "-": 1 / 1.4 };
