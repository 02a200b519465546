import type { InputHTMLAttributes, ReactNode } from "react";

interface Props extends Omit<InputHTMLAttributes<HTMLInputElement>, "onChange"> {
	children: ReactNode;
	onChange: (on: boolean) => void;
	/** Of the label around it. */
	className?: string;
}

/** Yes or no, with its words as part of the target. */
export function Check({ children, onChange, className = "flex min-h-11 items-center gap-3", ...input }: Props) {
	return (
		<label className={className}>
			<input
				type="checkbox"
				className="size-5 shrink-0 accent-[var(--ember)]"
				onChange={(event) => onChange(event.target.checked)}
				{...input}
			/>
			{children}
		</label>
	);
}
