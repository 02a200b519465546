import { type InputHTMLAttributes, useId } from "react";

interface Props extends InputHTMLAttributes<HTMLInputElement> {
	label: string;
	trouble?: string;
	hint?: string;
}

/** A labelled input with its trouble under it. */
export function Field({ label, trouble, hint, ...input }: Props) {
	const id = useId();
	const described = [trouble ? `${id}trouble` : "", hint ? `${id}hint` : ""].filter(Boolean).join(" ");
	return (
		<div className="mb-4">
			<label htmlFor={id} className="block pb-1 font-semibold">
				{label}
			</label>
			<input
				id={id}
				aria-invalid={trouble ? true : undefined}
				aria-describedby={described || undefined}
				className="min-h-12 w-full rounded-md border-2 border-slate bg-paper px-3 text-ink aria-[invalid]:border-rowan"
				{...input}
			/>
			{hint && (
				<p id={`${id}hint`} className="pt-1 text-[14px] text-slate">
					{hint}
				</p>
			)}
			{trouble && (
				<p id={`${id}trouble`} role="alert" className="pt-1 text-rowan">
					{trouble}
				</p>
			)}
		</div>
	);
}
