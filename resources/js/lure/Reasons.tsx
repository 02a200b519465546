import { type ReactNode, useState } from "react";
import { Button } from "../parts/Button";
import { say } from "../parts/words";
import type { ReasonData } from "../types";

/** Reasons that are told before all are asked for: the strongest, for or against. */
const FEW = 3;

interface Props {
	reasons: ReasonData[];
	/** Below all of them, once all are told. */
	children?: ReactNode;
}

/** Reasons with their points, for in green and against in red, and with a sign so that colour is not needed. */
export function Reasons({ reasons, children }: Props) {
	const [all, setAll] = useState(false);
	const strongest = [...reasons].sort((one, other) => Math.abs(other.points) - Math.abs(one.points)).slice(0, FEW);
	const shown = all ? reasons : reasons.filter((reason) => strongest.includes(reason));
	return (
		<ul className="mt-2">
			{shown.map((reason) => (
				<li
					key={reason.rule}
					className="grid grid-cols-[38px_1fr] border-t border-rule py-[5px] text-[15px] leading-snug"
				>
					<span className={`figure ${reason.points < 0 ? "text-rowan" : "text-moss"}`}>{reason.pointsText}</span>
					<span>{reason.text}</span>
				</li>
			))}
			{shown.length < reasons.length ? (
				<li className="border-t border-rule">
					<Button onClick={() => setAll(true)}>{say("{more} more", { more: reasons.length - shown.length })}</Button>
				</li>
			) : (
				children && <li className="border-t border-rule py-[9px] text-[14px] text-slate">{children}</li>
			)}
			{reasons.length === 0 && (
				<li className="border-t border-rule py-2 text-slate">No rule speaks for or against it.</li>
			)}
		</ul>
	);
}
