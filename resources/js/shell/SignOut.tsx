import { router, usePage } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { Notice } from "../parts/Notice";
import { say } from "../parts/words";

/** What is not sent yet, and how much of it is only in the open page. */
interface Left {
	waiting: number;
	unkept: number;
}

/** Signs out; warns first while something logged here has not arrived. Nothing is sent any more once that is said. */
export function SignOut() {
	const angler = Number(usePage().props.anglerId);
	const [left, setLeft] = useState<Left | null>(null);
	const [trouble, setTrouble] = useState(false);
	const leave = async () => {
		setTrouble(false);
		const wire = await import("../outbox/wire").catch(() => null);
		wire?.leave();
		router.post(
			"/sign-out",
			{},
			{
				onFinish: ({ completed }) => {
					if (completed) return;
					setTrouble(true);
					wire?.outboxOf(angler);
				},
			},
		);
	};
	const ask = async () => {
		const holding = await import("../outbox/wire").then(({ outboxOf }) => outboxOf(angler).holding()).catch(() => null);
		const waiting = holding?.waiting.length ?? 0;
		if (waiting > 0) setLeft({ waiting, unkept: holding?.unkept ?? 0 });
		else await leave();
	};
	return (
		<div>
			{left === null ? (
				<Button look="plain" size="normal" onClick={() => void ask()}>
					Sign out
				</Button>
			) : (
				<Notice className="flex flex-wrap items-center gap-x-4 py-2">
					{warning(left)}
					<Button look="strong" onClick={() => void leave()}>
						Sign out all the same
					</Button>
					<Button onClick={() => setLeft(null)}>Stay</Button>
				</Notice>
			)}
			{trouble && <Notice>No connection: you are still signed in.</Notice>}
		</div>
	);
}

function warning({ waiting, unkept }: Left): string {
	if (unkept > 0)
		return say(
			"{unkept|# tap is|# taps are} only in this open page. Keep {unkept|it|them} as a file first, or {unkept|it is|they are} lost.",
			{ unkept },
		);
	return say(
		"{waiting|One tap is|# taps are} not sent yet. Kept on this device for you alone, and sent when you sign in again.",
		{ waiting },
	);
}
