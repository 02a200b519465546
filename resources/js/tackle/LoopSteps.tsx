import { useState } from "react";
import { Button } from "../parts/Button";
import { Check } from "../parts/Check";
import { Trouble } from "../parts/Notice";
import { SmallField } from "../parts/SmallField";
import { useAsk } from "../parts/useAsk";

/** The swap from a split ring to a braided loop, step by step. */
export function LoopSteps({ ring, onDone }: { ring: string; onDone: () => void }) {
	const [size, setSize] = useState(ring === "" ? "6 mm" : ring);
	const [done, setDone] = useState<string[]>([]);
	const { answer, trouble } = useAsk<{ steps: string[] }>(`/loop-guide?${new URLSearchParams({ ring: size })}`);
	return (
		<div className="mt-2 rounded-md border border-rule bg-paper p-3">
			<SmallField
				label="old split ring, across on the inside"
				room="block w-64"
				value={size}
				onChange={(event) => setSize(event.target.value)}
			/>
			<Trouble words={trouble} className="pt-1" />
			<ol className="mt-2">
				{answer?.steps.map((step) => (
					<li key={step}>
						<Check
							className="flex min-h-11 items-center gap-3 border-t border-rule"
							checked={done.includes(step)}
							onChange={(on) => setDone(on ? [...done, step] : done.filter((one) => one !== step))}
						>
							{step}
						</Check>
					</li>
				))}
			</ol>
			<Button
				look="next"
				className="mt-2 px-4"
				disabled={!answer || done.length < answer.steps.length}
				onClick={onDone}
			>
				Done: write it down
			</Button>
		</div>
	);
}
