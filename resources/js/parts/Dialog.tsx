import { Dialog as Radix } from "radix-ui";
import type { ReactNode } from "react";

interface Props {
	open: boolean;
	onOpenChange: (open: boolean) => void;
	title: string;
	says?: string;
	children: ReactNode;
}

/** A dialog: in the middle of a wide screen, up from the bottom of a phone. */
export function Dialog({ open, onOpenChange, title, says, children }: Props) {
	return (
		<Radix.Root open={open} onOpenChange={onOpenChange}>
			<Radix.Portal>
				<Radix.Overlay className="fixed inset-0 z-30 bg-black/50" />
				<Radix.Content
					onOpenAutoFocus={(event) => {
						const first = (event.target as HTMLElement).querySelector<HTMLElement>("[data-first]");
						if (!first) return;
						event.preventDefault();
						first.focus();
					}}
					{...(says ? {} : { "aria-describedby": undefined })}
					className="fixed inset-x-0 bottom-0 z-40 max-h-dvh scroll-pb-32 overflow-y-auto rounded-t-md border
						border-rule bg-paper p-5 text-ink lg:inset-x-auto lg:top-[12dvh] lg:bottom-auto lg:left-1/2 lg:max-h-[76dvh]
						lg:w-[520px] lg:-translate-x-1/2 lg:rounded-md"
				>
					<div className="flex items-start justify-between gap-4">
						<Radix.Title className="figure text-[21px]">{title}</Radix.Title>
						<Radix.Close className="-mt-1 -mr-2 min-h-11 min-w-11 rounded-md px-2 text-slate hover:text-ink">
							Close
						</Radix.Close>
					</div>
					{says && <Radix.Description className="pt-1 pb-2 text-slate">{says}</Radix.Description>}
					{children}
				</Radix.Content>
			</Radix.Portal>
		</Radix.Root>
	);
}
