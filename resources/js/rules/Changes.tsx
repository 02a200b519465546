import type { ChangesData } from "../types";

interface Props {
	changes: ChangesData;
	from: string;
	to: string;
	/** Without the sentence where there is nothing to say. */
	said?: boolean;
}

/** Places and points before and after, in the new order. */
export function Changes({ changes, from, to, said = true }: Props) {
	return (
		<div aria-live="polite" className="text-[15px]">
			<p className="mt-1">
				{said ? changes.sentence : "By the rules as they come. What you change shows here at once."}
			</p>
			<table className="mt-2 w-full">
				<caption className="sr-only">
					Order and points, {from} and {to}
				</caption>
				<thead>
					<tr className="text-[13px] text-slate">
						<th scope="col" className="w-9 text-left font-normal">
							now
						</th>
						<th scope="col" className="text-left font-normal">
							lure
						</th>
						<th scope="col" className="w-12 text-right font-normal">
							was
						</th>
						<th scope="col" className="w-20 text-right font-normal">
							points
						</th>
					</tr>
				</thead>
				<tbody>
					{changes.moves.map((move) => (
						<tr key={`${move.title}${move.before}`} className="border-t border-rule">
							<td className="figure py-1">{move.after}</td>
							<td className={move.after < move.before ? "font-bold" : ""}>{move.title}</td>
							<td className="text-right whitespace-nowrap">
								{move.before}
								<span aria-hidden="true" className="inline-block w-4 text-center text-slate">
									{move.after < move.before ? "↑" : move.after > move.before ? "↓" : ""}
								</span>
							</td>
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
