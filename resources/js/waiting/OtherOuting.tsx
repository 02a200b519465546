import { useState } from "react";
import type { OfflineAction } from "../outbox/offlineActions";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { Select } from "../parts/Select";
import { useAsk } from "../parts/useAsk";
import type { OptionData } from "../types";

/** Puts them into an outing that is there; one that is over is said to have lasted until then. */
export function OtherOuting({ onChoose }: { onChoose: (mend: (deed: OfflineAction) => OfflineAction) => void }) {
	const { answer, trouble } = useAsk<{ outings: OptionData[] }>("/outings/choices");
	const [chosen, setChosen] = useState<string | null>(null);
	if (!answer) return <Trouble words={trouble && "No connection: outings to choose from come with the next one."} />;
	const outing = chosen ?? answer.outings[0]?.value;
	if (!outing) return <p className="pt-2 text-slate">There is no outing to put them into: start one on Fish.</p>;
	return (
		<div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
			<Select
				label="Outing to put them into"
				value={outing}
				onChange={setChosen}
				options={answer.outings.map(({ value, word }) => [value, word] as const)}
			/>
			<Button
				look="plain"
				size="normal"
				onClick={() =>
					onChoose((deed) => ({ ...deed, outing, extend: true, ...(deed.do === "log" ? { setup: null } : {}) }))
				}
			>
				Put them there
			</Button>
		</div>
	);
}
