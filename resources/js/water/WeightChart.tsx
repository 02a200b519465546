import { type KeyboardEvent, type RefObject, useRef, useState } from "react";
import { Button } from "../parts/Button";
import { Choice } from "../parts/Choice";
import { Trouble } from "../parts/Notice";
import { useAsk } from "../parts/useAsk";
import { say } from "../parts/words";
import type { Live } from "../readings/useAnswer";
import type { CellData, ChartData } from "../types";

type Place = readonly [row: number, column: number];

/** Which weight where. Each cell has its weight in words, so it reads without colour and in print. */
export default function WeightChart({ live }: { live: Live }) {
	const [across, setAcross] = useState("drift");
	const [of, setOf] = useState("box");
	const { answer: chart, trouble } = useAsk<ChartData>(`/chart?${new URLSearchParams({ across, of })}`, {
		again: live.answer,
	});
	if (!chart) return <p className="text-slate">{trouble ?? "Working it out …"}</p>;
	return (
		<div className="print-page">
			<h2 className="text-[19px]">{chart.sentence}</h2>
			<div className="no-print flex flex-wrap items-end gap-x-8 pb-2">
				<Choice
					label="Across"
					value={across}
					onChange={setAcross}
					options={[
						["drift", "drift"],
						["line", "line diameter"],
					]}
				/>
				<Choice
					label="Weights"
					value={of}
					onChange={setOf}
					options={[
						["box", "my box"],
						["series", "the whole series"],
					]}
				/>
				<Button look="strong" onClick={() => window.print()}>
					Print
				</Button>
			</div>
			<Cells chart={chart} live={live} />
			<Trouble words={trouble} />
		</div>
	);
}

function Cells({ chart, live }: { chart: ChartData; live: Live }) {
	const table = useRef<HTMLTableElement>(null);
	const { at, setAt, keys } = useGrid(chart, table);
	const [row, column] = at;
	const read = chart.rows[row]?.cells[column];
	const set = (r: number, c: number) => {
		setAt([r, c]);
		const drift = chart.columnTexts[c];
		live.changeMany({ depth: chart.rows[r]?.depth ?? null, ...(drift ? { drift } : {}) });
	};
	const tint = tints(chart);
	return (
		<>
			<div className="overflow-x-auto">
				<table ref={table} className="w-full min-w-[620px] table-fixed border-collapse text-[14px]">
					<caption className="sr-only">
						{say("{note} Across: {acrossLabel}.", { note: chart.note, acrossLabel: chart.acrossLabel })}
					</caption>
					<Head columns={chart.columns} />
					<tbody>
						{chart.rows.map(({ depth, cells }, r) => (
							<tr key={depth}>
								<th scope="row" className="p-1 pr-2 text-left font-normal whitespace-nowrap text-slate">
									{depth}
								</th>
								{cells.map((cell, c) => (
									<Cell
										key={chart.columns[c]}
										cell={cell}
										name={`${depth}, ${chart.columns[c]}`}
										place={[r, c]}
										focus={r === row && c === column}
										tint={tint(cell)}
										onKey={(event) => keys(event, [r, c])}
										onLook={() => setAt([r, c])}
										onSet={() => set(r, c)}
									/>
								))}
							</tr>
						))}
					</tbody>
				</table>
			</div>
			<p className="mt-2 text-[15px]" aria-live="polite">
				<b>
					{chart.rows[row]?.depth}, {chart.columns[column]}:
				</b>{" "}
				{read?.massKg === null || !read
					? "none of these stays straight down."
					: say("{words} and heavier stay straight down.", { words: read.words })}
			</p>
			<p className="text-[14px] text-slate">
				Across: {chart.acrossLabel}. {chart.note} A click sets the readings.
			</p>
		</>
	);
}

function Head({ columns }: { columns: string[] }) {
	return (
		<thead>
			<tr>
				<th scope="col" className="p-1 text-left font-normal text-slate">
					depth
				</th>
				{columns.map((column) => (
					<th key={column} scope="col" className="p-1 text-center font-normal whitespace-nowrap text-slate">
						{column.replace(/\s*(mph|kn|m\/s|km\/h|mm)$/, "")}
					</th>
				))}
			</tr>
		</thead>
	);
}

interface CellProps {
	cell: CellData;
	name: string;
	place: Place;
	focus: boolean;
	/** Per cent of the water's colour. */
	tint: number;
	onKey: (event: KeyboardEvent) => void;
	onLook: () => void;
	onSet: () => void;
}

function Cell({ cell, name, place, focus, tint, onKey, onLook, onSet }: CellProps) {
	const words = cell.massKg === null ? "none stays straight down" : cell.words;
	const frame = cell.here
		? "figure outline-3 -outline-offset-3 outline-ember"
		: "outline-1 -outline-offset-1 outline-rule";
	return (
		<td className="p-0">
			<button
				type="button"
				data-cell={place.join(".")}
				tabIndex={focus ? 0 : -1}
				aria-label={`${name}: ${words}${cell.here ? ", today" : ""}`}
				onKeyDown={onKey}
				onMouseEnter={onLook}
				onFocus={onLook}
				onClick={onSet}
				className={`block min-h-[30px] w-full text-center whitespace-nowrap ${frame} focus-visible:outline-3 focus-visible:outline-ink`}
				style={{ background: `color-mix(in oklab, var(--water-top) ${tint}%, var(--paper))` }}
			>
				{cell.words.replace(/\s*(oz|g)$/, "")}
			</button>
		</td>
	);
}

/** The cell looked at: today's at first, then where the arrow keys or the pointer went. */
function useGrid(chart: ChartData, table: RefObject<HTMLTableElement | null>) {
	const [chosen, setAt] = useState<Place | null>(null);
	const here = chart.rows.flatMap((row, r) => row.cells.flatMap((cell, c): Place[] => (cell.here ? [[r, c]] : [])))[0];
	const go = (row: number, column: number) => {
		const next: Place = [
			Math.min(chart.rows.length - 1, Math.max(0, row)),
			Math.min(chart.columns.length - 1, Math.max(0, column)),
		];
		setAt(next);
		table.current?.querySelector<HTMLButtonElement>(`[data-cell="${next.join(".")}"]`)?.focus();
	};
	const keys = (event: KeyboardEvent, [row, column]: Place) => {
		const by = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[event.key];
		if (!by) return;
		event.preventDefault();
		go(row + (by[0] ?? 0), column + (by[1] ?? 0));
	};
	return { at: chosen ?? here ?? ([0, 0] as Place), setAt, keys };
}

/** The heavier a weight has to be, the deeper its colour. */
function tints(chart: ChartData): (cell: CellData) => number {
	const masses = [...new Set(chart.rows.flatMap((row) => row.cells.map((cell) => cell.massKg)))]
		.filter((mass) => mass !== null)
		.sort((a, b) => a - b);
	return ({ massKg }) => (massKg === null ? 0 : 10 + (masses.indexOf(massKg) / Math.max(1, masses.length - 1)) * 55);
}
