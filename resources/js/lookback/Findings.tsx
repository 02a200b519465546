import { Link } from "@inertiajs/react";
import type { RecordFindingData } from "../types";
import { withChosen } from "./inAddress";

const how: Record<string, string> = {
	clear: "clear",
	vanishes: "no real difference",
	close: "too close",
	thin: "thin",
	"": "",
};

/** What else is worth saying; each opens its picture. */
export function Findings({ findings }: { findings: RecordFindingData[] }) {
	if (findings.length === 0) return <p className="mt-1 text-slate">Nothing yet.</p>;
	return (
		<ul>
			{findings.map((finding) => (
				<li key={finding.words} className="border-b border-rule py-2.5">
					<Link
						href={withChosen({ view: finding.view, ...(finding.factor ? { by: finding.factor } : {}) })}
						className="block underline-offset-4 hover:underline"
					>
						{finding.words}
					</Link>
					{finding.under && <p className="text-[14px] text-slate">{finding.under}</p>}
					{how[finding.standing] && <span className="text-[14px] font-semibold">{how[finding.standing]}</span>}
				</li>
			))}
		</ul>
	);
}
