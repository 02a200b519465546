import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
	plugins: [react()],
	test: {
		environment: "jsdom",
		include: ["tests/Interface/**/*.test.{ts,tsx}"],
		// Both cores of a small machine: by itself it leaves one for what watches.
		maxWorkers: 2,
		// Each file in a context of its own, the packages read once: a quarter of the time that a process for each file takes.
		pool: "vmThreads",
		restoreMocks: true,
		// Beside other load a form of many fields takes its time.
		testTimeout: 20_000,
		setupFiles: ["tests/Interface/setup.ts"],
	},
});
