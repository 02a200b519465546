import { router } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { newId, Refused, send } from "../parts/send";

/**
 * The leader was looked at and tied anew: one tap, kept on this device while there is no signal. Tapping again after a lost
 * answer writes nothing twice.
 */
export function Retied({ rod }: { rod: string }) {
	const [id, setId] = useState(newId);
	const [trouble, setTrouble] = useState<string | null>(null);
	const tell = async () => {
		try {
			await send("PUT", "/rig/retied", { uuid: id });
			router.reload();
		} catch (error) {
			if (error instanceof Refused) return setTrouble(error.message);
			const { keepUntilHeard } = await import("../outbox/day");
			await keepUntilHeard({ do: "retie", rod }, id);
		}
		setId(newId());
		setTrouble(null);
	};
	const unkept = () => setTrouble("No signal, and it could not be kept here. Tap it again.");
	return (
		<>
			<Button look="plain" onClick={() => void tell().catch(unkept)}>
				Retied
			</Button>
			<Trouble words={trouble} className="pt-1" />
		</>
	);
}
