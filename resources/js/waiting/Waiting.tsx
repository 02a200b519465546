import { usePage } from "@inertiajs/react";
import { Suspense, useEffect, useState } from "react";
import { useOutbox } from "../outbox/useOutbox";
import { onDemand } from "../parts/onDemand";
import { inShort } from "./words";

const WaitingSheet = onDemand(() => import("./WaitingSheet"));

/**
 * What was done here and has not arrived, told on every page; opened, what can be done about it. It has a place of its
 * own and moves nothing when it comes.
 */
export default function Waiting() {
	const outbox = useOutbox(Number(usePage().props.anglerId));
	const [open, setOpen] = useState(false);
	const { unkept } = outbox;
	useEffect(() => {
		if (unkept === 0) return;
		const ask = (event: BeforeUnloadEvent) => event.preventDefault();
		window.addEventListener("beforeunload", ask);
		return () => window.removeEventListener("beforeunload", ask);
	}, [unkept]);
	const short = inShort(outbox);
	return (
		<div role="status" className="lg:fixed lg:bottom-3 lg:left-[248px] lg:z-20">
			{short && (
				<button
					type="button"
					aria-haspopup="dialog"
					onClick={() => setOpen(true)}
					className={`min-h-11 rounded-md border-2 bg-paper px-3 text-[15px] font-semibold
						${short.urgent ? "border-rowan text-rowan" : "border-brass-deep text-brass-deep"}`}
				>
					{short.words}
				</button>
			)}
			{open && (
				<Suspense>
					<WaitingSheet outbox={outbox} onClose={() => setOpen(false)} />
				</Suspense>
			)}
		</div>
	);
}
