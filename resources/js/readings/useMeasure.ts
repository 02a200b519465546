import { useForm } from "@inertiajs/react";
import { type FormEvent, useState } from "react";
import { askHere, newId, Refused } from "../parts/send";
import { say } from "../parts/words";
import type { PickData, ReadingData } from "../types";

const TYPED = ["seconds", "distance", "angle", "travel"] as const;

export type MeasureKind = "drop" | "drift" | "hang" | "start";

/** A measurement as it is typed: kept by the server, or on this device until there is a signal. */
export function useMeasure(first: MeasureKind, pick: PickData, readings: Record<string, ReadingData>) {
	const form = useForm({ uuid: newId(), kind: first, seconds: "", distance: "", angle: "", travel: "" });
	const [here, setHere] = useState<string | null>(null);
	const anew = () => {
		form.reset(...TYPED);
		form.setData("uuid", newId());
	};
	const keepHere = async () => {
		const { uuid, kind } = form.data;
		const typed = Object.fromEntries(TYPED.map((name) => [name, form.data[name]]).filter(([, text]) => text !== ""));
		const asked = new URLSearchParams({ kind, pick: pick.key, ...typed });
		try {
			// What cannot be is said at once, as the server would say it.
			const told = await askHere<{ said: string }>(`/measured?${asked}`);
			const { keepUntilHeard } = await import("../outbox/day");
			const words = say("{kind}, {typed}, with the {lure}", {
				kind,
				typed: Object.values(typed).join(" in "),
				lure: pick.spoken,
			});
			await keepUntilHeard({ do: "measure", kind, pick: pick.key, ...typed, readings: textsOf(readings), words }, uuid);
			setHere(say("{said} It waits here for a signal.", { said: told?.said ?? "Kept." }));
			anew();
		} catch (error) {
			const trouble = { uuid: "No signal, and it could not be kept here. Try again." };
			form.setError(error instanceof Refused ? error.fields : trouble);
		}
	};
	const keep = (event: FormEvent) => {
		event.preventDefault();
		setHere(null);
		form.transform((data) => ({ ...data, pick: pick.key }));
		form.post("/measurements", {
			preserveScroll: true,
			preserveState: true,
			onSuccess: anew,
			onNetworkError: () => {
				void keepHere();
				return false;
			},
		});
	};
	return { form, keep, here };
}

/** As they were read; what is only assumed or known of the spot is known of it later too. */
function textsOf(readings: Record<string, ReadingData>): Record<string, string> {
	const read = Object.values(readings).filter(({ source, text }) => source === "measured" && text !== null);
	return Object.fromEntries(read.map(({ name, text }) => [name, text ?? ""]));
}
