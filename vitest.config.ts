import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
	plugins: [react()],
	test: {
		environment: "jsdom",
		include: ["tests/Interface/**/*.test.{ts,tsx}"],
		restoreMocks: true,
		setupFiles: ["tests/Interface/setup.ts"],
	},
});
