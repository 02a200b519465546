import { useEffect, useState } from "react";
import * as clock from "./clock";
import { say } from "./words";

/** Says how long ago moments were, kept current. */
export function useAge(): (moment: string | null) => string {
	const [now, setNow] = useState(() => clock.now());
	useEffect(() => {
		const timer = window.setInterval(() => setNow(clock.now()), 5_000);
		return () => window.clearInterval(timer);
	}, []);
	return (moment) => {
		if (moment === null) return "";
		const seconds = Math.max(0, (Math.max(now, clock.now()) - Date.parse(moment)) / 1000);
		if (seconds < 60) return say("{seconds} s ago", { seconds: Math.floor(seconds) });
		if (seconds < 3600) return say("{minutes} min ago", { minutes: Math.floor(seconds / 60) });
		if (seconds < 86_400) return say("{hours} h ago", { hours: Math.floor(seconds / 3600) });
		return say("{days} d ago", { days: Math.floor(seconds / 86_400) });
	};
}
