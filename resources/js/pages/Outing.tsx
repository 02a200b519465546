import { router } from "@inertiajs/react";
import { Suspense, useState } from "react";
import { AddForgotten } from "../fish/AddForgotten";
import { EventEditor } from "../fish/EventEditor";
import { Events } from "../fish/Events";
import { OutingTools } from "../outings/OutingTools";
import { Aside } from "../parts/Aside";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { onDemand } from "../parts/onDemand";
import { troubleOf } from "../parts/queries";
import { newId, send } from "../parts/send";
import { dayOf, timeOf } from "../parts/words";
import { AppLayout } from "../shell/AppLayout";
import type { EventData, OutingPage, SetupRowData } from "../types";

const OutingChart = onDemand(async () => ({ default: (await import("../outings/OutingChart")).OutingChart }));

/** One outing, whole: what was tied on when, and everything that was logged, each to be mended. */
export default function Outing(page: OutingPage) {
	const { outing, setups, events } = page;
	const [mending, setMending] = useState<EventData | null>(null);
	const [adding, setAdding] = useState(false);
	const [trouble, setTrouble] = useState<string | null>(null);
	const tell = async (method: "PUT" | "DELETE" | "POST", address: string, body?: unknown) => {
		try {
			await send(method, address, body);
			setTrouble(null);
			router.reload();
		} catch (error) {
			setTrouble(troubleOf(error, "No connection: nothing was changed. Try again."));
		}
	};
	return (
		<AppLayout title={outing.place}>
			<div className="grid grid-cols-[minmax(0,1fr)] lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<h1 className="text-[25px]">{outing.place}</h1>
					<p className="text-slate">
						{dayOf(outing.startedAt)}, {outing.words}
					</p>
					<Trouble words={trouble} />
					<Aside aside={page.aside} />
					<Suspense>{page.chart && <OutingChart chart={page.chart} />}</Suspense>
					<h2 className="mt-5 text-[19px]">What was tied on</h2>
					<Setups setups={setups} />
					<div className="mt-5 flex items-baseline justify-between gap-4">
						<h2 className="text-[19px]">Everything logged</h2>
						<Button className="text-right" onClick={() => setAdding(true)}>
							Add something forgotten
						</Button>
					</div>
					<Events events={events} onMend={setMending} all />
				</div>
				<OutingTools page={page} />
			</div>
			{adding && (
				<AddForgotten
					pads={page.pads}
					rods={page.rods}
					sought={page.sought}
					until={page.endedAt}
					onAdd={(entry, rod) => void tell("POST", `/outings/${outing.uuid}/events`, { uuid: newId(), rod, ...entry })}
					onClose={() => setAdding(false)}
				/>
			)}
			{mending && (
				<EventEditor
					outing={outing.uuid}
					event={mending}
					onPictures={() => router.reload({ only: ["events"] })}
					onClose={() => setMending(null)}
					log={{
						amend: (uuid, changes) => void tell("PUT", `/events/${uuid}`, changes),
						takeBack: (uuid) => void tell("DELETE", `/events/${uuid}`),
					}}
				/>
			)}
		</AppLayout>
	);
}

function Setups({ setups }: { setups: SetupRowData[] }) {
	if (setups.length === 0) return <p className="mt-1 text-slate">Nothing was tied on.</p>;
	return (
		<ul className="mt-1">
			{setups.map((setup) => (
				<li
					key={setup.uuid}
					className="grid grid-cols-[66px_minmax(0,1fr)_auto] gap-2 border-b border-rule py-1.5 text-[15px]"
				>
					<time dateTime={setup.from} className="text-slate">
						{timeOf(setup.from)}
					</time>
					<span>
						<b className="font-semibold">{setup.words}</b> {setup.way}
						<span className="block text-[14px] text-slate">
							{[setup.place, setup.rod, setup.change && `changed: ${setup.change}`].filter(Boolean).join(" · ")}
						</span>
					</span>
					<span className="text-right">
						{setup.hours}
						<span className="block text-[14px] text-slate">
							{setup.landed} / {setup.touches}
						</span>
					</span>
				</li>
			))}
		</ul>
	);
}
