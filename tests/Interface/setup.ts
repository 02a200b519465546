import { notifyManager } from "@tanstack/react-query";
import { cleanup, configure } from "@testing-library/react";
import { afterEach } from "vitest";

// Radix measures; there is nothing to measure here.
globalThis.ResizeObserver ??= class {
	observe() {}
	unobserve() {}
	disconnect() {}
};

// Inertia asks how the page was come to.
performance.getEntriesByType ??= () => [];

afterEach(cleanup);

// What is waited for comes in the end, also on a machine that has other things to do.
configure({ asyncUtilTimeout: 10_000 });

// What is asked is told at once, so that a test sees it after the act that brought it.
notifyManager.setScheduler((tell) => tell());
