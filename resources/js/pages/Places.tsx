import { router } from "@inertiajs/react";
import { useMemo, useRef, useState } from "react";
import { SURE_M } from "../figures";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Notice";
import { Select } from "../parts/Select";
import { useWide } from "../parts/useWide";
import { UsePhone } from "../phone/UsePhone";
import { usePosition } from "../phone/usePosition";
import { useTrack } from "../phone/useTrack";
import { Chart } from "../places/Chart";
import { shoresRound } from "../places/ChartLayers";
import { ChartTools, type Tool, toolWords } from "../places/ChartTools";
import { type Open, OpenDialog } from "../places/OpenDialog";
import { SectionPart } from "../places/SectionPart";
import { SideList } from "../places/SideList";
import { Recording } from "../places/Soundings";
import { useBoat } from "../places/useBoat";
import { useSection } from "../places/useSection";
import { useTrail } from "../places/useTrail";
import { lineOf, type Point } from "../places/view";
import { WaterDialog } from "../places/WaterDialog";
import { AppLayout } from "../shell/AppLayout";
import type { PlacedSpotData, PlacesPage } from "../types";

/** The ground of a water: its chart, the section below a line, and where to look first. */
export default function Places(page: PlacesPage) {
	const { water } = page;
	return water ? (
		<OnWater key={water.id} {...page} />
	) : (
		<AppLayout title="Places">
			<NoWater page={page} />
		</AppLayout>
	);
}

function NoWater({ page }: { page: PlacesPage }) {
	const [making, setMaking] = useState(false);
	return (
		<div className="max-w-[60ch] px-4 py-6 lg:px-7">
			<h1 className="text-[25px]">{page.headline}</h1>
			<p className="mt-2">
				A water holds your spots, what you sounded, walls and weed, and what you marked there. Make one, or take a copy
				of one that is shared with you.
			</p>
			<Button look="next" size="normal" className="mt-4" onClick={() => setMaking(true)}>
				Make a water
			</Button>
			{making && (
				<WaterDialog water={null} waters={[]} kinds={page.kinds} tides={page.tides} onDone={() => setMaking(false)} />
			)}
		</div>
	);
}

function OnWater(page: PlacesPage) {
	const { water, looks } = page;
	const [tool, setTool] = useState<Tool>("move");
	const [drawn, setDrawn] = useState<Point[]>([]);
	const [open, setOpen] = useState<Open | null>(null);
	const [placing, setPlacing] = useState<PlacedSpotData | null>(null);
	const [look, setLook] = useState<number | null>(null);
	const centre = useRef<((at: Point) => void) | null>(null);
	const below = useSection(page);
	const chosen = open?.what === "mark" ? (open.mark?.uuid ?? null) : null;
	const boat = useBoat(water?.id ?? null, chosen, page.recording);
	const position = usePosition();
	const wide = useWide("lg");
	useTrack(page.outing);
	const { track, covered } = useTrail(water?.id ?? null, page.outing, boat);
	const shores = useMemo(() => shoresRound(page.edges), [page.edges]);
	const charted = useMemo(() => ({ ...page, track, shores }), [page, track, shores]);
	if (!water) return null;
	const close = () => setOpen(null);
	const choose = (next: Tool) => {
		setTool(next);
		setDrawn([]);
		setPlacing(null);
	};
	const point = (at: Point) => {
		if (tool === "move") return;
		if (tool === "mark") setOpen({ what: "mark", at, mark: null });
		if (tool === "spot") setOpen({ what: "spot", at, spot: placing });
		if (tool === "sounding") setOpen({ what: "sounding", at });
		if (tool === "line") setDrawn([...drawn, at]);
		if (tool === "section" && drawn.length === 0) setDrawn([at]);
		if (tool === "section" && drawn[0]) {
			below.setLine([drawn[0], at]);
			choose("move");
		}
	};
	const here = page.spots.find((spot) => spot.here);
	const at =
		boat?.x != null && boat.y !== null && (boat.withinM ?? 0) <= SURE_M
			? { x: boat.x, y: boat.y }
			: here?.x != null && here.y !== null
				? { x: here.x, y: here.y }
				: null;
	const section = (
		<SectionPart
			page={page}
			section={below.section}
			stale={below.stale}
			column={wide}
			onSection={() => choose("section")}
			onClear={() => below.setLine([])}
		/>
	);
	return (
		<AppLayout title="Places" columnName="Below the line" column={wide && page.ground ? section : undefined}>
			<div className="grid grid-cols-[minmax(0,1fr)] lg:h-full lg:grid-cols-[minmax(0,1fr)_312px] print:block print:h-auto">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7 print:overflow-visible">
					<h1 className="text-[21px] lg:text-[25px]">{page.headline}</h1>
					<p className="mt-0.5 text-[15px] text-slate">
						{page.under}
						{page.ground && shores.length > 0 && " · hatched: estimated"}
					</p>
					<div className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 pt-1.5 pb-2">
						<Select
							label="Which water"
							value={`${water.id}`}
							options={page.waters.map(({ id, name }) => [`${id}`, name] as const)}
							onChange={(id) => router.visit(`/places/${id}`)}
							className="min-w-[158px] font-semibold"
						/>
						<ChartTools tool={tool} onTool={choose} drawn={drawn.length} onDone={() => setOpen({ what: "line" })} />
					</div>
					<Chart
						page={charted}
						name={water.name}
						boat={boat}
						line={drawn.length > 0 ? drawn : below.line}
						drawing={tool !== "move"}
						chosen={chosen}
						look={look}
						onPoint={point}
						onMark={(mark) => setOpen({ what: "mark", at: mark, mark })}
						onEnd={(index, to) => below.setLine(below.line.map((one, i) => (i === index ? to : one)))}
						centre={centre}
					/>
					<p aria-live="polite" className="no-print text-[15px] font-semibold empty:hidden">
						{toolWords(tool, drawn.length)}
					</p>
					<Trouble words={below.trouble} />
					{!wide && section}
				</div>
				<SideList
					page={page}
					covered={covered}
					look={look}
					onLook={(i) => {
						const found = looks[i];
						setLook(look === i ? null : i);
						if (found) centre.current?.(found);
						if (found?.line) below.setLine(lineOf(found.line));
					}}
					onSpot={(spot) => setOpen({ what: "spot", at: null, spot })}
					onMark={(mark) => {
						centre.current?.(mark);
						setOpen({ what: "mark", at: mark, mark });
					}}
					onWater={() => setOpen({ what: "water" })}
					onNew={() => setOpen({ what: "new" })}
					onBelow={below.setLine}
				>
					<div className="flex flex-wrap items-center gap-x-5 gap-y-1">
						{at && (
							<Button look="plain" onClick={() => setOpen({ what: "mark", at, mark: null })}>
								Mark here
							</Button>
						)}
						<UsePhone position={position} words={boat?.phone || "One moment, finding where it is."} />
						<Recording water={water} recording={boat?.recording ?? page.recording} />
						<Button onClick={() => setOpen({ what: "files" })}>Files</Button>
					</div>
				</SideList>
				{open && (
					<OpenDialog
						open={open}
						page={page}
						water={water}
						boat={boat}
						drawn={drawn}
						onPlace={(spot) => {
							choose("spot");
							setPlacing(spot);
							close();
						}}
						onDone={(what) => {
							if (what === "drawn" || placing) choose("move");
							close();
						}}
					/>
				)}
			</div>
		</AppLayout>
	);
}
