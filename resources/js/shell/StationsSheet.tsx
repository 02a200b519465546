import { Link, usePage } from "@inertiajs/react";
import { Dialog } from "radix-ui";
import { besides, isHere, stations } from "./stations";

interface Props {
	open: boolean;
	onOpenChange: (open: boolean) => void;
	onFind: () => void;
}

/** All stations and pages, big enough for a cold thumb. */
export default function StationsSheet({ open, onOpenChange, onFind }: Props) {
	const { url } = usePage();
	return (
		<Dialog.Root open={open} onOpenChange={onOpenChange}>
			<Dialog.Portal>
				<Dialog.Overlay className="fixed inset-0 z-30 bg-black/50" />
				<Dialog.Content
					aria-describedby={undefined}
					className="fixed inset-x-0 bottom-0 z-40 max-h-dvh overflow-y-auto rounded-t-md bg-paper p-4 text-ink"
				>
					<Dialog.Title className="figure pb-2 text-lg">Stations</Dialog.Title>
					<ul className="grid grid-cols-2 gap-2">
						{[...stations, ...besides].map((place) => (
							<li key={place.path}>
								<Link
									href={place.path}
									onClick={() => onOpenChange(false)}
									aria-current={isHere(place.path, url) ? "page" : undefined}
									className="figure flex min-h-14 items-center rounded-md border border-rule px-4
										aria-[current=page]:border-2 aria-[current=page]:border-ember"
								>
									{place.name}
								</Link>
							</li>
						))}
						<li>
							<button
								type="button"
								onClick={() => {
									onOpenChange(false);
									onFind();
								}}
								className="figure flex min-h-14 w-full items-center rounded-md border border-rule px-4"
							>
								Find
							</button>
						</li>
					</ul>
					<Dialog.Close className="mt-3 min-h-14 w-full rounded-md border border-rule font-semibold">
						Close
					</Dialog.Close>
				</Dialog.Content>
			</Dialog.Portal>
		</Dialog.Root>
	);
}
