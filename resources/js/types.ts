// Written by `php artisan types` from app/Data. Change it there.

export interface AnswerData {
	readings: Record<string, ReadingData>;
	query: string;
	fromLink: boolean;
	headline: string;
	lead: string;
	warnings: string[];
	wanted: string | null;
	boxCount: number;
	picks: PickData[];
	chosen: PickData | null;
	column: ColumnData;
}

export interface ColumnData {
	place: string;
	depthM: number;
	depthText: string;
	bottom: string | null;
	bottomWord: string;
	wall: boolean;
	windText: string;
	windMs: number;
	driftText: string;
	driftMs: number;
	currentMs: number;
	currentText: string;
	vertical: boolean;
	ticks: TickData[];
	touches: TouchData[];
}

export interface DropData {
	line: PointData[];
	offsetM: number;
	angleDeg: number | null;
	angleText: string;
	lineOutText: string;
	secondsText: string;
	seconds: number | null;
	holds: boolean;
	liftM: number;
	hangDeg: number;
	hangText: string;
	words: string;
	basis: string;
}

export interface EventData {
	uuid: string;
	kind: "drop" | "touch" | "fish" | "foul" | "snag";
	words: string;
	at: string;
	depthText: string;
}

export interface HoleData {
	name: string;
	x: number;
	y: number;
}

export interface LureData {
	id: number;
	title: string;
	details: string;
	drawing: LureDrawing;
}

export interface LureDrawing {
	family: "blade" | "spoon" | "bladed_spoon" | "tail_spinner";
	lengthMm: number;
	heightMm: number;
	holes: HoleData[];
	balanceX: number | null;
	balanceY: number | null;
	finish: string;
	red: boolean;
	words: string;
}

export interface OptionData {
	value: string;
	word: string;
}

export interface OutingData {
	uuid: string;
	place: string;
	startedAt: string;
	title: string;
	subtitle: string;
	water: string;
	setup: string;
	pickKey: string;
	dropsSinceTouch: number;
	drops: number;
	touches: number;
	landed: number;
	landedWords: string;
	sinceTouch: string | null;
	touched: boolean;
	patienceMin: number | null;
	changeWords: string;
	events: EventData[];
	species: OptionData[];
	sought: string;
	lengthUnit: string;
	pick: PickData | null;
}

export interface PickData {
	key: string;
	lureId: number;
	hole: string | null;
	cadence: string;
	title: string;
	subtitle: string;
	spoken: string;
	drawing: LureDrawing;
	holeIndex: number | null;
	points: number;
	forPoints: number;
	againstPoints: number;
	reasons: ReasonData[];
	ways: WayData[];
	drop: DropData;
	cadenceWord: string;
	cadenceSteps: string[];
	patience: string;
	patienceMin: number | null;
	changeWords: string;
	otherSchool: string | null;
}

export interface PointData {
	x: number;
	h: number;
}

export interface ReadingData {
	name: string;
	label: string;
	kind: "measure" | "choice" | "choices" | "flag";
	text: string | null;
	shown: string;
	unit: string;
	value: number | null;
	step: number;
	min: number;
	max: number;
	options: OptionData[];
	source: "measured" | "assumed" | "instrument" | "link" | "missing";
	sourceWords: string;
	readAt: string | null;
	pinned: boolean;
}

export interface ReasonData {
	rule: string;
	points: number;
	pointsText: string;
	text: string;
}

export interface TickData {
	m: number;
	label: string;
}

export interface TouchData {
	h: number;
	fish: boolean;
	words: string;
}

export interface WayData {
	key: string;
	words: string;
	points: number;
	pointsText: string;
}
