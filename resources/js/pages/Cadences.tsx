import { router } from "@inertiajs/react";
import { FallSchools } from "../cadence/FallSchools";
import { Numbers } from "../cadence/Numbers";
import { AppLayout } from "../shell/AppLayout";
import type { CadencesPage, FallSchoolData } from "../types";

/** How an angler works their lures: how they are let down, and the numbers of every cadence. */
export default function Cadences({ cadences, falls, timed }: CadencesPage) {
	const own = cadences.filter((cadence) => cadence.own).length;
	return (
		<AppLayout title="Cadences">
			<div className="max-w-[760px] px-4 py-5 lg:px-7">
				<h1 className="text-[25px]">
					{own === 0
						? "Every cadence as it is first tried"
						: `${own} of ${cadences.length} cadences by your own numbers`}
				</h1>
				<p className="mt-1 text-slate">
					What you keep here is what Eskith counts with: the sentence on Lure, the cast, the picture, the boat card.
				</p>
				<section className="mt-6 border-t border-rule pt-3">
					<h2 className="text-[19px]">The way down, where anglers disagree</h2>
					{timed && <p className="pt-1 text-[15px] text-slate">{timed} Estimates until a drop is timed.</p>}
					<FallSchools
						label="A blade between two lifts"
						falls={falls.filter((fall) => fall.setting === "blade_fall")}
						onChoose={choose}
					/>
					<FallSchools
						label="A spoon on its way down"
						falls={falls.filter((fall) => fall.setting === "spoon_fall")}
						onChoose={choose}
					/>
				</section>
				<section className="mt-8 border-t border-rule pt-3">
					<h2 className="text-[19px]">Numbers</h2>
					<ul aria-label="Cadences">
						{cadences.map((cadence) => (
							<Numbers key={`${cadence.name}${cadence.lift}${cadence.seconds}${cadence.pause}`} cadence={cadence} />
						))}
					</ul>
				</section>
			</div>
		</AppLayout>
	);
}

function choose(fall: FallSchoolData): void {
	router.put("/settings", { [fall.setting]: fall.value }, { preserveScroll: true });
}
