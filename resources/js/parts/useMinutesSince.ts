import { useEffect, useState } from "react";
import * as clock from "./clock";

/** Minutes since a moment, kept current. */
export function useMinutesSince(moment: string | null): number {
	const [now, setNow] = useState(() => clock.now());
	useEffect(() => {
		setNow(clock.now());
		const timer = window.setInterval(() => setNow(clock.now()), 10_000);
		return () => window.clearInterval(timer);
	}, []);
	return moment === null ? 0 : Math.max(0, Math.floor((now - Date.parse(moment)) / 60_000));
}
