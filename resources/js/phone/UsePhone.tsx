import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { type Position, setUsed } from "./position";

interface Props {
	position: Position;
	/** What is told of it once this phone says where it is. */
	words: string;
	look?: "plain" | "aside";
}

/** The press that asks a phone where it is, or what it says; nothing is asked of it before. */
export function UsePhone({ position: { used, trouble }, words, look = "plain" }: Props) {
	if (!used)
		return (
			<Button look={look} onClick={() => setUsed(true)}>
				Use this phone
			</Button>
		);
	return trouble ? (
		<Trouble words={trouble} className="text-[15px]" />
	) : (
		<span role="status" className="text-[15px] text-slate">
			{words}
		</span>
	);
}
