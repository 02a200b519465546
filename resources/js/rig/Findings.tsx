import type { FindingData } from "../types";

/** Checks as sentences with their numbers, what would mend them first. */
export function Findings({ findings, label }: { findings: FindingData[]; label: string }) {
	if (findings.length === 0) return null;
	return (
		<ul aria-label={label} className="border-b border-rule">
			{findings.map((finding) => (
				<li
					key={finding.check}
					className="grid gap-x-3 border-t border-rule py-2 lg:grid-cols-[104px_minmax(0,1fr)] lg:items-baseline"
				>
					<span className={`figure text-[16px] ${finding.good === false ? "text-rowan" : "text-slate"}`}>
						{finding.word}
					</span>
					<span>
						{finding.mend && <strong className="block">{finding.mend}</strong>}
						{finding.says}
					</span>
				</li>
			))}
		</ul>
	);
}
