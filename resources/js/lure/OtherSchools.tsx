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
					<b>Other schools:</b> <span className="text-slate">{trouble ? "needs a signal" : "one moment"}</span>
				</>
			)}
			{second && (
				<>
					<b>Other schools:</b> {differing.length === 0 && "all would tie on the same."}
					{differing.map((school, index) => (
						<span key={school.school}>
							{index > 0 && ", "}
							<School school={school} onWay={onWay} />
						</span>
					))}
					{differing.length > 0 && "."}
				</>
			)}
		</p>
	);
}

/** A school by its name: a press opens the way it would fish, or the other way down. */
function School({ school: { key, school, words }, onWay }: { school: SchoolData; onWay: (key: string) => void }) {
	const name = `${school}: ${words}`;
	if (key === null)
		return (
			<Link href="/cadences" title={words} aria-label={name} className="underline underline-offset-4">
				{school}
			</Link>
		);
	return (
		<Button size="inline" title={words} aria-label={name} onClick={() => onWay(key)}>
			{school}
		</Button>
	);
}
