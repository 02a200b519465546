import { RadioGroup } from "radix-ui";
import type { FallSchoolData } from "../types";

interface Props {
	label: string;
	falls: FallSchoolData[];
	onChoose: (fall: FallSchoolData) => void;
}

/** Two schools of letting a lure down, side by side, with what each trades. */
export function FallSchools({ label, falls, onChoose }: Props) {
	return (
		<fieldset className="mt-4">
			<legend className="pb-1 font-semibold">{label}</legend>
			<RadioGroup.Root
				aria-label={label}
				value={falls.find((fall) => fall.followed)?.value ?? ""}
				onValueChange={(value) => {
					const fall = falls.find((one) => one.value === value);
					if (fall) onChoose(fall);
				}}
				className="grid gap-2 sm:grid-cols-2"
			>
				{falls.map((fall) => (
					<RadioGroup.Item
						key={fall.value}
						value={fall.value}
						className="flex flex-col rounded-md border border-slate px-3 py-2 text-left data-[state=checked]:border-[3px]
							data-[state=checked]:border-ember"
					>
						<span className="flex w-full flex-wrap items-baseline justify-between gap-x-3">
							<b className="text-[17px]">{fall.word}</b>
							<span className="figure text-[16px] whitespace-nowrap">{fall.time}</span>
						</span>
						<span className="block pt-1 text-[15px]">{fall.says}</span>
					</RadioGroup.Item>
				))}
			</RadioGroup.Root>
		</fieldset>
	);
}
