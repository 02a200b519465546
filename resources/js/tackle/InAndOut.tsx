import { useState } from "react";
import { Dialog } from "../parts/Dialog";
import { Refused, sendFile } from "../parts/send";
import type { ImportData } from "../types";

/** The box out as CSV or JSON, and in from either: first what would happen, line by line, then the good ones. */
export function InAndOut({ onTaken }: { onTaken: () => void }) {
	const [open, setOpen] = useState(false);
	const [file, setFile] = useState<File | null>(null);
	const [plan, setPlan] = useState<ImportData | null>(null);
	const [taken, setTaken] = useState(false);
	const [busy, setBusy] = useState(false);
	const [trouble, setTrouble] = useState<string | null>(null);
	const ask = async (url: string, chosen: File) => {
		setBusy(true);
		setTrouble(null);
		try {
			setPlan(await sendFile<ImportData>(url, chosen));
			return true;
		} catch (error) {
			setPlan(null);
			setTrouble(
				error instanceof Refused ? error.message : "No connection, or the file is too large. Nothing was taken in.",
			);
			return false;
		} finally {
			setBusy(false);
		}
	};
	const good = plan ? plan.add + plan.change : 0;
	return (
		<div className="float-right">
			<button type="button" onClick={() => setOpen(true)} className="min-h-11 underline underline-offset-4">
				In and out
			</button>
			<Dialog
				open={open}
				onOpenChange={setOpen}
				title="The box, in and out"
				says="As CSV for a spreadsheet, or as JSON."
			>
				<p className="flex flex-wrap gap-5">
					<a href="/box.csv" className="flex min-h-11 items-center underline underline-offset-4">
						Take it out as CSV
					</a>
					<a href="/box.json" className="flex min-h-11 items-center underline underline-offset-4">
						as JSON
					</a>
					<a href="/schema/box.schema.json" className="flex min-h-11 items-center underline underline-offset-4">
						its schema
					</a>
				</p>
				<label className="mt-2 block border-t border-rule pt-3 font-semibold">
					Bring in a CSV or JSON file
					<input
						type="file"
						accept=".csv,.json,.txt,text/csv,application/json"
						className="mt-1 block min-h-11 w-full"
						onChange={(event) => {
							const chosen = event.target.files?.[0] ?? null;
							setFile(chosen);
							setPlan(null);
							setTaken(false);
							if (chosen) void ask("/box/preview", chosen);
						}}
					/>
				</label>
				{trouble && (
					<p role="alert" className="pt-2 text-rowan">
						{trouble}
					</p>
				)}
				{busy && <p role="status">Reading the file …</p>}
				{plan && (
					<div aria-live="polite">
						<p className="figure pt-2 text-[17px]">
							{taken ? "Taken in: " : "Would be: "}
							{plan.add} added, {plan.change} changed, {plan.same} as they are, {plan.refused} refused.
						</p>
						<ul className="mt-1 max-h-[30dvh] overflow-y-auto text-[14px]">
							{plan.lines.map((line) => (
								<li key={line.line} className="grid grid-cols-[64px_64px_1fr] gap-2 border-t border-rule py-1">
									<span className="text-slate">line {line.line}</span>
									<b className={line.status === "refused" ? "text-rowan" : ""}>{line.status}</b>
									<span>{line.words}</span>
								</li>
							))}
						</ul>
						{!taken && (
							<button
								type="button"
								disabled={busy || good === 0 || !file}
								onClick={async () => {
									if (file && (await ask("/box/import", file))) {
										setTaken(true);
										onTaken();
									}
								}}
								className="figure mt-3 min-h-12 w-full rounded-md bg-ember text-on-ember"
							>
								{good === 0 ? "Nothing to take in" : `Take in ${good}`}
							</button>
						)}
					</div>
				)}
			</Dialog>
		</div>
	);
}
