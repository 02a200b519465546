import { router } from "@inertiajs/react";
import { FallSchools } from "../cadence/FallSchools";
import { Numbers } from "../cadence/Numbers";
import { say } from "../parts/words";
import { AppLayout } from "../shell/AppLayout";
import type { CadencesPage, FallSchoolData } from "../types";

/** How an angler works their lures: how they are let down, and the numbers of every cadence. */
export default function Cadences({ cadences, falls, timed }: CadencesPage) {
	const first = cadences.find((cadence) => cadence.hasNumbers);
	const own = cadences.filter((cadence) => cadence.own).length;
	return (
		<AppLayout title="Cadences">
			<div className="max-w-[760px] px-4 py-5 lg:px-7">
				<h1 className="text-[25px]">
					{own === 0
						? "Cadences at their usual numbers"
						: say("{own} of {cadences} cadences at your own numbers", { own, cadences: cadences.length })}
				</h1>
				<section className="mt-6 border-t border-rule pt-3">
					<h2 className="text-[19px]">Two ways down</h2>
					{timed && <p className="pt-1 text-[15px] text-slate">{timed}</p>}
					<FallSchools
						label="A blade between lifts"
						falls={falls.filter((fall) => fall.setting === "blade_fall")}
						onChoose={choose}
					/>
					<FallSchools
						label="A spoon going down"
						falls={falls.filter((fall) => fall.setting === "spoon_fall")}
						onChoose={choose}
					/>
				</section>
				<section className="mt-8 border-t border-rule pt-3">
					<h2 className="text-[19px]">Numbers</h2>
					<ul aria-label="Cadences">
						{cadences.map((cadence) => (
							<Numbers
								key={`${cadence.name}${cadence.lift}${cadence.seconds}${cadence.pause}`}
								cadence={cadence}
								labelled={cadence === first}
							/>
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
