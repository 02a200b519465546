import { QueryClient } from "@tanstack/react-query";
import { Refused } from "./send";

/** What is asked of the server and polled. Asked anew only when something changes; without a signal it says so at once. */
export const queries = new QueryClient({
	defaultOptions: {
		queries: {
			networkMode: "always",
			retry: false,
			staleTime: Number.POSITIVE_INFINITY,
			gcTime: 0,
			refetchOnWindowFocus: false,
			refetchOnReconnect: false,
			structuralSharing: false,
		},
		mutations: { networkMode: "always", retry: false, gcTime: 0 },
	},
});

/** Why something failed: in the server's own words, else in these. */
export function troubleOf(error: unknown, unreached: string): string {
	return error instanceof Refused ? error.message : unreached;
}

/** Waits; ends at once when it is called off. */
export function pause(ms: number, signal: AbortSignal): Promise<void> {
	return new Promise((resolve) => {
		const timer = window.setTimeout(resolve, ms);
		signal.addEventListener("abort", () => window.clearTimeout(timer));
	});
}
