import { Select } from "radix-ui";
import { styleNonce } from "./nonce";
import { look, type SelectProps } from "./Select";

/** Radix keeps the empty value for "nothing chosen", so it is spelled out inside. */
const NONE = "–";

/** The list itself, open from the start. */
export default function OpenedSelect({ label, value, options, onChange, className = "" }: SelectProps) {
	return (
		<Select.Root
			defaultOpen
			value={value === "" ? NONE : value}
			onValueChange={(next) => onChange(next === NONE ? "" : next)}
		>
			<Select.Trigger aria-label={label} className={`${look} ${className}`}>
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
