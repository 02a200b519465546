import { Link, router } from "@inertiajs/react";
import { useState } from "react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { Refused, send } from "../parts/send";
import { Shell } from "../shell/Shell";
import { BenchDrawing } from "../tackle/BenchDrawing";
import { type Fields, MadeOf, Places } from "../tackle/BenchFields";
import { HookCare } from "../tackle/HookCare";
import { Roles } from "../tackle/Roles";
import type { Change } from "../tackle/useBox";
import type { AnswerData, BenchData } from "../types";

export default function Bench({ answer, bench }: { answer: AnswerData; bench: BenchData }) {
	const fields = JSON.parse(bench.fields) as Fields;
	const [undo, setUndo] = useState<{ words: string; before: Change[] } | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	const { lure } = bench;
	const refresh = () => router.reload({ only: ["bench", "answer"] });
	const change = async (set: Record<string, unknown>, words: string): Promise<boolean> => {
		try {
			const { before } = await send<{ before: Change[] }>("PATCH", "/lures", { each: [{ id: lure.id, set }] });
			setUndo({ words, before });
			setTrouble(null);
			refresh();
			return true;
		} catch (error) {
			setTrouble(error instanceof Refused ? error.message : "No connection: nothing was changed. Try again.");
			return false;
		}
	};
	const back = async () => {
		if (!undo) return;
		await send("PATCH", "/lures", { each: undo.before }).catch(() =>
			setTrouble("No connection: not undone. Try again."),
		);
		setUndo(null);
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
		<Shell title="Bench" column={<AnswerColumn answer={answer} />}>
			<div className="px-4 py-4 lg:px-7">
				<p className="text-[15px]">
					<Link href="/tackle" className="underline underline-offset-4">
						Tackle box
					</Link>
					<button type="button" onClick={saveDrawing} className="ml-5 underline underline-offset-4">
						Drawing as SVG
					</button>
					<a href="/gauge.pdf" className="ml-5 underline underline-offset-4">
						Gauge to print
					</a>
				</p>
				<h1 className="text-[25px]">{lure.title}</h1>
				<p className="text-slate">{bench.balanceWords}</p>
				{undo && (
					<p
						role="status"
						className="mt-2 flex items-center justify-between border-l-4 border-brass bg-brass-pale px-3"
					>
						{undo.words}
						<button type="button" className="min-h-11 font-semibold underline" onClick={() => void back()}>
							Undo
						</button>
					</p>
				)}
				{trouble && (
					<p role="alert" className="mt-2 border-l-4 border-rowan bg-paper px-3 py-2">
						{trouble}
					</p>
				)}
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
		</Shell>
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
