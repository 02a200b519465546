import { Link } from "@inertiajs/react";
import { useRef } from "react";
import { say } from "../parts/words";
import { AppLayout } from "../shell/AppLayout";
import type { BoatCardPage } from "../types";

/** The card for the tackle tray as it prints. */
export default function BoatCard({ place, pick }: BoatCardPage) {
	const page = useRef<HTMLIFrameElement>(null);
	const query = pick ? `?${new URLSearchParams({ pick })}` : "";
	return (
		<AppLayout title="Boat card">
			<div className="flex h-full min-h-[70dvh] flex-col px-4 py-4 lg:px-7">
				<div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
					<div>
						<h1 className="text-[25px]">Boat card</h1>
						<p className="text-[15px] text-slate">
							{say("One page for the tackle tray, for {place}, as it stands now.", { place })}
						</p>
					</div>
					<div className="flex flex-wrap items-center gap-4">
						<Link href={`/lure${query}`} className="inline-flex min-h-12 items-center underline underline-offset-4">
							Back to the picks
						</Link>
						<a
							href={`/boat-card.pdf${query}`}
							className="figure inline-flex min-h-12 items-center rounded-md border-2 border-ink px-5"
						>
							PDF
						</a>
						<button
							type="button"
							onClick={() => page.current?.contentWindow?.print()}
							className="figure min-h-12 rounded-md bg-ember px-6 text-on-ember"
						>
							Print
						</button>
					</div>
				</div>
				<iframe
					ref={page}
					title="The card as it prints"
					src={`/boat-card.html${query}`}
					className="mt-3 w-full max-w-[820px] flex-1 border border-slate bg-white"
				/>
			</div>
		</AppLayout>
	);
}
