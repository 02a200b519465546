import type { HeadingData } from "../types";
import { type CompassSample, lacksCompass, listenToCompass, NO_COMPASS } from "./compass";
import { HeldPress, type Sensor } from "./HeldPress";

const COMPASS: Sensor<CompassSample> = {
	lacks: lacksCompass,
	listen: listenToCompass,
	silent: NO_COMPASS.silent,
	seconds: 3,
	question: "/heading-by-compass",
};

interface Props {
	/** Where it is to be pointed: "Point this phone into the wind". */
	words: string;
	onPointed: (heading: { degrees: string; point: string }) => void;
}

/** A direction by the phone's compass, in one press while pointing; typed or chosen as before where there is none. */
export function PointPhone({ words, onPointed }: Props) {
	const told = ({ degrees, point }: HeadingData) => {
		if (degrees && point) onPointed({ degrees, point });
	};
	return <HeldPress sensor={COMPASS} words={words} holding="Hold it flat and still" onTold={told} className="pt-2" />;
}
