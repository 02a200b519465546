import { useAge } from "../parts/useAge";
import { say } from "../parts/words";
import type { Live } from "../readings/useAnswer";
import type { ReadingData } from "../types";

/** What the boat's instruments say, how old it is, and what is pinned against them. */
export default function Instruments({ live }: { live: Live }) {
	const age = useAge();
	const { feed, readings } = live.answer;
	const filled = ["depth", "temp", "drift", "wind"]
		.map((name) => readings[name])
		.filter((reading): reading is ReadingData => reading !== undefined);
	return (
		<div className="max-w-[680px]">
			<h2 className="text-[21px]">
				{feed === null
					? "No instruments are connected"
					: feed.live
						? "Instruments fill the readings"
						: "The instruments are silent"}
			</h2>
			<p className="mt-1">{feed?.words ?? "Eskith hears NMEA 0183 over TCP: depth, water temperature, speed, wind."}</p>
			<table className="mt-3 w-full">
				<thead>
					<tr className="text-left text-[14px] text-slate">
						{["reading", "now", "from", "age", "pinned"].map((name) => (
							<th key={name} scope="col" className="py-1 font-normal">
								{name}
							</th>
						))}
					</tr>
				</thead>
				<tbody>
					{filled.map((reading) => (
						<tr key={reading.name} className="border-t border-rule">
							<th scope="row" className="py-2 text-left font-normal">
								{reading.label}
							</th>
							<td className="figure">{reading.shown}</td>
							<td>{reading.sourceWords}</td>
							<td className={reading.stale ? "font-bold text-rowan" : ""}>
								{age(reading.readAt)}
								{reading.stale && ", stale"}
							</td>
							<td>
								<input
									type="checkbox"
									aria-label={say("Pin {label}", { label: reading.label })}
									className="size-6 accent-[var(--ember)]"
									checked={reading.pinned}
									disabled={reading.text === null || reading.source === "assumed"}
									onChange={(event) => live.pin(reading.name, event.target.checked)}
								/>
							</td>
						</tr>
					))}
				</tbody>
			</table>
			<p className="mt-3 text-[15px] text-slate">A pinned reading is yours: instruments leave it alone.</p>
			<p className="mt-3 text-[15px]">
				To listen, run{" "}
				<code className="rounded bg-paper px-1">php artisan instruments:read --email=yours --host=… --port=10110</code>.
				Without a boat, <code className="rounded bg-paper px-1">bin/demo --instruments</code> simulates one.
			</p>
		</div>
	);
}
