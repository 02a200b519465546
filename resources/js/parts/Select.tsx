import { Suspense, useState } from "react";
import { onDemand } from "./onDemand";

const OpenedSelect = onDemand(() => import("./OpenedSelect"));

export interface SelectProps {
	label: string;
	value: string;
	options: readonly (readonly [string, string])[];
	onChange: (value: string) => void;
	className?: string;
}

const opening = ["ArrowDown", "ArrowUp", "Enter", " "];

export const look =
	"flex min-h-11 items-center justify-between gap-3 rounded-md border-2 border-slate bg-paper px-3 text-left text-[16px] text-ink";

/** One of many, opened from a button. The list is made only when it is first opened: a long one costs a slow phone much. */
export function Select(props: SelectProps) {
	const [used, setUsed] = useState(false);
	const { label, value, options, className = "" } = props;
	const closed = (
		<button
			type="button"
			role="combobox"
			aria-label={label}
			aria-expanded={false}
			aria-haspopup="listbox"
			onClick={() => setUsed(true)}
			onKeyDown={(event) => {
				if (!opening.includes(event.key)) return;
				event.preventDefault();
				setUsed(true);
			}}
			className={`${look} ${className}`}
		>
			<span>{options.find(([option]) => option === value)?.[1]}</span>
			<span aria-hidden="true">▾</span>
		</button>
	);
	return used ? (
		<Suspense fallback={closed}>
			<OpenedSelect {...props} />
		</Suspense>
	) : (
		closed
	);
}
