import { notifyManager } from "@tanstack/react-query";
import { cleanup } from "@testing-library/react";
import { afterEach } from "vitest";

// Radix measures; there is nothing to measure here.
globalThis.ResizeObserver ??= class {
	observe() {}
	unobserve() {}
	disconnect() {}
};

afterEach(cleanup);

// What is asked is told at once, so that a test sees it after the act that brought it.
notifyManager.setScheduler((tell) => tell());
