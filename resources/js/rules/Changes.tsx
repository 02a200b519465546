import { say } from "../parts/words";
import type { ChangesData } from "../types";

interface Props {
	changes: ChangesData;
	from: string;
	to: string;
	/** Whether anything was changed; if not, only the first few are shown. */
	said?: boolean;
}

/** Lures that are shown while nothing is changed. */
const FEW = 3;

/** Places and points before and after, in the new order. */
export function Changes({ changes, from, to, said = true }: Props) {
	const moves = said ? changes.moves : changes.moves.slice(0, FEW);
	return (
		<div aria-live="polite" className="text-[15px]">
			<p className="mt-1">{said ? changes.sentence : "What you change shows here."}</p>
			<table className="mt-2 w-full">
				<caption className="sr-only">{say("Order and points, {from} and {to}", { from, to })}</caption>
				<thead>
					<tr className="text-[13px] text-slate">
						<th scope="col" className="w-9 text-left font-normal">
							{said ? "now" : <span className="sr-only">place</span>}
						</th>
						<th scope="col" className="text-left font-normal">
							lure
						</th>
						{said && (
							<th scope="col" className="w-12 text-right font-normal">
								was
							</th>
						)}
						<th scope="col" className="w-20 text-right font-normal">
							points
						</th>
					</tr>
				</thead>
				<tbody>
					{moves.map((move) => (
						<tr key={`${move.title}${move.before}`} className="border-t border-rule">
							<td className="figure py-1">{move.after}</td>
							<td className={move.after < move.before ? "font-bold" : ""}>{move.title}</td>
							{said && (
								<td className="text-right whitespace-nowrap">
									{move.before}
									<span aria-hidden="true" className="inline-block w-4 text-center text-slate">
										{move.after < move.before ? "↑" : move.after > move.before ? "↓" : ""}
									</span>
								</td>
							)}
							<td className="text-right whitespace-nowrap">
								{move.beforePoints === move.afterPoints ? (
									move.afterPoints
								) : (
									<>
										<s className="text-slate">{move.beforePoints}</s> <b>{move.afterPoints}</b>
									</>
								)}
							</td>
						</tr>
					))}
				</tbody>
			</table>
		</div>
	);
}
