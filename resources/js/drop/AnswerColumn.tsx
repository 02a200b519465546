import type { AnswerData, PickData } from "../types";
import { WaterColumn } from "./WaterColumn";

/** The column for a pick of an answer, its first where none is given. */
export function AnswerColumn({
	answer,
	pick = answer.picks[0] ?? null,
}: {
	answer: AnswerData;
	pick?: PickData | null;
}) {
	return (
		<WaterColumn
			column={answer.column}
			drop={pick?.drop ?? null}
			lure={pick?.drawing ?? null}
			holeInUse={pick?.holeIndex ?? null}
			title={pick ? (pick.title.split(",")[0] ?? "") : answer.column.depthText}
		/>
	);
}
