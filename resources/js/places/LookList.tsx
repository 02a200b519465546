import type { LookPlaceData } from "../types";

interface Props {
	looks: LookPlaceData[];
	shown: number | null;
	onShow: (index: number) => void;
}

/** Where to look first; each a press that brings it into the middle and tells why. The first is in the headline. */
export function LookList({ looks, shown, onShow }: Props) {
	return (
		<ol>
			{looks.map((look, i) => (
				<li key={`${look.kind} ${look.x} ${look.y}`} className="border-b border-rule">
					<button
						type="button"
						aria-pressed={shown === i}
						onClick={() => onShow(i)}
						className="grid min-h-12 w-full grid-cols-[26px_minmax(0,1fr)] py-1.5 text-left"
					>
						<b className={`figure ${shown === i ? "text-ember-ink" : ""}`}>{i + 1}</b>
						<span>
							<b>{look.title}</b>
							{look.where && (i > 0 || shown === 0) && `, ${look.where}`}
							{i === (shown ?? 0) && (
								<span className="block text-[14px] text-slate">{look.reasons.slice(0, 3).join("; ")}</span>
							)}
						</span>
					</button>
				</li>
			))}
		</ol>
	);
}
