import { router } from "@inertiajs/react";
import { Check } from "../parts/Check";
import { Choice } from "../parts/Choice";
import { ChangeNotes } from "../tackle/ChangeNotes";
import { useLureChanges } from "../tackle/lureChanges";
import type { RigHooksData } from "../types";

const ways = [
	["ring", "split ring"],
	["loop", "braided loop"],
] as const;

/** The hook setup of the lure that is on, changed in place. */
export function HooksPart({ hooks }: { hooks: RigHooksData }) {
	const { apply, notes } = useLureChanges(() => router.reload());
	const set = (group: "hooks" | "build", part: string, was: unknown, is: unknown, words: string) =>
		void apply(
			[{ id: hooks.lure, version: hooks.version, set: { [group]: { [part]: is } }, saw: { [group]: { [part]: was } } }],
			words,
		);
	return (
		<>
			<Choice
				label="Hooks hang on"
				value={hooks.attach}
				onChange={(attach) => set("hooks", "attach", hooks.attach || null, attach, "The hooks hang on it.")}
				options={ways}
			/>
			<Check
				checked={hooks.stinger}
				onChange={(on) => set("build", "stinger", hooks.stinger || null, on, on ? "Stinger on." : "Stinger off.")}
				className="mt-3 flex min-h-11 items-center gap-3"
			>
				A single stinger on a soft loop at the head
			</Check>
			<Check
				checked={hooks.weedless}
				onChange={(on) =>
					set("build", "weedless", hooks.weedless || null, on, on ? "Weedless hooks on." : "Bare hooks again.")
				}
				className="flex min-h-11 items-center gap-3"
			>
				Weedless hooks
			</Check>
			{hooks.spoon && (
				<Check
					checked={hooks.drilled}
					onChange={(on) => set("build", "drilled", hooks.drilled || null, on, on ? "Two-ended." : "One hook again.")}
				>
					Drilled at the tail for a second hook
				</Check>
			)}
			<ChangeNotes {...notes} />
		</>
	);
}
