import { Button } from "../parts/Button";
import type { EventData } from "../types";

export function timeOf(iso: string): string {
	return new Date(iso).toLocaleTimeString([], { hour: "numeric", minute: "2-digit" });
}

/** What was just taken back, while it can be put back. */
export function TakenBack({ event, onPutBack }: { event: EventData; onPutBack: (uuid: string) => Promise<void> }) {
	return (
		<p className="flex items-center justify-between gap-3 border-b border-rule text-[15px]">
			<span>
				Taken back: <s>{event.words}</s>
			</span>
			<Button look="strong" size="normal" className="shrink-0" onClick={() => void onPutBack(event.uuid)}>
				Put it back
			</Button>
		</p>
	);
}

/** What was logged last, newest first. */
export function Events({ events, onMend }: { events: EventData[]; onMend: (event: EventData) => void }) {
	return (
		<ul aria-label="Last events" className="mt-2 lg:max-h-none">
			{events.map((event) => (
				<li key={event.uuid} className="grid grid-cols-[66px_1fr_auto] gap-2 border-b border-rule py-1.5 text-[15px]">
					<time dateTime={event.at} className="whitespace-nowrap text-slate">
						{timeOf(event.at)}
					</time>
					{event.bite || event.lureLost !== null ? (
						<button type="button" onClick={() => onMend(event)} className="text-left underline underline-offset-4">
							{event.words}
						</button>
					) : (
						<span>{event.words}</span>
					)}
					<span>
						{event.depthText}
						{event.computed && <span className="text-slate"> computed</span>}
					</span>
				</li>
			))}
			{events.length === 0 && <li className="py-2 text-slate">Nothing logged yet. Tap Drop each time it goes down.</li>}
		</ul>
	);
}
