import type { SecondLookData } from "../types";

/** What the other schools would tie on in place of the first; each opens what it names. */
export function OtherSchools({ second, onWay }: { second: SecondLookData | null; onWay: (key: string) => void }) {
	const differing = second?.schools.filter((school) => !school.agrees) ?? [];
	return (
		<p className="mt-1 min-h-[22px] text-[15px]">
			{second && (
				<>
					<b>Other schools:</b> {differing.length === 0 && "all would tie on the same."}
					{differing.map((school, index) => (
						<span key={school.school}>
							{index > 0 && "; "}
							<span className="text-slate">{school.school}</span>{" "}
							<button type="button" onClick={() => onWay(school.key)} className="underline underline-offset-4">
								{school.words}
							</button>
						</span>
					))}
					{differing.length > 0 && "."}
				</>
			)}
		</p>
	);
}
