import { Link } from "@inertiajs/react";
import { Button } from "../parts/Button";
import type { SchoolData, SecondLookData } from "../types";

interface Props {
	/** Null until it is there. */
	second: SecondLookData | null;
	/** Why it is not. */
	trouble: string | null;
	onWay: (key: string) => void;
}

/** What the other schools would tie on in place of the first; each opens what it names. */
export function OtherSchools({ second, trouble, onWay }: Props) {
	const differing = second?.schools.filter((school) => !school.agrees) ?? [];
	return (
		<p>
			{!second && (
				<>
					<b>Other schools:</b> <span className="text-slate">{trouble ? "not without a signal" : "one moment"}</span>
				</>
			)}
			{second && (
				<>
					<b>Other schools:</b> {differing.length === 0 && "all would tie on the same."}
					{differing.map((school, index) => (
						<span key={school.school}>
							{index > 0 && "; "}
							<span className="text-slate">{school.school}</span> <SchoolWords school={school} onWay={onWay} />
						</span>
					))}
					{differing.length > 0 && "."}
				</>
			)}
		</p>
	);
}

/** The way it would fish, to be opened; or the other way down, to be seen beside one's own. */
function SchoolWords({ school, onWay }: { school: SchoolData; onWay: (key: string) => void }) {
	const { key } = school;
	if (key === null)
		return (
			<Link href="/cadences" className="underline underline-offset-4">
				{school.words}
			</Link>
		);
	return (
		<Button size="inline" onClick={() => onWay(key)}>
			{school.words}
		</Button>
	);
}
