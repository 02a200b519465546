import { useEffect, useState } from "react";
import { Select } from "../parts/Select";
import { useAsk } from "../parts/useAsk";
import type { BenchData } from "../types";

type Hooks = Record<string, string | number | null>;

interface Props {
	bench: BenchData;
	hooks: Hooks;
	/** Keeps the parts given; the others stay as they are. */
	onChange: (parts: Hooks, words: string) => Promise<boolean>;
}

/** Hooks: what is on, when it was last looked after, what practice says, and the swap to a braided loop. */
export function HookCare({ bench, hooks, onChange }: Props) {
	const [draft, setDraft] = useState(hooks);
	useEffect(() => setDraft(hooks), [hooks]);
	const [swapping, setSwapping] = useState(false);
	/** Only what differs from what is kept. */
	const changed = (to: Hooks): Hooks =>
		Object.fromEntries(Object.entries(to).filter(([name, value]) => `${value ?? ""}` !== `${hooks[name] ?? ""}`));
	const keep = (to: Hooks, words: string) => {
		const parts = changed(to);
		if (Object.keys(parts).length > 0) void onChange(parts, words);
	};
	const today = new Date().toISOString().slice(0, 10);
	const field = (name: string, label: string, placeholder: string) => (
		<label className="text-[14px] text-slate">
			{label}
			<input
				value={draft[name] ?? ""}
				placeholder={placeholder}
				onChange={(event) => setDraft({ ...draft, [name]: event.target.value })}
				className="block min-h-11 w-full rounded-md border-2 border-slate bg-paper px-2 text-[16px] text-ink"
			/>
		</label>
	);
	return (
		<section aria-label="Hooks" className="mt-5 border-t border-rule pt-3">
			<h2 className="text-[19px]">Hooks</h2>
			<p className="mt-1 text-[15px]">{bench.sinceHooks}</p>
			<ul className="mt-1 text-[15px]">
				{bench.hookAdvice.map((advice) => (
					<li key={advice}>{advice}</li>
				))}
			</ul>
			<form
				className="mt-2"
				onSubmit={(event) => {
					event.preventDefault();
					keep(draft, "Hooks are kept.");
				}}
			>
				<div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
					{field("front", "front, size", "8")}
					{field("rear", "rear, size", "6")}
					{field("style", "style", "treble")}
					<div className="text-[14px] text-slate">
						hung by
						<Select
							label="hung by"
							className="w-full"
							value={`${draft.attach ?? ""}`}
							options={[
								["", "not said"],
								["ring", "split ring"],
								["loop", "braided loop"],
							]}
							onChange={(attach) => setDraft({ ...draft, attach })}
						/>
					</div>
					{field("ring_mm", "ring, mm inside", "4.5")}
					{field("changed", "changed on", today)}
					{field("sharpened", "sharpened on", today)}
				</div>
				<div className="mt-2 flex flex-wrap gap-3">
					<button type="submit" className="figure min-h-11 rounded-md border-2 border-ink px-4">
						Keep hooks
					</button>
					<button
						type="button"
						className="min-h-11 underline underline-offset-4"
						onClick={() => keep({ ...draft, changed: today }, "New hooks today.")}
					>
						Changed today
					</button>
					<button
						type="button"
						className="min-h-11 underline underline-offset-4"
						onClick={() => keep({ ...draft, sharpened: today }, "Sharpened today.")}
					>
						Sharpened today
					</button>
					<button
						type="button"
						aria-expanded={swapping}
						className="min-h-11 underline underline-offset-4"
						onClick={() => setSwapping(!swapping)}
					>
						Swap the ring for a braided loop
					</button>
				</div>
			</form>
			{swapping && (
				<LoopSteps
					ring={`${draft.ring_mm ?? ""}`}
					onDone={() => keep({ ...draft, attach: "loop", changed: today }, "A braided loop since today.")}
				/>
			)}
		</section>
	);
}

function LoopSteps({ ring, onDone }: { ring: string; onDone: () => void }) {
	const [size, setSize] = useState(ring === "" ? "6 mm" : ring);
	const [done, setDone] = useState<string[]>([]);
	const { answer, trouble } = useAsk<{ steps: string[] }>(`/loop-guide?${new URLSearchParams({ ring: size })}`);
	return (
		<div className="mt-2 rounded-md border border-rule bg-paper p-3">
			<label className="text-[14px] text-slate">
				old split ring, across on the inside
				<input
					value={size}
					onChange={(event) => setSize(event.target.value)}
					className="block min-h-11 w-32 rounded-md border-2 border-slate bg-paper px-2 text-[16px] text-ink"
				/>
			</label>
			{trouble && (
				<p role="alert" className="pt-1 text-rowan">
					{trouble}
				</p>
			)}
			<ol className="mt-2">
				{answer?.steps.map((step) => (
					<li key={step}>
						<label className="flex min-h-11 items-center gap-3 border-t border-rule">
							<input
								type="checkbox"
								className="size-6 shrink-0 accent-[var(--ember)]"
								checked={done.includes(step)}
								onChange={(event) =>
									setDone((all) => (event.target.checked ? [...all, step] : all.filter((one) => one !== step)))
								}
							/>
							{step}
						</label>
					</li>
				))}
			</ol>
			<button
				type="button"
				disabled={!answer || done.length < answer.steps.length}
				onClick={onDone}
				className="figure mt-2 min-h-11 rounded-md bg-ember px-4 text-on-ember"
			>
				Done: write it down
			</button>
		</div>
	);
}
