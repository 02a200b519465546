import { ToggleGroup } from "radix-ui";
import type { Live } from "../readings/useAnswer";

/** Narrows the list to one family. */
export function Families({ live }: { live: Live }) {
	const { families, family } = live.answer;
	if (families.length === 0) return null;
	return (
		<ToggleGroup.Root
			type="single"
			aria-label="List only"
			value={family ?? "all"}
			onValueChange={(next) => next && live.narrow(next === "all" ? null : next)}
			className="flex gap-x-4 overflow-x-auto text-[15px]"
		>
			{["all", ...families].map((one) => (
				<ToggleGroup.Item key={one} value={one} className="tab min-h-11 shrink-0 lg:min-h-8">
					{one === "all" ? "all" : `${one.replace("_", " ")}s`}
				</ToggleGroup.Item>
			))}
		</ToggleGroup.Root>
	);
}
