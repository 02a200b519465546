import type { RefObject } from "react";
import type { Live } from "../readings/useAnswer";
import type { AnswerData, GhostData, PickData } from "../types";
import { WaterColumn } from "./WaterColumn";

interface Props {
	answer: Pick<AnswerData, "chosen" | "column">;
	/** The pick drawn; that of the answer where none is given. */
	pick?: PickData | null;
	ghost?: GhostData | null;
	sonar?: boolean;
	fallRun?: number;
	live?: Live;
	raise?: RefObject<((heightM: number) => void) | null>;
}

/** The column for a pick of an answer. */
export function AnswerColumn({ answer, pick = answer.chosen, ...more }: Props) {
	return (
		<WaterColumn
			column={answer.column}
			drop={pick?.drop ?? null}
			lure={pick?.drawing ?? null}
			holeInUse={pick?.holeIndex ?? null}
			title={pick ? (pick.title.split(",")[0] ?? "") : answer.column.depthText}
			pick={pick}
			{...more}
		/>
	);
}
