import { router } from "@inertiajs/react";
import { Suspense } from "react";
import { Button, ButtonLink, FileLink } from "../parts/Button";
import { onDemand } from "../parts/onDemand";
import { say } from "../parts/words";
import { AppLayout } from "../shell/AppLayout";
import { BenchDrawing } from "../tackle/BenchDrawing";
import { type Fields, MadeOf, Places } from "../tackle/BenchFields";
import { ChangeNotes } from "../tackle/ChangeNotes";
import { HookCare } from "../tackle/HookCare";
import { seen, useLureChanges } from "../tackle/lureChanges";
import { Roles } from "../tackle/Roles";
import type { BenchPage } from "../types";

const Pictures = onDemand(async () => ({ default: (await import("../pictures/Pictures")).Pictures }));

/** One lure on the bench: measured, hung, hooked. */
export default function Bench({ bench }: BenchPage) {
	const fields = JSON.parse(bench.fields) as Fields;
	const { lure } = bench;
	const refresh = () => new Promise<void>((onFinish) => router.reload({ only: ["bench"], onFinish: () => onFinish() }));
	const { apply, notes } = useLureChanges(refresh);
	const change = (set: Record<string, unknown>, words: string) =>
		apply([{ id: lure.id, set, version: lure.version, saw: seen({ ...fields }, set) }], words);
	const move = (what: string, x: number, y: number) =>
		what === "balance point"
			? change({ balance: [x, y] }, "The balance point is moved.")
			: change(
					{ holes: fields.holes.map((hole) => (hole.name === what ? { ...hole, x, y } : hole)) },
					say("The {what} hole is moved.", { what }),
				);
	return (
		<AppLayout title="Bench">
			<div className="px-4 py-4 lg:px-7">
				<p className="flex flex-wrap gap-x-5 gap-y-1 pb-1 text-[15px]">
					<ButtonLink href="/tackle" size="inline">
						Tackle box
					</ButtonLink>
					<Button size="inline" onClick={saveDrawing}>
						Drawing as SVG
					</Button>
					<FileLink href="/gauge.pdf" size="inline">
						Gauge to print
					</FileLink>
				</p>
				<h1 className="text-[25px]">{lure.title}</h1>
				<p className="text-slate">{bench.balanceWords}</p>
				<ChangeNotes {...notes} />
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
						<h2 className="mt-5 text-[19px]">Your pictures</h2>
						<Suspense>
							<Pictures
								shown={{ of: "lure", thing: String(lure.id), outing: null }}
								pictures={bench.pictures}
								onChange={() => void refresh()}
							/>
						</Suspense>
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
