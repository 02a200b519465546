import { useEffect, useState } from "react";
import type { CautionData } from "../types";
import { keep, kept } from "./kept";
import { say } from "./words";

const key = "cautions seen";

/** Ids put away today; a new day shows them again. */
function putAway(): string[] {
	const away = kept<{ day: string; ids: string[] }>(key);
	return away?.day === new Date().toDateString() && Array.isArray(away.ids) ? away.ids : [];
}

/** Each shown once a day: the gravest with what to do; the others and why on a press. Never in the way: a word puts them aside. */
export function Cautions({ cautions }: { cautions: CautionData[] }) {
	const [away, setAway] = useState<string[] | null>(null);
	const [all, setAll] = useState(false);
	useEffect(() => setAway(putAway()), []);
	const left = away === null ? [] : cautions.filter((caution) => !away.includes(caution.id));
	if (left.length === 0) return null;
	const shown = all ? left : left.slice(0, 1);
	const seen = () => {
		const ids = [...(away ?? []), ...shown.map((caution) => caution.id)];
		keep(key, { day: new Date().toDateString(), ids });
		setAway(ids);
		setAll(false);
	};
	const more = left.length - shown.length;
	const hasWhy = left.some((caution) => caution.why !== "");
	return (
		<section
			aria-label="Cautions"
			className="mt-2 flex justify-between gap-x-4 border-l-4 max-sm:flex-col lg:items-start border-brass
				bg-brass-pale px-3 py-1.5 text-[15px]"
		>
			<div>
				{shown.map((caution) => (
					<p key={caution.id}>
						<b>{caution.about}.</b> {caution.todo} {all && caution.why}
					</p>
				))}
			</div>
			<div className="flex shrink-0 gap-4">
				{!all && (more > 0 || hasWhy) && (
					<button
						type="button"
						onClick={() => setAll(true)}
						className="min-h-11 underline lg:min-h-8 underline-offset-4"
					>
						{more > 0 ? say("{more} more", { more }) : "Why"}
					</button>
				)}
				<button type="button" onClick={seen} className="min-h-11 font-semibold lg:min-h-8 underline underline-offset-4">
					Seen
				</button>
			</div>
		</section>
	);
}
