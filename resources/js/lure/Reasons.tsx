import type { ReasonData } from "../types";

/** Reasons with their points, for in green and against in red, and with a sign so that colour is not needed. */
export function Reasons({ reasons }: { reasons: ReasonData[] }) {
	return (
		<ul className="mt-2">
			{reasons.map((reason) => (
				<li
					key={reason.rule}
					className="grid grid-cols-[38px_1fr] border-t border-rule py-[5px] text-[15px] leading-snug"
				>
					<span className={`figure ${reason.points < 0 ? "text-rowan" : "text-moss"}`}>{reason.pointsText}</span>
					<span>{reason.text}</span>
				</li>
			))}
			{reasons.length === 0 && (
				<li className="border-t border-rule py-2 text-slate">No rule speaks for or against it.</li>
			)}
		</ul>
	);
}
