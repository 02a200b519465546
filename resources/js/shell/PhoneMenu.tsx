import { type ReactNode, Suspense, useRef, useState } from "react";
import { onDemand } from "../parts/onDemand";

const StationsSheet = onDemand(() => import("./StationsSheet"));

interface Props {
	title: string;
	onFind: () => void;
	/** What is told beside the title. */
	children?: ReactNode;
}

/** The stations on a phone: one button that opens them all. */
export function PhoneMenu({ title, onFind, children }: Props) {
	const [open, setOpen] = useState<boolean | null>(null);
	const button = useRef<HTMLButtonElement>(null);
	const change = (next: boolean) => {
		setOpen(next);
		if (!next) button.current?.focus();
	};
	return (
		<div className="flex items-center justify-between px-4 lg:hidden">
			<p className="figure text-[17px]">{title}</p>
			{children}
			<button
				ref={button}
				type="button"
				aria-haspopup="dialog"
				aria-expanded={open === true}
				onClick={() => setOpen(true)}
				className="min-h-14 min-w-14 text-right font-semibold"
			>
				Stations
			</button>
			{open !== null && (
				<Suspense>
					<StationsSheet open={open} onOpenChange={change} onFind={onFind} />
				</Suspense>
			)}
		</div>
	);
}
