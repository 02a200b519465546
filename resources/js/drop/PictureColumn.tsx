import type { PictureData } from "../types";
import { WaterColumn } from "./WaterColumn";

/** The column of the day, on pages beside the stations. */
export function PictureColumn({ picture }: { picture: PictureData }) {
	const { column, drop, lure, holeInUse, title } = picture;
	return <WaterColumn column={column} drop={drop} lure={lure} holeInUse={holeInUse} title={title} />;
}
