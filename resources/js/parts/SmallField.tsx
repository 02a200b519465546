import type { InputHTMLAttributes } from "react";

interface Props extends InputHTMLAttributes<HTMLInputElement> {
	label: string;
	trouble?: boolean;
	/** Of the label around it. */
	room?: string;
}

/** A labelled input where many stand close together; what is wrong with it is told once for all of them. */
export function SmallField({ label, trouble, room = "", ...input }: Props) {
	return (
		<label className={`text-[14px] text-slate ${room}`}>
			{label}
			<input
				aria-invalid={trouble ? true : undefined}
				className="block min-h-11 w-full rounded-md border-2 border-slate bg-paper px-2 text-[16px] text-ink aria-[invalid]:border-rowan"
				{...input}
			/>
		</label>
	);
}
