import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { Button, FileLink } from "../parts/Button";
import { Dialog } from "../parts/Dialog";
import { Trouble } from "../parts/Notice";
import { queries, troubleOf } from "../parts/queries";
import { sendFile } from "../parts/send";
import { say } from "../parts/words";
import type { ImportData } from "../types";

const outs = [
	["/box.csv", "Take it out as CSV"],
	["/box.json", "as JSON"],
	["/schema/box.schema.json", "its schema"],
] as const;

/** The box out as CSV or JSON, and in from either: first what would happen, line by line, then the good ones. */
export function InAndOut({ onTaken }: { onTaken: () => void }) {
	const [open, setOpen] = useState(false);
	const [file, setFile] = useState<File | null>(null);
	const plan = useFileAsk("/box/preview");
	const take = useFileAsk("/box/import");
	const told = take.data ?? plan.data;
	const trouble = take.error ?? plan.error;
	const busy = plan.isPending || take.isPending;
	const choose = (chosen: File | null) => {
		setFile(chosen);
		plan.reset();
		take.reset();
		if (chosen) plan.mutate(chosen);
	};
	return (
		<div className="float-right">
			<Button onClick={() => setOpen(true)}>In and out</Button>
			<Dialog
				open={open}
				onOpenChange={setOpen}
				title="The box, in and out"
				says="As CSV for a spreadsheet, or as JSON."
			>
				<p className="flex flex-wrap gap-x-5">
					{outs.map(([href, words]) => (
						<FileLink key={href} href={href}>
							{words}
						</FileLink>
					))}
				</p>
				<label className="mt-2 block border-t border-rule pt-3 font-semibold">
					Bring in a CSV or JSON file
					<input
						type="file"
						accept=".csv,.json,.txt,text/csv,application/json"
						className="mt-1 block min-h-11 w-full"
						onChange={(event) => choose(event.target.files?.[0] ?? null)}
					/>
				</label>
				<Trouble
					words={trouble && troubleOf(trouble, "No connection, or the file is too large. Nothing was taken in.")}
				/>
				{busy && <p role="status">Reading the file …</p>}
				{told && !trouble && (
					<Plan
						plan={told}
						taken={take.isSuccess}
						busy={busy}
						onTake={() => file && take.mutate(file, { onSuccess: onTaken })}
					/>
				)}
			</Dialog>
		</div>
	);
}

const useFileAsk = (url: string) =>
	useMutation({ mutationFn: (file: File) => sendFile<ImportData>(url, file) }, queries);

interface PlanProps {
	plan: ImportData;
	taken: boolean;
	busy: boolean;
	onTake: () => void;
}

function Plan({ plan, taken, busy, onTake }: PlanProps) {
	const good = plan.add + plan.change;
	return (
		<div aria-live="polite">
			<p className="figure pt-2 text-[17px]">
				{taken
					? say("Taken in: {add} added, {change} changed, {same} as they are, {refused} refused.", plan)
					: say("Would be: {add} added, {change} changed, {same} as they are, {refused} refused.", plan)}
			</p>
			<ul className="mt-1 max-h-[30dvh] overflow-y-auto text-[14px]">
				{plan.lines.map((line) => (
					<li key={line.line} className="grid grid-cols-[64px_64px_1fr] gap-2 border-t border-rule py-1">
						<span className="text-slate">{say("line {line}", { line: line.line })}</span>
						<b className={line.status === "refused" ? "text-rowan" : ""}>{line.status}</b>
						<span>{line.words}</span>
					</li>
				))}
			</ul>
			{!taken && (
				<Button look="next" size="normal" wide className="mt-3" disabled={busy || good === 0} onClick={onTake}>
					{good === 0 ? "Nothing to take in" : say("Take in {good}", { good })}
				</Button>
			)}
		</div>
	);
}
