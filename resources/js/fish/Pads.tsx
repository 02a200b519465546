import type { OutingData } from "../types";
import { isCast } from "./tally";
import type { OutingLog } from "./useOuting";

interface Props {
	outing: OutingData;
	log: OutingLog;
	onTouch: () => void;
	onFish: () => void;
	onChange: () => void;
}

const small = "figure min-h-[56px] rounded-md border-2 border-slate bg-paper px-2 text-[17px]";

/** The pads for one cold, wet thumb; the commonest are the largest. */
export function Pads({ outing, log, onTouch, onFish, onChange }: Props) {
	const pad = (key: string, onClick: () => void, look: string) =>
		({ type: "button", "aria-keyshortcuts": key, onClick, className: look }) as const;
	return (
		<div className="sticky bottom-(--bar) mt-2 grid grid-cols-12 content-start gap-2.5 self-start bg-frost pt-1 pb-3 lg:static lg:row-span-2">
			<button
				{...pad(
					"D",
					() => log.log({ kind: "drop" }),
					"figure col-span-12 min-h-[76px] rounded-md lg:min-h-[92px] bg-ink text-[26px] text-frost",
				)}
			>
				{isCast(outing) ? "Cast" : "Drop"}
			</button>
			<button
				{...pad("T", onTouch, "figure col-span-6 min-h-[76px] rounded-md border-[3px] border-ink bg-paper text-[21px]")}
			>
				Bite
			</button>
			<button {...pad("F", onFish, "figure col-span-6 min-h-[76px] rounded-md bg-ember text-[21px] text-on-ember")}>
				Fish on
			</button>
			{outing.pads.map(({ kind, label, key }) => (
				<button key={kind} {...pad(key.toUpperCase(), () => log.log({ kind }), `${small} col-span-4`)}>
					{label}
				</button>
			))}
			<button {...pad("C", onChange, `${small} col-span-6 min-h-[76px]`)}>Change one thing</button>
			<button {...pad("U", log.undo, `${small} col-span-6 min-h-[76px]`)} disabled={outing.events.length === 0}>
				Undo
			</button>
		</div>
	);
}
