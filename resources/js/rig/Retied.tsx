import { router } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { troubleOf } from "../parts/queries";
import { newId, send } from "../parts/send";

/** The leader was looked at and tied anew: one tap. Tapping again after a lost answer writes nothing twice. */
export function Retied() {
	const [id, setId] = useState(newId);
	const [trouble, setTrouble] = useState<string | null>(null);
	const tell = async () => {
		try {
			await send("PUT", "/rig/retied", { uuid: id });
			setId(newId());
			setTrouble(null);
			router.reload();
		} catch (error) {
			setTrouble(troubleOf(error, "No connection: not kept. Tap it again."));
		}
	};
	return (
		<>
			<Button look="plain" onClick={tell}>
				Retied
			</Button>
			{trouble && (
				<p role="alert" className="pt-1 text-rowan">
					{trouble}
				</p>
			)}
		</>
	);
}
