import { Link, usePage } from "@inertiajs/react";
import { Suspense, useRef, useState } from "react";
import { onDemand } from "../parts/onDemand";
import { isHere, ofTheWater } from "./stations";

const StationsSheet = onDemand(() => import("./StationsSheet"));

interface Props {
	/** It leaves the room to the pads. */
	small: boolean;
	onFind: () => void;
}

const place = "figure flex items-center justify-center border-t-4 text-[15px]";

/** The stations of the water on a phone, in the thumb's reach; the rest under More. */
export function PhoneBar({ small, onFind }: Props) {
	const { url } = usePage();
	const [open, setOpen] = useState<boolean | null>(null);
	const button = useRef<HTMLButtonElement>(null);
	const change = (next: boolean) => {
		setOpen(next);
		if (!next) button.current?.focus();
	};
	return (
		<nav aria-label="Stations" className="fixed inset-x-0 bottom-0 z-20 border-t border-rule bg-paper print:hidden">
			<ul className={`grid grid-cols-5 ${small ? "h-12" : "h-14"}`}>
				{ofTheWater.map(({ path, name }) => (
					<li key={path} className="grid">
						<Link
							href={path}
							aria-current={isHere(path, url) ? "page" : undefined}
							className={`${place} ${isHere(path, url) ? "border-ember text-ink" : "border-transparent text-slate"}`}
						>
							{name}
						</Link>
					</li>
				))}
				<li className="grid">
					<button
						ref={button}
						type="button"
						aria-haspopup="dialog"
						aria-expanded={open === true}
						onClick={() => setOpen(true)}
						className={`${place} border-transparent text-slate`}
					>
						More
					</button>
				</li>
			</ul>
			{open !== null && (
				<Suspense>
					<StationsSheet open={open} onOpenChange={change} onFind={onFind} />
				</Suspense>
			)}
		</nav>
	);
}
