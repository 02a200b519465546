import { router, usePage } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { Notice } from "../parts/Notice";

/** Signs out; warns first while something logged here has not arrived. */
export function SignOut() {
	const [waiting, setWaiting] = useState(0);
	const leave = () => router.post("/sign-out");
	const { anglerId } = usePage().props;
	const ask = async () => {
		const count = await import("../outbox/device").then(({ notSent }) => notSent(Number(anglerId))).catch(() => 0);
		setWaiting(count);
		if (count === 0) leave();
	};
	if (waiting === 0)
		return (
			<Button look="plain" size="normal" onClick={() => void ask()}>
				Sign out
			</Button>
		);
	return (
		<Notice className="flex flex-wrap items-center gap-x-4 py-2">
			{waiting === 1 ? "One tap is" : `${waiting} taps are`} not sent yet. Kept on this device for you alone, and sent
			when you sign in again.
			<Button look="strong" onClick={leave}>
				Sign out all the same
			</Button>
			<Button onClick={() => setWaiting(0)}>Stay</Button>
		</Notice>
	);
}
