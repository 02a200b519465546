import { router } from "@inertiajs/react";
import { useState } from "react";
import { Button, FileLink } from "../parts/Button";
import { Dialog } from "../parts/Dialog";
import { FileButton } from "../parts/FileButton";
import { Notice, Trouble } from "../parts/Notice";
import { newId } from "../parts/send";
import { useMinutesSince } from "../parts/useMinutesSince";
import { dayOf, say } from "../parts/words";
import type { RecordingData, SurveyData, WaterSheetData } from "../types";
import { useImport } from "./useImport";

interface Props {
	water: WaterSheetData;
	surveys: SurveyData[];
	onDone: () => void;
}

/** Files in and out, and what was sounded so far. */
export function SoundingsDialog({ water, surveys, onDone }: Props) {
	const files = useImport(water.id);
	const [sure, setSure] = useState<string | null>(null);
	return (
		<Dialog
			open
			onOpenChange={(open) => !open && onDone()}
			title={say("Soundings of {name}", { name: water.name })}
			says="Tracks with depths as GPX, GeoJSON or a table; spots, marks and lines come with them."
		>
			<div className="mt-3 flex flex-wrap items-center gap-3">
				<FileButton
					words="Bring a file in"
					busy={files.busy}
					accept=".gpx,.geojson,.json,.csv,.txt,application/gpx+xml,application/geo+json,text/csv"
					onFile={files.take}
				/>
				{files.busy && (
					<>
						<progress aria-label={files.busy} value={files.share} max={1} className="h-3 w-32 accent-[var(--ember)]" />
						<span role="status">{Math.round(100 * files.share)} %</span>
						<Button look="plain" onClick={files.cancel}>
							Cancel
						</Button>
					</>
				)}
			</div>
			{files.said && (
				<Notice tone="done" className="mt-3 py-2">
					{files.said}
				</Notice>
			)}
			<Trouble words={files.trouble} />
			<p className="mt-2 flex flex-wrap gap-x-5">
				<FileLink href={`/places/${water.id}.gpx`}>Take it out as GPX</FileLink>
				<FileLink href={`/places/${water.id}.geojson`}>as GeoJSON</FileLink>
			</p>
			<ul className="mt-3">
				{surveys.map((survey) => (
					<li key={survey.uuid} className="flex items-center justify-between gap-3 border-t border-rule py-1">
						<span>
							<b>{survey.name}</b>
							<span className="block text-[14px] text-slate">
								{dayOf(survey.fromAt)}, {survey.words}
							</span>
						</span>
						<Button
							look={sure === survey.uuid ? "danger" : "aside"}
							className="shrink-0"
							aria-label={say("Take {name} away", { name: survey.name })}
							onClick={() =>
								sure === survey.uuid
									? router.delete(`/surveys/${survey.uuid}`, { preserveScroll: true, preserveState: true })
									: setSure(survey.uuid)
							}
						>
							{sure === survey.uuid ? "Really" : "Take away"}
						</Button>
					</li>
				))}
				{surveys.length === 0 && (
					<li className="border-t border-rule py-2 text-slate">
						Nothing yet: bring a track in, record one, or lay depths on the chart by hand.
					</li>
				)}
			</ul>
		</Dialog>
	);
}

/** Recording what the instruments say: how long, how much, and its end. */
export function Recording({ water, recording }: { water: WaterSheetData; recording: RecordingData | null }) {
	if (recording) return <Going recording={recording} />;
	return (
		<Button
			onClick={() =>
				router.post(`/waters/${water.id}/recording`, { uuid: newId() }, { preserveScroll: true, preserveState: true })
			}
		>
			Record soundings
		</Button>
	);
}

function Going({ recording }: { recording: RecordingData }) {
	const minutes = useMinutesSince(recording.since) ?? 0;
	return (
		<Notice tone="done" className="flex w-full flex-wrap items-center justify-between gap-x-4 gap-y-1 py-1.5">
			<span>
				<b className="figure">{say("Recording {minutes} min", { minutes })}</b> on {recording.water}: {recording.words}
			</span>
			<Button look="plain" onClick={() => router.delete("/recording", { preserveScroll: true, preserveState: true })}>
				Stop
			</Button>
		</Notice>
	);
}
