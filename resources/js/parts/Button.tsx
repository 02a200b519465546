import { Link } from "@inertiajs/react";
import type { ButtonHTMLAttributes, ComponentProps } from "react";

/** The one next action, another action, one among words, one that takes away. */
const looks = {
	next: "figure rounded-md bg-ember px-5 text-on-ember",
	plain: "figure rounded-md border-2 border-ink px-5",
	soft: "figure rounded-md border-2 border-slate bg-paper px-3",
	danger: "figure rounded-md border-2 border-rowan px-5 text-rowan",
	words: "underline underline-offset-4",
	strong: "font-semibold underline underline-offset-4",
	aside: "text-slate underline underline-offset-4",
} as const;

const sizes = { inline: "", low: "min-h-8", small: "min-h-11", normal: "min-h-12", big: "min-h-14" } as const;

interface Look {
	look?: keyof typeof looks;
	size?: keyof typeof sizes;
	/** As wide as there is room. */
	wide?: boolean;
	className?: string;
}

function styled({ look = "words", size = "small", wide = false, className = "" }: Look): string {
	return [sizes[size], looks[look], wide ? "w-full" : "", className].filter(Boolean).join(" ");
}

/** A button that does nothing but what it says: a form is sent only by one of type submit. */
export function Button({ look, size, wide, className, ...button }: Look & ButtonHTMLAttributes<HTMLButtonElement>) {
	return <button type="button" {...button} className={styled({ look, size, wide, className })} />;
}

/** A link that looks like a button. */
export function ButtonLink({
	look,
	size,
	wide,
	className = "",
	...link
}: Look & Omit<ComponentProps<typeof Link>, keyof Look>) {
	return (
		<Link {...link} className={styled({ look, size, wide, className: `inline-flex items-center ${className}` })} />
	);
}

/** The same to a file, which is no page of the application. */
export function FileLink({ look, size, wide, className = "", ...link }: Look & Omit<ComponentProps<"a">, keyof Look>) {
	return <a {...link} className={styled({ look, size, wide, className: `inline-flex items-center ${className}` })} />;
}
