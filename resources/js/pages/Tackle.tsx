import { useCallback, useState } from "react";
import { Aside } from "../parts/Aside";
import { Button } from "../parts/Button";
import { useSettled } from "../parts/useSettled";
import { say } from "../parts/words";
import { AppLayout } from "../shell/AppLayout";
import { BoxSearch } from "../tackle/BoxSearch";
import { BulkBar } from "../tackle/BulkBar";
import { ChangeNotes } from "../tackle/ChangeNotes";
import { InAndOut } from "../tackle/InAndOut";
import { LureRow } from "../tackle/LureRow";
import { NewLure } from "../tackle/NewLure";
import { StartingBox } from "../tackle/StartingBox";
import { useBox, type Wish } from "../tackle/useBox";
import type { TacklePage } from "../types";

const none: Record<string, string> = {};

/** Lures in the first sight; those below it are drawn right after. */
const IN_SIGHT = 10;

/** The lures of the box: looked through, changed, added to. */
export default function Tackle({ aside, box: first, starting, weightUnit }: TacklePage) {
	const { box, filter, find, more, again, change, notes, troubles } = useBox(first);
	const [selected, setSelected] = useState<number[]>([]);
	const settled = useSettled();
	const choose = useCallback(
		(id: number, on: boolean) => setSelected((all) => (on ? [...all, id] : all.filter((one) => one !== id))),
		[],
	);
	const filtered = filter.q !== "" || filter.family !== "" || filter.show !== "";
	const bulk = async (set: Record<string, unknown>, words: string) => {
		const wishes = selected.map((id): Wish => ({ id, set }));
		if (await change(wishes, words)) setSelected([]);
	};
	const told = box.inBox > 0 ? "All to one scale. Press a name to measure it." : "";
	return (
		<AppLayout title="Tackle box">
			<div className="grid lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<Aside aside={aside} />
					<InAndOut onTaken={again} />
					<h1 className="text-[25px]">
						{box.inBox === 0 ? "Your box is empty" : say("{inBox|# lure|# lures} in the box", { inBox: box.inBox })}
					</h1>
					{box.inBox === 0 && !filtered ? (
						<>
							<p className="mt-1 text-slate">
								Put in what you own, one at a time or from a file. Eskith chooses from it.
							</p>
							<StartingBox offered={starting} />
						</>
					) : (
						<BoxSearch filter={filter} onFilter={find} />
					)}
					<p aria-live="polite" className="mt-1 text-[14px] text-slate">
						{filtered ? say("{total} found.", { total: box.total }) : told}
					</p>
					{selected.length > 0 && (
						<BulkBar
							count={selected.length}
							onChange={(set, words) => void bulk(set, words)}
							onNone={() => setSelected([])}
						/>
					)}
					<ChangeNotes {...notes} />
					<ul className="mt-1" aria-label="Lures">
						{(settled ? box.lures : box.lures.slice(0, IN_SIGHT)).map((lure) => (
							<LureRow
								key={lure.id}
								lure={lure}
								selected={selected.includes(lure.id)}
								onSelect={choose}
								onChange={change}
								fields={troubles ?? none}
							/>
						))}
					</ul>
					{filtered && box.total === 0 && (
						<p className="py-4 text-slate">Nothing matches. Search for a weight, a finish or a family.</p>
					)}
					{box.more && (
						<Button look="strong" size="normal" onClick={more}>
							{say("Show more of {total}", { total: box.total })}
						</Button>
					)}
				</div>
				{settled && <NewLure weightUnit={weightUnit} />}
			</div>
		</AppLayout>
	);
}
