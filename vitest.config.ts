import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
	plugins: [react()],
	test: {
		environment: "jsdom",
		include: ["tests/Interface/**/*.test.{ts,tsx}"],
		// Both cores of a small machine: by itself it leaves one for what watches.
		maxWorkers: 2,
		restoreMocks: true,
		setupFiles: ["tests/Interface/setup.ts"],
	},
});
