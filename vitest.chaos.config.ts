import { defineConfig } from "vitest/config";

// A phone without a screen, for tests/Server/ChaosTest.php and bin/bench --chaos.
export default defineConfig({
	test: { environment: "node", include: ["tests/Chaos/*.chaos.ts"], testTimeout: 900_000, hookTimeout: 60_000 },
});
