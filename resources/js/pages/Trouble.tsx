import { Head, Link } from "@inertiajs/react";
import { say } from "../parts/words";
import type { TroublePage } from "../types";

export default function Trouble({ status, sentence }: TroublePage) {
	return (
		<main className="mx-auto max-w-[52ch] px-5 py-20">
			<Head title="Trouble" />
			<h1 className="text-[28px]">{sentence}</h1>
			<p className="mt-3 text-slate">{say("Number {status}, if you want to report it.", { status })}</p>
			<Link href="/" className="figure mt-6 inline-flex min-h-12 items-center rounded-md bg-ember px-6 text-on-ember">
				Back to the water
			</Link>
		</main>
	);
}
