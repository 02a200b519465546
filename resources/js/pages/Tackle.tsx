import { useCallback, useState } from "react";
import { PictureColumn } from "../drop/PictureColumn";
import { Aside } from "../parts/Aside";
import { Select } from "../parts/Select";
import { AppLayout } from "../shell/AppLayout";
import { ChangeNotes } from "../tackle/ChangeNotes";
import { InAndOut } from "../tackle/InAndOut";
import { LureRow } from "../tackle/LureRow";
import { NewLure } from "../tackle/NewLure";
import { StartingBox } from "../tackle/StartingBox";
import { useBox, type Wish } from "../tackle/useBox";
import type { BoxData, PictureData, StartingBoxData } from "../types";

const families = [
	["", "every family"],
	["blade", "blades"],
	["vibe", "vibes"],
	["spoon", "spoons"],
	["bladed_spoon", "bladed spoons"],
	["tail_spinner", "tail spinners"],
] as const;

const shows = [
	["", "in the box"],
	["buy", "to buy again"],
	["retired", "put away"],
] as const;

const none: Record<string, string> = {};

interface Props {
	picture: PictureData;
	box: BoxData;
	/** What an empty box can begin with. */
	starting: StartingBoxData[];
	weightUnit: string;
}

export default function Tackle({ picture, box: first, starting, weightUnit }: Props) {
	const { box, filter, setFilter, change, undo, setUndo, trouble, clash, takeBack, insist, giveWay } = useBox(first);
	const [selected, setSelected] = useState<number[]>([]);
	const choose = useCallback(
		(id: number, on: boolean) => setSelected((all) => (on ? [...all, id] : all.filter((one) => one !== id))),
		[],
	);
	const filtered = filter.q !== "" || filter.family !== "" || filter.show !== "";
	const bulk = async (set: Record<string, unknown>, words: string) => {
		if (
			await change(
				selected.map((id): Wish => ({ id, set })),
				words,
			)
		)
			setSelected([]);
	};
	const some = `${selected.length} ${selected.length === 1 ? "lure" : "lures"}`;
	const select = "min-h-11 rounded-md border-2 border-slate bg-paper px-2 text-ink";
	return (
		<AppLayout title="Tackle box" column={<PictureColumn picture={picture} />}>
			<div className="grid lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<Aside aside={picture.aside} />
					<InAndOut onTaken={() => setFilter({ ...filter })} />
					<h1 className="text-[25px]">
						{box.inBox === 0 ? "Your box is empty" : `${box.inBox} ${box.inBox === 1 ? "lure" : "lures"} in the box`}
					</h1>
					{box.inBox === 0 && !filtered ? (
						<>
							<p className="mt-1 text-slate">
								Put in what you own, one at a time or from a file; Eskith chooses among it.
							</p>
							<StartingBox offered={starting} />
						</>
					) : (
						<div className="mt-2 flex flex-wrap gap-2">
							<input
								type="search"
								aria-label="Search the box"
								placeholder="Search: gold 1/2, spoon, buy again …"
								value={filter.q}
								onChange={(event) => setFilter({ ...filter, q: event.target.value, shown: 30 })}
								className={`${select} min-w-48 flex-1 px-3`}
							/>
							<Select
								label="Family"
								value={filter.family}
								options={families}
								onChange={(family) => setFilter({ ...filter, family, shown: 30 })}
							/>
							<Select
								label="Show"
								value={filter.show}
								options={shows}
								onChange={(show) => setFilter({ ...filter, show, shown: 30 })}
							/>
						</div>
					)}
					<p aria-live="polite" className="mt-1 text-[14px] text-slate">
						{filtered
							? `${box.total} found.`
							: box.inBox > 0
								? "Drawn to one scale, from their measures. A name leads to the bench."
								: ""}
					</p>
					{selected.length > 0 && (
						<div
							role="toolbar"
							aria-label="Change the selected lures"
							className="sticky top-0 z-10 flex flex-wrap items-center gap-3 border-y border-ink bg-paper px-3 py-1 text-[15px]"
						>
							<b>{some}</b>
							<button
								type="button"
								className="min-h-11 underline underline-offset-4"
								onClick={() => void bulk({ red: true }, `${some}: red near the hooks.`)}
							>
								Red near the hooks
							</button>
							<button
								type="button"
								className="min-h-11 underline underline-offset-4"
								onClick={() => void bulk({ buy_again: true }, `${some} to buy again.`)}
							>
								Buy again
							</button>
							<button
								type="button"
								className="min-h-11 underline underline-offset-4"
								onClick={() => void bulk({ retired: true }, `${some} put away.`)}
							>
								Put away
							</button>
							<button
								type="button"
								className="min-h-11 text-slate underline underline-offset-4"
								onClick={() => setSelected([])}
							>
								None
							</button>
						</div>
					)}
					<ChangeNotes
						undo={undo}
						clash={clash}
						trouble={trouble?.words ?? null}
						onUndo={takeBack}
						onMine={insist}
						onTheirs={giveWay}
						onGood={() => setUndo(null)}
					/>
					<ul className="mt-1" aria-label="Lures">
						{box.lures.map((lure) => (
							<LureRow
								key={lure.id}
								lure={lure}
								selected={selected.includes(lure.id)}
								onSelect={choose}
								onChange={change}
								fields={trouble?.fields ?? none}
							/>
						))}
					</ul>
					{filtered && box.total === 0 && (
						<p className="py-4 text-slate">
							Nothing in the box is like that. Search for a weight, a finish or a family.
						</p>
					)}
					{box.more && (
						<button
							type="button"
							onClick={() => setFilter({ ...filter, shown: filter.shown + 100 })}
							className="min-h-12 font-semibold underline underline-offset-4"
						>
							Show more of {box.total}
						</button>
					)}
				</div>
				<NewLure weightUnit={weightUnit} />
			</div>
		</AppLayout>
	);
}
