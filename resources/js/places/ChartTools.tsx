import { ToggleGroup } from "radix-ui";
import { Button } from "../parts/Button";

export type Tool = "move" | "section" | "mark" | "spot" | "sounding" | "line";

const tools: readonly (readonly [Tool, string])[] = [
	["move", "Move"],
	["section", "Section"],
	["mark", "Mark"],
	["spot", "Spot"],
	["sounding", "Depth"],
	["line", "Wall, weed, shore"],
];

interface Props {
	tool: Tool;
	onTool: (tool: Tool) => void;
	/** Points laid so far. */
	drawn: number;
	onDone: () => void;
}

/** What a press on the chart does. */
export function ChartTools({ tool, onTool, drawn, onDone }: Props) {
	return (
		<>
			<ToggleGroup.Root
				type="single"
				value={tool}
				onValueChange={(next) => onTool((next || "move") as Tool)}
				aria-label="What a press on the chart does"
				className="-ml-2 flex flex-wrap gap-x-1"
			>
				{tools.map(([value, word]) => (
					<ToggleGroup.Item key={value} value={value} className="tab min-h-11 px-2 text-[15px]">
						{word}
					</ToggleGroup.Item>
				))}
			</ToggleGroup.Root>
			{tool === "line" && drawn > 1 && (
				<Button look="next" onClick={onDone}>
					Keep this line
				</Button>
			)}
		</>
	);
}

/** What to do next with a tool. */
export function toolWords(tool: Tool, drawn: number): string {
	switch (tool) {
		case "move":
			return "";
		case "section":
			return drawn === 0 ? "Press where the section begins." : "Press where it ends.";
		case "mark":
			return "Press where the mark lies.";
		case "spot":
			return "Press where the spot lies.";
		case "sounding":
			return "Press where you sounded.";
		case "line":
			return drawn < 2 ? "Press along it, point by point." : "Go on, or keep this line.";
	}
}
