import { Button } from "../parts/Button";
import type { OutingData } from "../types";
import type { OutingLog } from "./useOuting";

/** Where the pads would be. */
const atHand = "sticky bottom-(--bar) mt-2 self-start bg-frost pt-1 pb-3 lg:static";

interface Props {
	outing: OutingData;
	log: OutingLog;
	onChange: () => void;
}

/** A rod with nothing on it logs nothing: a still one is put out, another gets a lure first. */
export function BareRod({ outing, log, onChange }: Props) {
	const rod = outing.rods.find((one) => one.inHand);
	return (
		<div className={atHand}>
			{rod?.still ? (
				<Button look="next" size="big" wide onClick={() => log.putOut(rod.uuid)}>
					Put it out with other bait
				</Button>
			) : (
				<Button look="next" size="big" wide onClick={onChange}>
					Choose a lure for this rod
				</Button>
			)}
		</div>
	);
}
