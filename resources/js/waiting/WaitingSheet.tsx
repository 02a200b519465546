import { router, usePage } from "@inertiajs/react";
import { giveFile } from "../outbox/file";
import type { OutboxState } from "../outbox/useOutbox";
import { outboxOf } from "../outbox/wire";
import { Button, ButtonLink } from "../parts/Button";
import { Dialog } from "../parts/Dialog";
import { say } from "../parts/words";
import { NotTaken } from "./NotTaken";
import { sentences } from "./words";

interface Props {
	outbox: OutboxState;
	onClose: () => void;
}

/** All that waits on this device, why, and what can be done about it. */
export default function WaitingSheet({ outbox, onClose }: Props) {
	const angler = Number(usePage().props.anglerId);
	const { waiting, turned, away, trouble } = outbox;
	const told = sentences(outbox);
	return (
		<Dialog open onOpenChange={(still) => !still && onClose()} title="On this device">
			{told.length === 0 && turned.length === 0 && <p className="pt-2">Everything has arrived.</p>}
			{told.map((sentence) => (
				<p key={sentence} className="pt-2">
					{sentence}
				</p>
			))}
			{away.map(({ outing, place }) => (
				<div key={outing} className="mt-3 border-t border-rule pt-2">
					<p>{say("The outing at {place} is taken away, and these taps wait for it.", { place })}</p>
					<Button
						look="strong"
						size="big"
						onClick={() => router.put(`/outings/${outing}/back`, {}, { onSuccess: outbox.again })}
					>
						Bring it back
					</Button>
				</div>
			))}
			<NotTaken turned={turned} onAgain={outbox.sendAgain} onLetGo={outbox.letGo} />
			<div className="mt-4 flex flex-wrap gap-x-5 gap-y-2">
				{(waiting?.length ?? 0) > 0 && trouble === "signed-out" && (
					<ButtonLink href="/sign-in" look="next" size="big">
						Sign in
					</ButtonLink>
				)}
				{(waiting?.length ?? 0) > 0 && trouble !== "signed-out" && trouble !== "stranger" && (
					<Button look="next" size="big" onClick={outbox.again}>
						Send now
					</Button>
				)}
				{(waiting?.length ?? 0) + turned.length > 0 && (
					<Button look="strong" size="big" onClick={() => void giveFile(outboxOf(angler))}>
						Keep as a file
					</Button>
				)}
			</div>
		</Dialog>
	);
}
