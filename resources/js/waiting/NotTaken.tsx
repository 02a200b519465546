import { useState } from "react";
import type { Turned } from "../outbox/device";
import { nameOf } from "../outbox/names";
import type { OfflineAction } from "../outbox/offlineActions";
import { Button } from "../parts/Button";
import { say, shortDayOf, timeOf } from "../parts/words";
import { MendEntry } from "./MendEntry";
import { OtherOuting } from "./OtherOuting";
import { OtherTime } from "./OtherTime";

interface Props {
	turned: Turned[];
	onAgain: (ids: string[], mend?: (deed: OfflineAction) => OfflineAction) => void;
	onLetGo: (ids: string[]) => void;
}

/** Listed one by one. */
const LISTED = 6;

/** What the server did not take, gathered by its reason, with what would have it taken. */
export function NotTaken({ turned, onAgain, onLetGo }: Props) {
	const groups = [...new Set(turned.map(reasonOf))].map(
		(reason) => [reason, turned.filter((one) => reasonOf(one) === reason)] as const,
	);
	return groups.map(([reason, some]) => (
		<section key={reason} aria-label={some[0]?.why} className="mt-4 border-t-2 border-rowan pt-2">
			<h3 className="text-[17px]">
				{some.length === 1 ? "Not taken" : say("{some} not taken", { some: some.length })}
			</h3>
			<p className="text-rowan">{some[0]?.why}</p>
			<ul className="text-[15px]">
				{some.slice(0, LISTED).map((one) => (
					<li key={one.id} className="flex gap-3 py-0.5">
						<time dateTime={timeIn(one)} className="whitespace-nowrap text-slate">
							{whenOf(timeIn(one))}
						</time>
						{nameOf(one.deed)}
					</li>
				))}
				{some.length > LISTED && (
					<li className="py-0.5 text-slate">{say("and {more} more", { more: some.length - LISTED })}</li>
				)}
			</ul>
			<Mending some={some} onAgain={onAgain} />
			<div className="flex flex-wrap gap-x-5">
				<Button look="strong" size="normal" onClick={() => onAgain(some.map(({ id }) => id))}>
					Send again
				</Button>
				<LetGo onLetGo={() => onLetGo(some.map(({ id }) => id))} />
			</div>
		</section>
	));
}

/** Those with one reason stand together; an entry with a fault of its own stands alone, since it is mended alone. */
function reasonOf({ id, why, because }: Turned): string {
	return because === "outing" || because === "at" || because === "trouble" ? `${because} ${why}` : id;
}

function timeIn({ deed }: Turned): string {
	return (deed.do === "log" && deed.entry.at) || deed.at;
}

/** The day too, where it is another than today. */
function whenOf(iso: string): string {
	const today = shortDayOf(new Date().toISOString());
	return shortDayOf(iso) === today ? timeOf(iso) : `${shortDayOf(iso)}, ${timeOf(iso)}`;
}

function Mending({ some, onAgain }: { some: Turned[]; onAgain: Props["onAgain"] }) {
	const [first] = some;
	const ids = some.map(({ id }) => id);
	if (!first) return null;
	if (first.because === "at")
		return <OtherTime first={some.map(timeIn).sort()[0] ?? ""} onMove={(mend) => onAgain(ids, mend)} />;
	if (first.because === "outing") return <OtherOuting onChoose={(mend) => onAgain(ids, mend)} />;
	return first.deed.do === "log" ? <MendEntry entry={first.deed.entry} onMend={(mend) => onAgain(ids, mend)} /> : null;
}

/** Asked once more: it is the only copy. */
function LetGo({ onLetGo }: { onLetGo: () => void }) {
	const [asked, setAsked] = useState(false);
	return (
		<Button look={asked ? "danger" : "aside"} size="normal" onClick={() => (asked ? onLetGo() : setAsked(true))}>
			{asked ? "Yes, let it go for good" : "Let it go"}
		</Button>
	);
}
