import { useEffect, useState } from "react";
import { type Position, watchPosition } from "./position";

/** Where this phone is, while a page shows it. */
export function usePosition(): Position {
	const [position, setPosition] = useState<Position>({ used: false, fix: null, trouble: null });
	useEffect(() => watchPosition(setPosition), []);
	return position;
}
