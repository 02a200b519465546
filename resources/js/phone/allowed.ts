import { useEffect, useState } from "react";

/** What this browser says of something that a page can be allowed. */
export type Allowed = "granted" | "denied" | "prompt" | "missing" | "insecure";

export const ALLOWED: Record<Allowed, string> = {
	granted: "Allowed for this page.",
	denied: "Refused for this page. Change that in the browser.",
	prompt: "The browser asks when you turn it on.",
	missing: "This device doesn't have it.",
	insecure: "Needs an https address.",
};

/**
 * Whether this page may have something, and whether this device has it at all; looked at again when that changes.
 *
 * @param name as browsers call the permission; null for what needs none
 * @param has whether the device has it
 */
export function useAllowed(name: string | null, has: boolean): Allowed {
	const [told, setTold] = useState<Allowed>("prompt");
	useEffect(() => {
		if (name === null) return setTold("granted");
		let status: PermissionStatus | null = null;
		let closed = false;
		const hear = () => !closed && status && setTold(status.state);
		const ask = async () => {
			status = await navigator.permissions.query({ name: name as PermissionName });
			status.addEventListener("change", hear);
			hear();
		};
		// A browser that does not tell asks when it is wanted.
		void ask().catch(() => {});
		return () => {
			closed = true;
			status?.removeEventListener("change", hear);
		};
	}, [name]);
	if (!has) return "missing";
	return window.isSecureContext ? told : "insecure";
}
