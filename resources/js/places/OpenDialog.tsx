import type { BoatData, PlacedMarkData, PlacedSpotData, PlacesPage, WaterSheetData } from "../types";
import { LineDialog } from "./LineDialog";
import { MarkDialog } from "./MarkDialog";
import { SoundingDialog } from "./SoundingDialog";
import { SoundingsDialog } from "./Soundings";
import { SpotDialog } from "./SpotDialog";
import type { Point } from "./view";
import { WaterDialog } from "./WaterDialog";

/** What is open over the chart. */
export type Open =
	| { what: "mark"; at: Point; mark: PlacedMarkData | null }
	| { what: "spot"; at: Point | null; spot: PlacedSpotData | null }
	| { what: "sounding"; at: Point }
	| { what: "line" | "water" | "new" | "files" };

interface Props {
	open: Open;
	page: PlacesPage;
	water: WaterSheetData;
	boat: BoatData | null;
	/** The line that is kept. */
	drawn: Point[];
	/** Its place is to be shown on the chart. */
	onPlace: (spot: PlacedSpotData | null) => void;
	/** Says whether what was drawn is kept, so that it need not be shown any more. */
	onDone: (what?: "drawn") => void;
}

/** The form of what was pressed on the chart or beside it. */
export function OpenDialog({ open, page, water, boat, drawn, onPlace, onDone }: Props) {
	const done = () => onDone();
	switch (open.what) {
		case "mark":
			return (
				<MarkDialog
					key={open.mark?.uuid ?? "new"}
					water={water.id}
					kinds={page.markKinds}
					bottoms={page.bottoms}
					at={open.at}
					mark={open.mark}
					now={page.marks.find(({ uuid }) => uuid === open.mark?.uuid) ?? null}
					back={boat?.back?.uuid === open.mark?.uuid ? (boat?.back ?? null) : null}
					onDone={done}
				/>
			);
		case "spot":
			return (
				<SpotDialog
					water={water.id}
					bottoms={page.bottoms}
					at={open.at}
					spot={open.spot}
					now={page.spots.find(({ id }) => id === open.spot?.id) ?? null}
					onPlace={() => onPlace(open.spot)}
					onDone={done}
				/>
			);
		case "sounding":
			return <SoundingDialog water={water.id} at={open.at} onDone={done} />;
		case "line":
			return (
				<LineDialog
					water={water.id}
					kinds={page.edgeKinds}
					line={drawn}
					onDone={(kept) => onDone(kept ? "drawn" : undefined)}
				/>
			);
		case "files":
			return <SoundingsDialog water={water} surveys={page.surveys} onDone={done} />;
		default:
			return (
				<WaterDialog
					water={open.what === "water" ? water : null}
					waters={page.waters}
					kinds={page.kinds}
					tides={page.tides}
					onDone={done}
				/>
			);
	}
}
