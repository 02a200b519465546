import { Tabs as Radix } from "radix-ui";
import { type ReactNode, useEffect, useRef } from "react";

type Views = readonly (readonly [string, string])[];

interface ListProps {
	label: string;
	views: Views;
	value: string;
	/** Of the list, and of each name in it. */
	list: string;
	name: string;
}

/** Parts of a page, one at a time. */
export function Tabs(props: {
	value: string;
	onChange: (value: string) => void;
	className: string;
	children: ReactNode;
}) {
	return (
		<Radix.Root value={props.value} onValueChange={props.onChange} className={props.className}>
			{props.children}
		</Radix.Root>
	);
}

/** The names of the parts. On a phone the open one is brought into sight. */
export function TabList({ label, views, value, list, name }: ListProps) {
	const strip = useRef<HTMLDivElement>(null);
	useEffect(() => {
		const [all, open] = [strip.current, strip.current?.querySelector(`[data-view="${value}"]`)];
		if (all && open) {
			const [around, one] = [all.getBoundingClientRect(), open.getBoundingClientRect()];
			all.scrollLeft += one.left + one.width / 2 - around.left - around.width / 2;
		}
	}, [value]);
	return (
		<Radix.List ref={strip} aria-label={label} className={`flex border-b border-rule ${list}`}>
			{views.map(([view, words]) => (
				<Radix.Trigger key={view} value={view} data-view={view} className={`tab ${name}`}>
					{words}
				</Radix.Trigger>
			))}
		</Radix.List>
	);
}

export function TabPart({ value, className, children }: { value: string; className?: string; children: ReactNode }) {
	return (
		<Radix.Content value={value} tabIndex={-1} className={className}>
			{children}
		</Radix.Content>
	);
}
