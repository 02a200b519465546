import { Select } from "radix-ui";
import { styleNonce } from "./nonce";

interface Props {
	label: string;
	value: string;
	options: readonly (readonly [string, string])[];
	onChange: (value: string) => void;
	className?: string;
}

/** Radix keeps the empty value for "nothing chosen", so it is spelled out inside. */
const NONE = "–";

/** One of many, opened from a button. */
export function Pick({ label, value, options, onChange, className = "" }: Props) {
	return (
		<Select.Root value={value === "" ? NONE : value} onValueChange={(next) => onChange(next === NONE ? "" : next)}>
			<Select.Trigger
				aria-label={label}
				className={`flex min-h-11 items-center justify-between gap-3 rounded-md border-2 border-slate bg-paper px-3 text-left text-[16px] text-ink ${className}`}
			>
				<Select.Value />
				<Select.Icon aria-hidden="true">▾</Select.Icon>
			</Select.Trigger>
			<Select.Portal>
				<Select.Content
					position="popper"
					className="z-50 max-h-[60dvh] overflow-y-auto rounded-md border border-slate bg-paper p-1 text-ink"
				>
					<Select.Viewport nonce={styleNonce()}>
						{options.map(([option, words]) => (
							<Select.Item
								key={option}
								value={option === "" ? NONE : option}
								className="flex min-h-11 cursor-pointer items-center rounded-md px-3 data-[highlighted]:bg-ink data-[highlighted]:text-frost"
							>
								<Select.ItemText>{words}</Select.ItemText>
							</Select.Item>
						))}
					</Select.Viewport>
				</Select.Content>
			</Select.Portal>
		</Select.Root>
	);
}
