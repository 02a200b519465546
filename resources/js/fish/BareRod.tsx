import { router } from "@inertiajs/react";
import { useState } from "react";
import { Button, ButtonLink } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { newId } from "../parts/send";
import type { OutingData } from "../types";

/** Where the pads would be. */
const atHand = "sticky bottom-0 mt-2 self-start bg-frost pt-1 pb-3 lg:static";

/** A rod with nothing on it logs nothing: a still one is put out, another gets a lure first. */
export function BareRod({ outing }: { outing: OutingData }) {
	const [trouble, setTrouble] = useState<string | null>(null);
	const rod = outing.rods.find((one) => one.inHand);
	if (!rod?.still)
		return (
			<div className={atHand}>
				<ButtonLink href="/lure" look="next" size="big" wide>
					Choose a lure for this rod
				</ButtonLink>
			</div>
		);
	const putOut = () =>
		router.post(
			"/tie-on",
			{ uuid: newId(), rod: rod.uuid },
			{ onError: (errors) => setTrouble(Object.values(errors)[0] ?? "That did not work.") },
		);
	return (
		<div className={atHand}>
			<Button look="next" size="big" wide onClick={putOut}>
				Put it out with other bait
			</Button>
			<Trouble words={trouble} />
		</div>
	);
}
