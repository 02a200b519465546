import type { ReactNode } from "react";

const tones = {
	/** Something went wrong, or is in the way. */
	trouble: { role: "alert", look: "border-rowan bg-paper" },
	/** Something was done. */
	done: { role: "status", look: "border-brass bg-brass-pale" },
} as const;

interface Props {
	tone?: keyof typeof tones;
	children: ReactNode;
	className?: string;
}

/** A sentence that is told as soon as it is there, with what can be done about it beside it. */
export function Notice({ tone = "trouble", children, className = "mt-2 py-2" }: Props) {
	const { role, look } = tones[tone];
	return (
		<div role={role} className={`border-l-4 px-3 ${look} ${className}`}>
			{children}
		</div>
	);
}

/** What is wrong with what stands above it, in a sentence; nothing when nothing is. */
export function Trouble({ words, className = "pt-2" }: { words: ReactNode; className?: string }) {
	return words ? (
		<p role="alert" className={`text-rowan ${className}`}>
			{words}
		</p>
	) : null;
}
