import type { FindingData } from "../types";

/** Every check as a sentence with its number, and what would mend it. */
export function Findings({ findings }: { findings: FindingData[] }) {
	return (
		<ul aria-label="Checks" className="mt-5 border-b border-rule">
			{findings.map((finding) => (
				<li
					key={finding.check}
					className="grid gap-x-3 border-t border-rule py-2 lg:grid-cols-[104px_minmax(0,1fr)] lg:items-baseline"
				>
					<span className={`figure text-[16px] ${finding.good === false ? "text-rowan" : "text-slate"}`}>
						{finding.word}
					</span>
					<span>
						{finding.says}
						{finding.mend && <strong className="block">{finding.mend}</strong>}
					</span>
				</li>
			))}
		</ul>
	);
}
