import { Dialog } from "../parts/Dialog";
import { say } from "../parts/words";
import type { OutingData, TieableData } from "../types";
import type { Tying } from "./useOuting";

interface Props {
	open: boolean;
	onOpenChange: (open: boolean) => void;
	outing: OutingData;
	box: TieableData[];
	onTieOn: (tying: Tying) => void;
}

/** One tap ties on: the next steps of the ladder, what worked before, or anything else of the box, best first. */
export function TieOnPad({ open, onOpenChange, outing, box, onTieOn }: Props) {
	const tie = ({ words, way, tying }: TieableData) => {
		onTieOn({ ...tying, words, way });
		onOpenChange(false);
	};
	const steps = outing.pick?.ladder ?? [];
	const others = box.filter((one) => one.tying.lure !== outing.pick?.lureId);
	return (
		<Dialog open={open} onOpenChange={onOpenChange} title="Change one thing">
			<ul className="mt-1">
				{steps.map((step) => (
					<Row
						key={step.key}
						words={step.words}
						way={`${step.title} · ${step.subtitle}`}
						onTie={() => tie({ words: step.title, way: step.subtitle, tying: step.tying })}
					/>
				))}
				{outing.worked && (
					<Row
						words={say("Back to what worked: {words}", { words: outing.worked.words })}
						way={outing.worked.way}
						onTie={() => outing.worked && tie(outing.worked)}
					/>
				)}
			</ul>
			<h3 className="mt-5 text-[17px]">Anything else in the box</h3>
			<ul>
				{others.map((one) => (
					<Row key={`${one.tying.lure} ${one.tying.hole}`} words={one.words} way={one.way} onTie={() => tie(one)} />
				))}
				{others.length === 0 && <li className="py-2 text-slate">Nothing in the box to tie on. Add a lure first.</li>}
			</ul>
		</Dialog>
	);
}

function Row({ words, way, onTie }: { words: string; way: string; onTie: () => void }) {
	return (
		<li className="border-b border-rule">
			<button type="button" onClick={onTie} className="block min-h-[58px] w-full py-2 text-left">
				<span className="figure block text-[17px] first-letter:uppercase">{words}</span>
				<span className="block text-[14px] text-slate">{way}</span>
			</button>
		</li>
	);
}
