import { type KeyboardEvent, useRef, useState } from "react";
import { Choice } from "../parts/Choice";
import { useAsk } from "../parts/useAsk";
import type { Live } from "../readings/useAnswer";
import type { ChartData } from "../types";

/** Which weight where. Each cell has its weight in words, so it reads without colour and in print. */
export default function WeightChart({ live }: { live: Live }) {
	const [across, setAcross] = useState("drift");
	const [of, setOf] = useState("box");
	const { answer: chart, trouble } = useAsk<ChartData>(`/chart?${new URLSearchParams({ across, of })}`, {
		again: live.answer,
	});
	const table = useRef<HTMLTableElement>(null);
	const [at, setAt] = useState<[number, number] | null>(null);
	if (!chart) return <p className="text-slate">{trouble ?? "Reckoning the chart …"}</p>;
	const masses = [...new Set(chart.rows.flatMap((row) => row.cells.map((cell) => cell.massKg)))]
		.filter((mass) => mass !== null)
		.sort((a, b) => a - b);
	const here = chart.rows
		.flatMap((row, r) => row.cells.map((cell, c) => [cell.here, r, c] as const))
		.find(([on]) => on);
	const [focusRow, focusColumn] = at ?? (here ? [here[1], here[2]] : [0, 0]);
	const read = chart.rows[focusRow]?.cells[focusColumn];
	const go = (row: number, column: number) => {
		const next: [number, number] = [
			Math.min(chart.rows.length - 1, Math.max(0, row)),
			Math.min(chart.columns.length - 1, Math.max(0, column)),
		];
		setAt(next);
		table.current?.querySelector<HTMLButtonElement>(`[data-cell="${next[0]}.${next[1]}"]`)?.focus();
	};
	const keys = (event: KeyboardEvent, row: number, column: number) => {
		const [down, right] = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[
			event.key
		] ?? [0, 0];
		if (down === 0 && right === 0) return;
		event.preventDefault();
		go(row + (down ?? 0), column + (right ?? 0));
	};
	const set = (row: number, column: number) => {
		setAt([row, column]);
		const drift = chart.columnTexts[column];
		live.changeMany({ depth: chart.rows[row]?.depth ?? null, ...(drift ? { drift } : {}) });
	};
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
				<button
					type="button"
					onClick={() => window.print()}
					className="min-h-11 font-semibold underline underline-offset-4"
				>
					Print
				</button>
			</div>
			<div className="overflow-x-auto">
				<table ref={table} className="w-full min-w-[620px] table-fixed border-collapse text-[14px]">
					<caption className="sr-only">
						{chart.note} Across: {chart.acrossLabel}.
					</caption>
					<thead>
						<tr>
							<th scope="col" className="p-1 text-left font-normal text-slate">
								depth
							</th>
							{chart.columns.map((column) => (
								<th key={column} scope="col" className="p-1 text-center font-normal whitespace-nowrap text-slate">
									{column.replace(/\s*(mph|kn|m\/s|km\/h|mm)$/, "")}
								</th>
							))}
						</tr>
					</thead>
					<tbody>
						{chart.rows.map((row, r) => (
							<tr key={row.depth}>
								<th scope="row" className="p-1 pr-2 text-left font-normal whitespace-nowrap text-slate">
									{row.depth}
								</th>
								{row.cells.map((cell, c) => {
									const rank = cell.massKg === null ? -1 : masses.indexOf(cell.massKg);
									const tint = cell.massKg === null ? 0 : 10 + (rank / Math.max(1, masses.length - 1)) * 55;
									return (
										<td key={chart.columns[c]} className="p-0">
											<button
												type="button"
												data-cell={`${r}.${c}`}
												tabIndex={r === focusRow && c === focusColumn ? 0 : -1}
												aria-label={`${row.depth}, ${chart.columns[c]}: ${cell.massKg === null ? "none stays straight down" : cell.words}${cell.here ? ", today" : ""}`}
												onKeyDown={(event) => keys(event, r, c)}
												onMouseEnter={() => setAt([r, c])}
												onFocus={() => setAt([r, c])}
												onClick={() => set(r, c)}
												className={`block min-h-[30px] w-full text-center whitespace-nowrap ${cell.here ? "figure outline-3 -outline-offset-3 outline-ember" : "outline-1 -outline-offset-1 outline-rule"} focus-visible:outline-3 focus-visible:outline-ink`}
												style={{ background: `color-mix(in oklab, var(--water-top) ${tint}%, var(--paper))` }}
											>
												{cell.words.replace(/\s*(oz|g)$/, "")}
											</button>
										</td>
									);
								})}
							</tr>
						))}
					</tbody>
				</table>
			</div>
			<p className="mt-2 text-[15px]" aria-live="polite">
				<b>
					{chart.rows[focusRow]?.depth}, {chart.columns[focusColumn]}:
				</b>{" "}
				{read?.massKg === null || !read
					? "none of these stays straight down."
					: `${read.words} and heavier stay straight down.`}
			</p>
			<p className="text-[14px] text-slate">
				Across: {chart.acrossLabel}. {chart.note} A click sets the readings.
			</p>
			{trouble && (
				<p role="alert" className="text-rowan">
					{trouble}
				</p>
			)}
		</div>
	);
}
