import { router } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";

/** Asked once more, since it closes the day. */
export function EndOuting({ uuid }: { uuid: string }) {
	const [asked, setAsked] = useState(false);
	if (!asked)
		return (
			<Button look="aside" size="big" className="justify-self-start" onClick={() => setAsked(true)}>
				End the outing
			</Button>
		);
	return (
		<div className="grid grid-cols-2 gap-2.5">
			<Button look="danger" size="big" onClick={() => router.post(`/outings/${uuid}/end`)}>
				Yes, end it
			</Button>
			<Button look="soft" size="big" onClick={() => setAsked(false)}>
				Go on fishing
			</Button>
		</div>
	);
}
