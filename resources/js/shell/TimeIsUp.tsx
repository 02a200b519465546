import { Link, usePage } from "@inertiajs/react";
import { useEffect, useState } from "react";
import { type Alarm, buzz, watchAlarm } from "../phone/patience";

/** ms for which it is told. */
const TOLD = 30_000;

/** The time to change or to move is up: felt, heard and told once, on whatever page is open. */
export default function TimeIsUp() {
	const { anglerId, url } = { ...usePage().props, url: usePage().url };
	const [alarm, setAlarm] = useState<Alarm | null>(null);
	useEffect(() => {
		if (anglerId === null) return;
		return watchAlarm(anglerId, (told) => {
			buzz();
			setAlarm(told);
		});
	}, [anglerId]);
	useEffect(() => {
		if (!alarm) return;
		const timer = window.setTimeout(() => setAlarm(null), TOLD);
		return () => window.clearTimeout(timer);
	}, [alarm]);
	// Fish says it itself, with what is to be pressed.
	const elsewhere = !/^\/fish\b/.test(url);
	return (
		<div role="status" className="relative z-10 h-0 print:hidden">
			{alarm && elsewhere && (
				<p className="absolute inset-x-0 top-0 border-b border-rule bg-brass-pale px-4 py-2 text-ink lg:px-7">
					{alarm.words}{" "}
					<Link href="/fish" className="font-semibold underline underline-offset-4">
						To Fish
					</Link>
				</p>
			)}
		</div>
	);
}
