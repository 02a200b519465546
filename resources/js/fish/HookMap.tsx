import { LureShape } from "../drop/LureFigure";
import { frameOf, hooksOf } from "../drop/lureSides";
import { Choice } from "../parts/Choice";
import { say } from "../parts/words";
import type { HeldData, LureDrawing } from "../types";

interface Props {
	lure: LureDrawing;
	/** Where it can hold. */
	ways: HeldData[];
	hook: string;
	held: string;
	onHook: (hook: string) => void;
	onHeld: (held: string) => void;
}

/** The lure with its hooks: one tap says which holds the fish, a second where in it. */
export function HookMap({ lure, ways, hook, held, onHook, onHeld }: Props) {
	const { left, top, width, height } = frameOf(lure);
	const points = hooksOf(lure);
	const care = hook && ways.find(({ value }) => value === held)?.care;
	return (
		<fieldset className="mt-3">
			<legend className="pb-1 font-semibold">Which hook holds it</legend>
			<div className="flex items-center gap-3">
				<div className="relative min-w-0 flex-1 max-w-[260px]">
					<svg viewBox={`${left} ${top} ${width} ${height}`} className="w-full" aria-hidden="true">
						<LureShape lure={lure} />
					</svg>
					{points.map(({ name, x, y, size }) => (
						<button
							key={name}
							type="button"
							aria-pressed={hook === name}
							aria-label={say("{name} hook", { name })}
							onClick={() => onHook(hook === name ? "" : name)}
							className="absolute size-14 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-slate
							aria-pressed:border-[4px] aria-pressed:border-ember"
							style={{
								left: `${(100 * (x - left)) / width}%`,
								top: `${(100 * (y + size * 0.6 - top)) / height}%`,
							}}
						/>
					))}
				</div>
				<button
					type="button"
					aria-pressed={hook === "stinger"}
					onClick={() => onHook(hook === "stinger" ? "" : "stinger")}
					className="min-h-14 rounded-md border border-slate px-3 aria-pressed:border-[3px] aria-pressed:border-ember
					aria-pressed:font-bold"
				>
					stinger
				</button>
			</div>
			{hook && (
				<Choice
					label="Where it holds"
					value={held}
					onChange={onHeld}
					options={ways.map(({ value, word }) => [value, word] as const)}
				/>
			)}
			{care && <p className="pt-2 font-semibold">{care}</p>}
		</fieldset>
	);
}
