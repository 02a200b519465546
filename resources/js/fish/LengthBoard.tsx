import { Slider } from "radix-ui";
import { say } from "../parts/words";

interface Props {
	/** The unit that is read, "in" or "cm". */
	unit: string;
	/** In that unit; null while nothing was laid on. */
	value: number | null;
	onChange: (value: number) => void;
}

/** How far a board reaches, and its marks, in its unit. */
const boards = { in: { long: 40, mark: 5, step: 0.25 }, cm: { long: 100, mark: 10, step: 0.5 } };

/** A board as a fish is laid on: the nose at its end, the tail dragged to where it lies. */
export function LengthBoard({ unit, value, onChange }: Props) {
	const board = unit === "cm" ? boards.cm : boards.in;
	const marks = Array.from({ length: Math.floor(board.long / board.mark) + 1 }, (_, i) => i * board.mark);
	const tail = ((value ?? 0) / board.long) * 100;
	return (
		<div className="pt-2">
			<Slider.Root
				aria-label="Tail on the board"
				className="relative flex h-16 touch-none items-center select-none"
				min={0}
				max={board.long}
				step={board.step}
				value={[value ?? 0]}
				onValueChange={([at]) => at !== undefined && onChange(at)}
			>
				<Slider.Track className="relative h-14 w-full rounded-md border-2 border-slate bg-paper">
					<svg
						aria-hidden="true"
						viewBox="0 0 100 40"
						preserveAspectRatio="none"
						className="absolute top-0 left-0 h-full"
						style={{ width: `${tail}%` }}
					>
						<path d="M0 20 C12 6 44 4 78 16 L98 5 L94 20 L98 35 L78 24 C44 36 12 34 0 20 Z" className="fill-water-2" />
					</svg>
				</Slider.Track>
				<Slider.Thumb
					aria-label={say("Tail on the board, {unit}", { unit })}
					className="block h-16 w-11 rounded-md border-[3px] border-ink bg-brass/70"
				/>
			</Slider.Root>
			<div aria-hidden="true" className="relative h-5 text-[12px] text-slate">
				{marks.map((mark) => (
					<span
						key={mark}
						className={`absolute ${mark === board.long ? "-translate-x-full" : "-translate-x-1/2"}`}
						style={{ left: `${(mark / board.long) * 100}%` }}
					>
						{mark === 0 ? "" : mark}
					</span>
				))}
			</div>
		</div>
	);
}
