import { Link, router } from "@inertiajs/react";
import { useState } from "react";
import { PictureColumn } from "../drop/PictureColumn";
import { AppLayout } from "../shell/AppLayout";
import { BenchDrawing } from "../tackle/BenchDrawing";
import { type Fields, MadeOf, Places } from "../tackle/BenchFields";
import { ChangeNotes } from "../tackle/ChangeNotes";
import { HookCare } from "../tackle/HookCare";
import { type Change, type Clash, seen, sendChanges } from "../tackle/lureChanges";
import { Roles } from "../tackle/Roles";
import type { BenchData, PictureData } from "../types";

export default function Bench({ picture, bench }: { picture: PictureData; bench: BenchData }) {
	const fields = JSON.parse(bench.fields) as Fields;
	const { lure } = bench;
	const [undo, setUndo] = useState<{ words: string; before: Change[] } | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	const [clash, setClash] = useState<(Clash & { done: string }) | null>(null);
	const refresh = () => router.reload({ only: ["bench", "picture"] });
	const apply = async (each: Change[], words: string, undoing = false): Promise<boolean> => {
		const told = await sendChanges(each);
		setTrouble(told.trouble?.words ?? null);
		setClash(told.clash && { ...told.clash, done: words });
		if (!told.changed) return false;
		setUndo(undoing ? null : { words, before: told.changed.before });
		refresh();
		return true;
	};
	const change = (set: Record<string, unknown>, words: string) =>
		apply([{ id: lure.id, set, version: lure.version, saw: seen({ ...fields }, set) }], words);
	const giveWay = () => {
		setClash(null);
		refresh();
	};
	const move = (what: string, x: number, y: number) =>
		what === "balance point"
			? change({ balance: [x, y] }, "The balance point is moved.")
			: change(
					{ holes: fields.holes.map((hole) => (hole.name === what ? { ...hole, x, y } : hole)) },
					`The ${what} hole is moved.`,
				);
	return (
		<AppLayout title="Bench" column={<PictureColumn picture={picture} />}>
			<div className="px-4 py-4 lg:px-7">
				<p className="flex flex-wrap gap-x-5 gap-y-1 pb-1 text-[15px]">
					<Link href="/tackle" className="underline underline-offset-4">
						Tackle box
					</Link>
					<button type="button" onClick={saveDrawing} className="underline underline-offset-4">
						Drawing as SVG
					</button>
					<a href="/gauge.pdf" className="underline underline-offset-4">
						Gauge to print
					</a>
				</p>
				<h1 className="text-[25px]">{lure.title}</h1>
				<p className="text-slate">{bench.balanceWords}</p>
				<ChangeNotes
					undo={undo}
					clash={clash}
					trouble={trouble}
					onUndo={() => undo && void apply(undo.before, "", true)}
					onMine={() => clash && void apply(clash.mine, clash.done)}
					onTheirs={giveWay}
				/>
				<div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-2">
					<div className="min-w-0">
						<BenchDrawing lure={lure.drawing} onMove={(what, x, y) => void move(what, x, y)} />
						<Places fields={fields} onChange={change} />
						<HookCare bench={bench} hooks={fields.hooks} onChange={(hooks, words) => change({ hooks }, words)} />
					</div>
					<div className="min-w-0">
						<Roles bench={bench} />
						<ul className="mt-3 text-[15px] text-slate">
							{bench.connector.map((words) => (
								<li key={words}>{words}</li>
							))}
						</ul>
						<MadeOf fields={fields} onChange={change} />
					</div>
				</div>
			</div>
		</AppLayout>
	);
}

/** Saves the drawing on the bench as a file of its own. */
function saveDrawing() {
	const drawing = document.querySelector<SVGElement>("[data-bench-drawing]");
	if (!drawing) return;
	const copy = drawing.cloneNode(true) as SVGElement;
	copy.setAttribute("xmlns", "http://www.w3.org/2000/svg");
	const styles = getComputedStyle(document.documentElement);
	const text = new XMLSerializer()
		.serializeToString(copy)
		.replaceAll(/var\((--[a-z-]+)\)/g, (_, name: string) => styles.getPropertyValue(name).trim());
	const link = document.createElement("a");
	link.href = URL.createObjectURL(new Blob([text], { type: "image/svg+xml" }));
	link.download = "lure.svg";
	link.click();
	URL.revokeObjectURL(link.href);
}
