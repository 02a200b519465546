import { router } from "@inertiajs/react";
import { useState } from "react";
import { Dialog } from "../parts/Dialog";
import { besides, stations } from "./stations";

const places = [
	...stations.map((place) => ({ ...place, words: "station" })),
	...besides.map((place) => ({ ...place, words: "page" })),
	{ path: "/outings", name: "Outings", words: "page" },
];

/** `/`: type the first letters of where you want to be. */
export default function Finder({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
	const [typed, setTyped] = useState("");
	const found = places.filter((place) => place.name.toLowerCase().includes(typed.trim().toLowerCase()));
	const go = (path: string) => {
		onOpenChange(false);
		setTyped("");
		router.visit(path);
	};
	return (
		<Dialog open={open} onOpenChange={onOpenChange} title="Find">
			<form
				onSubmit={(event) => {
					event.preventDefault();
					if (found[0]) go(found[0].path);
				}}
			>
				<input
					value={typed}
					onChange={(event) => setTyped(event.target.value)}
					data-first
					aria-label="Where to"
					placeholder="Lure, Tackle box, Settings …"
					className="mt-2 min-h-12 w-full rounded-md border-2 border-slate bg-paper px-3"
				/>
			</form>
			<ul className="mt-3">
				{found.map((place) => (
					<li key={place.path} className="border-t border-rule">
						<button
							type="button"
							onClick={() => go(place.path)}
							className="flex min-h-12 w-full items-center justify-between text-left"
						>
							<span className="figure">{place.name}</span>
							<span className="text-[14px] text-slate">{place.words}</span>
						</button>
					</li>
				))}
				{found.length === 0 && <li className="border-t border-rule py-3 text-slate">Nothing here is called that.</li>}
			</ul>
		</Dialog>
	);
}
