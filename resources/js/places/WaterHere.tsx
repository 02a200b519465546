import { Button } from "../parts/Button";
import { UsePhone } from "../phone/UsePhone";
import { usePosition } from "../phone/usePosition";

/** Decimals of degrees that are a metre. */
const DECIMALS = 5;

/** Where a water lies, by the phone on it: then its sun and its tracks follow with nothing typed. */
export function WaterHere({ onPlace }: { onPlace: (latitude: string, longitude: string) => void }) {
	const position = usePosition();
	const { fix } = position;
	return (
		<div className="mb-4">
			{fix ? (
				<Button onClick={() => onPlace(fix.lat.toFixed(DECIMALS), fix.lon.toFixed(DECIMALS))}>
					It's where this phone is
				</Button>
			) : (
				<UsePhone position={position} words="One moment, finding this phone." />
			)}
		</div>
	);
}
