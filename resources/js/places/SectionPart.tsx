import { router } from "@inertiajs/react";
import { useMemo, useRef } from "react";
import { Button } from "../parts/Button";
import { newId } from "../parts/send";
import { useElementSize } from "../parts/useElementSize";
import type { PlacesPage, SectionData } from "../types";
import { SectionPicture } from "./SectionPicture";

interface Props {
	page: PlacesPage;
	section: SectionData | null;
	stale: boolean;
	/** It has the room of the column. */
	column: boolean;
	onSection: () => void;
	onClear: () => void;
}

/** px: the column without what stands left and right of the drawing, and the most that a page has for it. */
const WIDE = { column: 271, most: 620, beside: 32 };

const inColumn = () => ({ wide: WIDE.column, tall: 300 });

const onPage = () => ({ wide: Math.min(WIDE.most, window.innerWidth - WIDE.beside), tall: 300 });

/** What lies below the line, and the way to fish it. */
export function SectionPart({ page, section, stale, column, onSection, onClear }: Props) {
	const room = useRef<HTMLDivElement>(null);
	const { wide } = useElementSize(room, column ? inColumn : onPage);
	// One plan for each line, however often it is pressed.
	// biome-ignore lint/correctness/useExhaustiveDependencies: another line is another plan
	const id = useMemo(newId, [section?.line]);
	if (!page.ground) return null;
	const fish = section?.fish && (
		<Button
			look="next"
			className={`no-print shrink-0 ${column ? "my-3 w-full" : ""}`}
			onClick={() =>
				router.post(`/places/${page.water?.id}/section`, { line: section.line, uuid: id }, { preserveScroll: true })
			}
		>
			Fish this line
		</Button>
	);
	return (
		<section
			aria-label="Below the line"
			className={column ? "h-full overflow-y-auto border-r border-rule bg-paper px-4 py-5 print:border-0" : "mt-3"}
		>
			<div ref={room}>
				{section ? (
					<>
						<div className="flex flex-wrap items-start justify-between gap-x-4 gap-y-1 pb-2">
							<h2 className={`min-w-0 flex-1 text-[18px] ${column ? "basis-full" : "basis-[280px]"}`}>
								{section.sentence}
								<span className="block font-sans text-[15px] font-normal text-slate">{section.words}</span>
							</h2>
							{!column && fish}
						</div>
						<SectionPicture
							section={section}
							unit={page.unit}
							unitM={page.unitM}
							wide={wide}
							stale={stale}
							tall={column}
						/>
						{column && fish}
						{section.ledges.map((ledge) => (
							<p key={ledge.alongM} className="text-[15px]">
								{ledge.cast}
							</p>
						))}
						<p className="no-print text-[14px] text-slate">
							{section.fish}{" "}
							<Button size="inline" onClick={onClear}>
								Take the line away
							</Button>
						</p>
					</>
				) : (
					<Button className="no-print" onClick={onSection}>
						Draw a line to see the bottom below it
					</Button>
				)}
			</div>
		</section>
	);
}
