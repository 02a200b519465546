import { router } from "@inertiajs/react";
import { useRef, useState } from "react";
import { Trouble } from "../parts/Notice";

/** A visit after which one is still where one was. */
export const quietly = { preserveScroll: true, preserveState: true } as const;

interface Props {
	asItComes: boolean;
	/** Whether every rule is off. */
	off: boolean;
}

/** What is done to all rules at once, and can be taken back: off and on, as they come, out as a file and in from one. */
export function RulesFile({ asItComes, off }: Props) {
	const file = useRef<HTMLInputElement>(null);
	const [before, setBefore] = useState<string | null>(null);
	const [trouble, setTrouble] = useState<string | null>(null);
	const link = "min-h-12 inline-flex items-center font-semibold underline underline-offset-4";
	/** What there was is kept here, so that either can be undone. */
	const keeping = async (then: () => void) => {
		try {
			const response = await fetch("/rules.json", { credentials: "same-origin" });
			if (!response.ok) throw new TypeError();
			setBefore(await response.text());
			setTrouble(null);
			then();
		} catch {
			setTrouble("No connection: nothing has changed. Try again.");
		}
	};
	return (
		<>
			<button type="button" className={link} onClick={() => keeping(() => router.put("/rules", { on: off }, quietly))}>
				{off ? "Switch all on" : "Switch all off"}
			</button>
			{!asItComes && (
				<button type="button" className={link} onClick={() => keeping(() => router.delete("/rules", quietly))}>
					Back to the rules, unchanged
				</button>
			)}
			{before !== null && (
				<button
					type="button"
					className={link}
					onClick={() =>
						router.post("/rules/import", { text: before }, { ...quietly, onSuccess: () => setBefore(null) })
					}
				>
					Undo
				</button>
			)}
			<a href="/rules.json" className={link}>
				Export
			</a>
			<button type="button" className={link} onClick={() => file.current?.click()}>
				Import
			</button>
			<input
				ref={file}
				type="file"
				accept="application/json,.json"
				aria-label="File of rules"
				className="sr-only"
				tabIndex={-1}
				onChange={(event) => {
					const chosen = event.target.files?.[0];
					if (chosen)
						void keeping(() => router.post("/rules/import", { file: chosen }, { ...quietly, forceFormData: true }));
					event.target.value = "";
				}}
			/>
			<Trouble words={trouble} className="w-full" />
		</>
	);
}
