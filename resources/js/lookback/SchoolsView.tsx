import type { DisputeData } from "../types";

/** Where anglers disagree, and what this record says to it. */
export function SchoolsView({ schools }: { schools: DisputeData[] }) {
	return (
		<section aria-label="Schools">
			<h2 className="text-[19px]">Where anglers disagree</h2>
			<dl className="mt-1">
				{schools.map((school) => (
					<div key={school.about} className="border-b border-rule py-2.5">
						<dt className="font-semibold first-letter:uppercase">{school.about}</dt>
						<dd className={school.standing === "thin" ? "text-slate" : ""}>{school.words}</dd>
					</div>
				))}
			</dl>
		</section>
	);
}
