import { cleanup } from "@testing-library/react";
import { afterEach } from "vitest";

// Radix measures; there is nothing to measure here.
globalThis.ResizeObserver ??= class {
	observe() {}
	unobserve() {}
	disconnect() {}
};

afterEach(cleanup);
