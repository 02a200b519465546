import { Head, router } from "@inertiajs/react";
import { type ReactNode, useEffect } from "react";
import { forgetPages } from "./offline";

/** The page before one is signed in. */
export function GuestLayout({ title, says, children }: { title: string; says: string; children: ReactNode }) {
	useEffect(() => {
		forgetPages();
		// The server says so once, as one signs out. Another request of this browser may have been told in this one's place.
		router.clearHistory();
	}, []);
	return (
		<div className="grid min-h-dvh lg:grid-cols-[304px_1fr]">
			<Head title={title} />
			<div
				aria-hidden="true"
				className="hidden bg-linear-to-b from-[var(--water-top)] via-[var(--water-mid)] to-[var(--water-deep)] lg:block"
			/>
			<main className="mx-auto w-full max-w-[440px] self-center px-5 py-10">
				<p className="figure text-[17px] text-slate">Eskith</p>
				<h1 className="mt-1 text-[30px]">{title}</h1>
				<p className="mt-2 mb-6 text-slate">{says}</p>
				{children}
			</main>
		</div>
	);
}
