import { router } from "@inertiajs/react";
import { useState } from "react";
import { troubleOf } from "../parts/queries";
import { send } from "../parts/send";

/** Takes another rod in hand where all that is shown has to be asked anew. */
export function useTakeInHand(): { take: (rod: string) => void; trouble: string | null } {
	const [trouble, setTrouble] = useState<string | null>(null);
	const take = async (rod: string) => {
		try {
			await send("PUT", `/rods/${rod}/in-hand`);
			setTrouble(null);
			router.reload();
		} catch (error) {
			setTrouble(troubleOf(error, "No connection: the same rod stays in hand. Tap it again."));
		}
	};
	return { take: (rod) => void take(rod), trouble };
}
