import { Link } from "@inertiajs/react";
import { say } from "../parts/words";
import { choiceAddress } from "../readings/choiceAddress";
import type { AnswerData, SecondLookData } from "../types";

interface Props {
	answer: AnswerData;
	/** Null until it is there. */
	second: SecondLookData | null;
	/** Why it is not. */
	trouble: string | null;
}

/** How far each reading must move before another lure comes on top. */
export function WhatIf({ answer, second, trouble }: Props) {
	const { wanted } = answer;
	return (
		<>
			<h2 className="text-[20px]">What would change it</h2>
			{!second && <p className="mt-2 text-slate">{trouble ? "Needs a signal." : "Trying every reading …"}</p>}
			{second && (
				<>
					<p className="mt-1 text-[14px] text-slate">Each reading moved alone. Press one to see it.</p>
					<ul aria-label="What would change the first pick" className="mt-2">
						{Object.entries(second.tips).map(([name, tip]) => (
							<li
								key={name}
								className="grid grid-cols-[74px_1fr] gap-x-2 border-t border-rule py-1.5 text-[15px] leading-snug"
							>
								<span className="text-[14px] text-slate">{tip.label}</span>
								<span>
									{tip.sentences.map((sentence) => (
										<Link
											key={sentence.words}
											href={choiceAddress("/lure", answer, { about: "change", [name]: sentence.try })}
											className="block underline-offset-4 hover:underline"
										>
											{sentence.words}
										</Link>
									))}
								</span>
							</li>
						))}
						{Object.keys(second.tips).length === 0 && (
							<li className="border-t border-rule py-2">No single reading puts another lure first.</li>
						)}
					</ul>
					{(second.wanted ?? wanted) && (
						<p className="mt-1 rounded-md bg-brass-pale px-3 py-2 text-[15px]">
							{second.wanted ??
								say("The {wanted} is not read; none of its values would put another lure first.", { wanted })}
						</p>
					)}
					{second.still && <p className="mt-2 pb-3 text-[14px] text-slate">{second.still}</p>}
				</>
			)}
		</>
	);
}
