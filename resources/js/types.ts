// Written by `php artisan types` from app/Data and telling/Data. Change it there.

export type Bottom =
	| "rock"
	| "sand"
	| "rock_to_sand"
	| "gravel_shell"
	| "short_grass"
	| "mud"
	| "mud_ridge"
	| "weed_scattered"
	| "weed_thick";

export type Cadence =
	| "short_pop"
	| "high_pop"
	| "low_hop"
	| "clock_sweep"
	| "dead_stick"
	| "steady_lift"
	| "flutter_drop"
	| "hand_feed"
	| "slow_roll"
	| "wall_fall"
	| "ride_the_tide"
	| "float"
	| "tall_rise"
	| "slow_pull";

export type EdgeKind = "wall" | "weed" | "shore";

export type EventKind = "drop" | "touch" | "fish" | "foul" | "snag" | "rock" | "drift" | "followed" | "refused";

export type Family = "blade" | "spoon" | "bladed_spoon" | "tail_spinner";

export type HeldIn = "lip" | "inside" | "outside";

export type Kind = "measure" | "choice" | "choices" | "flag";

export type MarkKind = "fish" | "snag" | "edge" | "patch" | "rock" | "bottom" | "place";

export type MeasurementKind = "drop" | "hang" | "drift" | "start";

export type TapsGo = "here" | "joined" | "away" | "gone" | "stranger";

export interface AccountPage {
	email: string;
	isDemo: boolean;
}

export interface AngleFixData {
	headline: string;
	ways: string[];
	texts: Record<string, string>;
	words: string;
	weights: string[];
	lines: string[];
}

export interface AnswerData {
	readings: Record<string, ReadingData>;
	query: string;
	fromLink: boolean;
	headline: string;
	lead: string;
	cautions: CautionData[];
	aside: AsideData[];
	signs: string[];
	wanted: string | null;
	move: string | null;
	angleHelps: boolean;
	boxCount: number;
	picks: ListedPickData[];
	chosen: PickData | null;
	column: ColumnData;
	rack: RackData[];
	feed: FeedData | null;
	families: string[];
	family: string | null;
	pinned: number | null;
}

export interface AsideData {
	words: string;
	mend: string;
	part: string;
	key: string;
}

export interface BackDownData {
	words: string;
	share: ShareOfData;
}

export interface BackOnData {
	uuid: string;
	title: string;
	words: string;
	startX: number | null;
	startY: number | null;
}

export interface BenchData {
	lure: LureData;
	fields: string;
	roles: RoleData[];
	balanceWords: string;
	connector: string[];
	hookAdvice: string[];
	sinceHooks: string;
	pictures: PictureData[];
}

export interface BenchPage {
	bench: BenchData;
}

export interface BiteData {
	sign: string;
	shows: string;
	phase: string;
}

export interface BitesAtData {
	depthM: number;
	came: string;
	landed: boolean;
	count: number;
}

export interface BoatCardPage {
	place: string;
	pick: string | null;
}

export interface BoatData {
	x: number | null;
	y: number | null;
	withinM: number | null;
	phone: string;
	recording: RecordingData | null;
	back: BackOnData | null;
}

export interface BoxData {
	lures: LureData[];
	total: number;
	inBox: number;
	more: boolean;
}

export interface CadenceData {
	name: string;
	word: string;
	says: string;
	lift: string;
	seconds: string;
	pause: string;
	usual: string;
	own: boolean;
	hasNumbers: boolean;
}

export interface CadencesPage {
	cadences: CadenceData[];
	falls: FallSchoolData[];
	timed: string;
}

export interface CardRuleData {
	id: number;
	species: string;
	words: string;
	fields: Record<string, string>;
}

export interface CastData {
	path: PointData[];
	lengthM: number;
	depthM: number;
	landsText: string;
	secondsText: string;
	aim: string;
	numbers: string[];
	work: string;
}

export interface CastShapeData {
	lengthM: number;
	path: PointData[];
	figures: FigureData[];
	landsText: string;
	runsText: string;
	swept: string;
}

export interface CautionData {
	id: string;
	about: string;
	todo: string;
	why: string;
}

export interface CellData {
	words: string;
	massKg: number | null;
	here: boolean;
}

export interface ChangesData {
	sentence: string;
	moves: MoveData[];
}

export interface ChartData {
	across: "drift" | "line";
	of: "box" | "series";
	acrossLabel: string;
	columns: string[];
	columnTexts: string[];
	rows: ChartRowData[];
	sentence: string;
	note: string;
}

export interface ChartRowData {
	depth: string;
	cells: CellData[];
}

export interface ColumnData {
	place: string;
	depthM: number;
	depthText: string;
	bottom: Bottom | null;
	wall: boolean;
	windText: string;
	windMs: number;
	currentText: string;
	vertical: boolean;
	sonar: SonarData;
	ticks: TickData[];
	touches: TouchData[];
	fishM: number | null;
	fishText: string;
	onFoot: boolean;
}

export interface CompareData {
	firstKey: string;
	secondKey: string;
	firstTitle: string;
	secondTitle: string;
	firstPoints: string;
	secondPoints: string;
	verdict: string;
	contrasts: ContrastData[];
	alike: string;
	ghost: GhostData;
}

export interface ConditionData {
	reading: string;
	from: string;
	to: string;
	any: string[];
}

export interface ContrastData {
	rule: string;
	lead: number;
	first: ReasonData | null;
	second: ReasonData | null;
}

export interface CrewData {
	code: string | null;
	anglers: string[];
	events: CrewEventData[];
	sharesTags: boolean;
}

export interface CrewEventData {
	who: string;
	words: string;
	at: string;
	depthText: string;
	pictures: PictureData[];
}

export interface CustomRuleData {
	name: string;
	points: number;
	when: ConditionData[];
	families: string[];
	finishes: string[];
	from: string;
	to: string;
	asks: string;
}

export interface DepthLineData {
	text: string;
	depthM: number;
	strong: boolean;
	points: number[];
}

export interface DisputeData {
	about: string;
	words: string;
	standing: string;
}

export interface DotData {
	level: string;
	mean: number;
	low: number;
	high: number;
	hours: string;
	touches: number;
	outings: number;
	best: number;
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
	fall: FallData[];
	hangDeg: number;
	hangText: string;
	spoken: string;
	words: string;
	basis: string;
	gustLine: PointData[];
	gustText: string;
	heldM: number;
	downTo: string;
	cast: CastShapeData | null;
}

export interface DueData {
	task: string;
	item: string | null;
	name: string;
	why: string;
}

export interface EdgeData {
	uuid: string;
	kind: EdgeKind;
	word: string;
	name: string;
	points: number[];
	seenOn: string;
	old: boolean;
	lee: number[][];
}

export interface ElsewhereData {
	name: string;
	label: string;
	text: string;
	words: string;
	place: string;
	at: string;
}

export interface EventData {
	uuid: string;
	kind: EventKind;
	words: string;
	at: string;
	depthText: string;
	computed: boolean;
	bite: LoggedBiteData | null;
	lureLost: boolean | null;
	rod: string | null;
	rodName: string;
	note: string;
	flew: string | null;
	over: string | null;
	became: string | null;
	pictures: PictureData[];
}

export interface FallData {
	t: number;
	h: number;
	x: number;
}

export interface FallSchoolData {
	setting: string;
	value: string;
	word: string;
	says: string;
	time: string;
	followed: boolean;
}

export interface FeedData {
	address: string;
	live: boolean;
	words: string;
}

export interface FigureData {
	figure: string;
	label: string;
}

export interface FindingData {
	check: string;
	word: string;
	good: boolean | null;
	says: string;
	mend: string;
}

export interface FirstDayPage {
	kinds: OptionData[];
	fish: OptionData[];
}

export interface FishChoiceData {
	value: string;
	word: string;
	care: string;
	card: string;
}

export interface FishPage {
	outing: OutingData | null;
	answer: WayShownData;
	plan: PlanData | null;
	reopen: OptionData | null;
	box: TieableData[];
	spots: SpotChoiceData[];
	takenAway: OptionData | null;
	today: TodayData | null;
	blank: OutingData | null;
}

export interface GearData {
	id: number | null;
	kind: string;
	name: string;
	details: string;
	quantity: number;
	putOn: string | null;
}

export interface GearPage {
	due: DueData[];
	gear: GearData[];
	history: HistoryData[];
	waters: NotesData[];
	kinds: string[];
}

export interface GhostData {
	title: string;
	drawing: LureDrawing;
	holeIndex: number | null;
	drop: DropData;
	differences: string[];
}

export interface GroundData {
	west: number;
	south: number;
	stepM: number;
	columns: number;
	rows: number;
	depths: (number | null)[];
	shallowM: number;
	deepM: number;
	known: number[][];
	lines: DepthLineData[];
}

export interface HeadingData {
	sentence: string;
	degrees: string | null;
	point: string | null;
}

export interface HeldData {
	value: HeldIn;
	word: string;
	care: string;
}

export interface HistoryData {
	what: string;
	at: string;
}

export interface HoleData {
	name: string;
	x: number;
	y: number;
}

export interface ImportData {
	add: number;
	change: number;
	same: number;
	refused: number;
	lines: ImportLineData[];
}

export interface ImportLineData {
	line: number;
	status: string;
	words: string;
}

export interface LedgeData {
	alongM: number;
	depthM: number;
	text: string;
	aimAlongM: number;
	cast: string;
}

export interface LiftsData {
	said: string;
	together: string;
	against: string;
	wanted: string;
	made: string;
	riseM: number;
	durationS: number;
	speeds: number[];
	wantedMs: number;
}

export interface LineData {
	id: number;
	name: string;
	diameter: string;
	inUse: boolean;
}

export interface LineFishedData {
	name: string;
	fished: string;
	bites: string;
	doubt: string;
}

export interface LineTiltData {
	sentence: string;
	angle: string | null;
}

export interface ListedPickData {
	key: string;
	lureId: number;
	place: number;
	title: string;
	subtitle: string;
	drawing: LureDrawing;
	holeIndex: number | null;
	secondsText: string;
	asideText: string;
	asideWord: string;
	points: number;
	pointsText: string;
	forPoints: number;
	againstPoints: number;
	usual: boolean;
}

export interface LoggedBiteData {
	came: string;
	fish: boolean;
	species: string;
	length: string;
	landed: boolean;
	hook: string;
	bent: boolean;
	lostAt: string;
	kept: string;
	girth: string;
	tag: string;
	tagContact: string;
	card: string;
	held: string;
	scale: string;
}

export interface LookBackPage {
	headline: string;
	under: string;
	findings: RecordFindingData[];
	rates: RatesData;
	stages: StagesData;
	pairs: PairData[];
	outings: OutingBitesData[];
	schools: DisputeData[];
	filters: Record<string, OptionData[]>;
	chosen: Record<string, string>;
	factors: OptionData[];
	compared: string;
	repeat: RepeatData | null;
	depthUnit: string;
	depthPerM: number;
}

export interface LookPlaceData {
	kind: string;
	title: string;
	where: string;
	reasons: string[];
	x: number;
	y: number;
	line: string | null;
}

export interface LossData {
	weight: string;
	mine: boolean;
	lost: string[];
	shares: (number | null)[];
}

export interface LureData {
	id: number;
	uuid: string;
	title: string;
	details: string;
	drawing: LureDrawing;
	family: Family;
	weight: string;
	finish: string;
	red: boolean;
	quantity: number;
	lost: number;
	buyAgain: boolean;
	retired: boolean;
	notes: string;
	version: number;
	usual: boolean;
}

export interface LureDrawing {
	family: Family;
	lengthMm: number;
	heightMm: number;
	holes: HoleData[];
	balanceX: number | null;
	balanceY: number | null;
	finish: string;
	red: boolean;
	accents: string[];
	words: string;
}

export interface LurePage {
	answer: AnswerData;
	trouble: string | null;
	tied: TiedData | null;
	outing: string | null;
	severalRods: boolean;
}

export interface MarkedData {
	uuid: string;
	word: string;
	at: string;
	lat: number | null;
	lon: number | null;
}

export interface MeasurementData {
	uuid: string;
	kind: MeasurementKind;
	title: string;
	measured: string;
	estimate: string;
	method: string;
	at: string;
}

export interface MoveData {
	title: string;
	before: number;
	after: number;
	beforePoints: string;
	afterPoints: string;
}

export interface NearestSpotData {
	spot: number | null;
	place: string;
	depth: string;
	name: string;
	away: string;
}

export interface NotesData {
	id: number;
	water: string;
	rules: string;
	protectedFish: string;
	card: CardRuleData[];
}

export interface OptionData {
	value: string;
	word: string;
}

export interface OtherRigData {
	label: string;
	trades: string[];
	figures: string;
}

export interface OutingBitesData {
	uuid: string;
	place: string;
	at: string;
	temp: string;
	tempC: number | null;
	hours: number;
	touches: number;
	landed: number;
	bites: BitesAtData[];
}

export interface OutingChartData {
	words: string;
	covered: string[];
	name: string;
	track: TrackData;
	ground: GroundData | null;
	spots: PlacedSpotData[];
	marks: PlacedMarkData[];
	edges: EdgeData[];
	unit: string;
	unitM: number;
}

export interface OutingData {
	uuid: string;
	asOf: string;
	place: string;
	startedAt: string;
	title: string;
	subtitle: string;
	water: string;
	setup: string | null;
	counts: string;
	pace: string;
	worked: TieableData | null;
	minutesPerDrop: number | null;
	events: EventData[];
	species: FishChoiceData[];
	sought: string;
	lengthUnit: string;
	pick: PickData | null;
	rig: RigInShortData | null;
	move: string | null;
	forgotten: string | null;
	pads: PadData[];
	rods: RodOnBoardData[];
	takenBack: EventData[];
	tally: TallyData;
	pause: PauseData | null;
	sky: SkyData;
	crew: CrewData | null;
	drift: number;
	note: string;
	endedAt: string | null;
	markPads: OptionData[];
	marks: MarkedData[];
	waterId: number | null;
	spot: number | null;
	elsewhere: ElsewhereData[];
	held: HeldData[];
}

export interface OutingNowData {
	outing: OutingData;
	column: ColumnData;
}

export interface OutingPage {
	outing: OutingRowData;
	setups: SetupRowData[];
	events: EventData[];
	joinable: OptionData[];
	rods: OptionData[];
	pads: PadData[];
	endedAt: string | null;
	sought: string;
	aside: AsideData[];
	chart: OutingChartData | null;
}

export interface OutingRowData {
	uuid: string;
	place: string;
	startedAt: string;
	underWay: boolean;
	words: string;
	note: string;
}

export interface OutingsPage {
	outings: OutingRowData[];
	years: number[];
	takenAway: OptionData | null;
}

export interface PadData {
	kind: EventKind;
	label: string;
	key: string;
}

export interface PairData {
	factor: string;
	more: string;
	less: string;
	ratio: number | null;
	low: number | null;
	high: number | null;
	raw: number | null;
	outings: number;
	hours: string;
	standing: string;
	words: string;
	within: PairOutingData[];
}

export interface PairOutingData {
	uuid: string;
	at: string;
	more: string;
	less: string;
}

export interface PauseData {
	why: string;
	since: string;
	rod: string | null;
}

export interface PhoneDriftData {
	sentence: string;
	distance: string | null;
	seconds: string | null;
}

export interface PickData {
	key: string;
	lureId: number;
	massKg: number;
	hole: string | null;
	cadence: string;
	title: string;
	subtitle: string;
	spoken: string;
	drawing: LureDrawing;
	holeIndex: number | null;
	points: number;
	pointsText: string;
	reasons: ReasonData[];
	ways: WayData[];
	drop: DropData;
	cadenceWord: string;
	cadenceSteps: string[];
	ladder: StepData[];
	otherSchools: string[];
}

export interface PictureData {
	uuid: string;
	width: number;
	height: number;
}

export interface PlaceData {
	water: string;
	spots: SpotData[];
}

export interface PlacedMarkData {
	uuid: string;
	kind: MarkKind;
	word: string;
	words: string;
	x: number;
	y: number;
	about: boolean;
	at: string;
	depth: string;
	bottom: string | null;
	side: string;
	direction: string;
	note: string;
}

export interface PlacedSpotData {
	id: number;
	name: string;
	depth: string;
	bottom: string | null;
	bottomWord: string;
	wall: boolean;
	x: number | null;
	y: number | null;
	facing: number | null;
	position: string;
	here: boolean;
}

export interface PlacesFishedData {
	headline: string;
	under: string;
	waters: WaterFishedData[];
}

export interface PlacesPage {
	headline: string;
	under: string;
	waters: WaterOptionData[];
	water: WaterSheetData | null;
	ground: GroundData | null;
	spots: PlacedSpotData[];
	marks: PlacedMarkData[];
	edges: EdgeData[];
	looks: LookPlaceData[];
	shore: string;
	surveys: SurveyData[];
	recording: RecordingData | null;
	wind: WindData | null;
	today: TodayData | null;
	section: SectionData | null;
	trouble: string | null;
	unit: string;
	unitM: number;
	kinds: OptionData[];
	markKinds: OptionData[];
	edgeKinds: OptionData[];
	bottoms: OptionData[];
	tides: OptionData[];
	outing: string | null;
}

export interface PlanData {
	uuid: string;
	kind: string;
	kindWord: string;
	name: string;
	sentence: string;
	line: PlanPointData[];
	closed: boolean;
	marks: PlanMarkData[];
	steps: string[];
	notes: string[];
	made: number;
	total: number;
	next: number | null;
	left: string;
	empty: string;
	worked: string | null;
	refused: string | null;
	unit: string;
	unitM: number;
}

export interface PlanFieldData {
	name: string;
	label: string;
	usual: string;
}

export interface PlanKindData {
	kind: string;
	word: string;
	fields: PlanFieldData[];
}

export interface PlanMarkData {
	n: number;
	fromX: number;
	fromY: number;
	toX: number;
	toY: number;
	made: boolean;
}

export interface PlanPointData {
	x: number;
	y: number;
}

export interface PointData {
	x: number;
	h: number;
}

export interface ProposalData {
	family: Family;
	weight: string;
	finish: string;
	holes: number;
	red: boolean;
	quantity: number;
	words: string;
}

export interface RackData {
	key: string;
	lureId: number;
	title: string;
	massKg: number;
	family: Family;
	finish: string;
	holes: string[];
}

export interface RatesData {
	factor: string;
	words: string;
	dots: DotData[];
}

export interface ReachData {
	material: string;
	down: number | null;
	downText: string;
	out: number | null;
	outText: string;
	mine: boolean;
}

export interface ReadingData {
	name: string;
	group: string;
	label: string;
	kind: Kind;
	text: string | null;
	shown: string;
	unit: string;
	value: number | null;
	step: number;
	min: number;
	max: number;
	options: OptionData[];
	source: "measured" | "assumed" | "instrument" | "link" | "spot" | "missing";
	sourceWords: string;
	readAt: string | null;
	pinned: boolean;
	stale: boolean;
	pointed: boolean;
}

export interface ReadingWordsData {
	name: string;
	word: string;
	choices: OptionData[];
}

export interface ReasonData {
	rule: string;
	points: number;
	pointsText: string;
	text: string;
}

export interface RecordFindingData {
	words: string;
	under: string;
	standing: string;
	view: string;
	factor: string;
}

export interface RecordingData {
	uuid: string;
	waterId: number;
	water: string;
	since: string;
	count: number;
	words: string;
}

export interface RefusalData {
	id: string;
	why: string;
	because: string;
}

export interface RepeatData {
	at: string;
	words: string;
	address: string;
	setup: string;
}

export interface ResetPasswordPage {
	token: string;
	email: string;
}

export interface RibbonPointData {
	t: number;
	h: number;
}

export interface RigData {
	headline: string;
	starts: string;
	hooksTo: string;
	holds: string;
	weakest: string;
	findings: FindingData[];
	others: OtherRigData[];
	reaches: ReachData[];
	marked: number;
	diameters: string[];
	losses: LossData[];
	assumed: string;
	lineOutM: number | null;
	leaderM: number;
	line: string;
	leader: string;
	connector: string;
	worn: boolean;
	cast: boolean;
	hooks: RigHooksData;
}

export interface RigHooksData {
	lure: number;
	version: number;
	spoon: boolean;
	attach: string;
	stinger: boolean;
	drilled: boolean;
	weedless: boolean;
}

export interface RigInShortData {
	wrong: string;
	bears: string;
	care: string | null;
}

export interface RigPage {
	answer: AnswerData;
	trouble: string | null;
	rod: RodData;
	rig: RigData | null;
	lines: LineData[];
	materials: OptionData[];
	connectors: OptionData[];
	rods: RodOnBoardData[];
	ashore: OptionData[];
	tyings: HistoryData[];
}

export interface RodData {
	uuid: string;
	name: string;
	length: string;
	lifts: string;
	line: number | null;
	leader: string;
	leaderStrength: string;
	leaderLength: string;
	connector: string;
}

export interface RodForData {
	uuid: string;
	name: string;
	words: string;
	on: boolean;
}

export interface RodOnBoardData {
	uuid: string;
	name: string;
	inHand: boolean;
	still: boolean;
	tied: string;
	way: string;
	setup: string | null;
	quietSince: string | null;
	tally: TallyData | null;
}

export interface RoleData {
	hole: string;
	hangDeg: number;
	hangText: string;
	sinkText: string;
	secondsText: string;
	middleFirst: string;
	levelLift: string;
	reading: string | null;
}

export interface RuleData {
	id: string;
	says: string;
	weight: number;
	most: number;
	usual: number;
	per: string;
	today: string;
	own: CustomRuleData | null;
}

export interface RuleGroupData {
	title: string;
	rules: RuleData[];
}

export interface RulesPage {
	headline: string;
	groups: RuleGroupData[];
	changes: ChangesData;
	asItComes: boolean;
	readings: ReadingWordsData[];
	families: string[];
	finishes: string[];
}

export interface SchoolData {
	school: string;
	agrees: boolean;
	words: string;
	key: string | null;
}

export interface SecondLookData {
	schools: SchoolData[];
	tips: Record<string, TipData>;
	wanted: string | null;
	still: string;
	before: RepeatData | null;
}

export interface SectionData {
	sentence: string;
	words: string;
	line: string;
	lengthM: number;
	along: number[];
	depths: (number | null)[];
	deepM: number;
	walls: number[][];
	ledges: LedgeData[];
	standM: number;
	fish: string;
}

export interface SettingsPage {
	choices: Record<string, string[]>;
	settings: Record<string, string>;
}

export interface SetupRowData {
	uuid: string;
	words: string;
	way: string;
	rod: string;
	place: string;
	from: string;
	hours: string;
	touches: number;
	landed: number;
	change: string;
}

export interface ShareData {
	word: string;
	share: number;
	text: string;
}

export interface ShareOfData {
	count: number;
	of: number;
	mean: number;
	low: number;
	high: number;
}

export interface SharedProps {
	angler: string | null;
	theme: string;
	demo: boolean;
	said: string | null;
	anglerId: number | null;
	madeAt: string;
}

export interface SkyData {
	sunset: string | null;
	slack: string | null;
	tide: string;
}

export interface SonarData {
	radiusM: number;
	words: string;
	shows: boolean;
}

export interface SpanData {
	from: string;
	to: string;
	what: string;
}

export interface SpotChoiceData {
	id: number;
	name: string;
	water: string;
	depth: string;
}

export interface SpotData {
	id: number;
	name: string;
	words: string;
}

export interface StageData {
	level: string;
	touches: number;
	hooked: ShareOfData;
	landed: ShareOfData;
	fouled: ShareOfData;
	refused: ShareOfData;
}

export interface StagesData {
	factor: string;
	all: StageData;
	levels: StageData[];
	backDown: BackDownData[];
}

export interface StartingBoxData {
	kind: string;
	word: string;
	lures: StartingLureData[];
}

export interface StartingLureData {
	place: number;
	title: string;
	drawing: LureDrawing;
}

export interface StepData {
	key: string;
	words: string;
	minutes: number;
	hardly: boolean;
	title: string;
	subtitle: string;
	tying: TyingData;
}

export interface StrikeData {
	word: string;
	says: string;
}

export interface SurveyData {
	uuid: string;
	name: string;
	words: string;
	fromAt: string;
}

export interface TacklePage {
	aside: AsideData[];
	box: BoxData;
	starting: StartingBoxData[];
	weightUnit: string;
}

export interface TallyData {
	drops: number;
	touches: number;
	landed: number;
	dropsBefore: number;
	touchBefore: string | null;
	tiedAt: string | null;
}

export interface TapAnswerData {
	form: string;
	angler: number;
	goes: TapsGo;
	place: string;
	taken: string[];
	refused: RefusalData[];
	into: string | null;
	asOf: string;
}

export interface TickData {
	m: number;
	label: string;
}

export interface TieableData {
	words: string;
	way: string;
	tying: TyingData;
}

export interface TiedData {
	key: string;
	quietSince: string;
}

export interface TipData {
	label: string;
	short: string;
	sentences: TipSentenceData[];
}

export interface TipSentenceData {
	words: string;
	try: string;
}

export interface TodayData {
	from: string;
	to: string;
	sunrise: string | null;
	sunset: string | null;
	light: SpanData[];
	tide: number[];
	turns: TurnData[];
	runs: string;
	worth: SpanData[];
	sky: string;
	lightNow: string | null;
	forecast: string;
	proposes: Record<string, string>;
}

export interface TodaysTrackData {
	track: TrackData | null;
	covered: string[];
}

export interface TouchData {
	h: number;
	fish: boolean;
	words: string;
}

export interface TouchedData {
	key: string;
	at: string;
	words: string;
	cadence: string;
	lift: string;
	seconds: string;
	pause: string;
	same: boolean;
}

export interface TrackData {
	drifts: number[][];
	runs: number[][];
	signs: TrackSignData[];
}

export interface TrackSignData {
	kind: EventKind;
	words: string;
	at: string;
	x: number;
	y: number;
}

export interface TroublePage {
	status: number;
	sentence: string;
}

export interface TrustData {
	by: string;
	right: number;
	pairs: number;
	outings: number;
	mean: number;
	low: number;
	high: number;
	correlation: number | null;
}

export interface TrustPage {
	headline: string;
	trust: TrustData[];
}

export interface TurnData {
	at: string;
	kind: string;
	height: string;
}

export interface TyingData {
	lure: number;
	hole: string | null;
	cadence: Cadence | null;
}

export interface WaterFishedData {
	id: number;
	name: string;
	lines: LineFishedData[];
}

export interface WaterOptionData {
	id: number;
	name: string;
	words: string;
}

export interface WaterPage {
	answer: AnswerData;
	trouble: string | null;
	view: string;
	places: PlaceData[];
	spotId: number | null;
	lines: LineData[];
	measurements: MeasurementData[];
	today: TodayData | null;
	waterId: number | null;
}

export interface WaterSheetData {
	id: number;
	name: string;
	kind: string;
	salt: string;
	latitude: string;
	longitude: string;
	level: string;
	flood: string;
	fastest: string;
	tidal: boolean;
	tideFrom: string;
	tideMean: string;
	tideEpoch: string;
	tideWaves: string;
	words: string;
	looked: string;
	hangs: string;
	code: string | null;
	notes: NotesData;
	forecastAt: string | null;
	forecastAddress: string;
	asksAddresses: boolean;
}

export interface WayBackData {
	away: string;
	arrowDeg: number | null;
	turn: string;
	isTurn: boolean;
	start: string;
}

export interface WayData {
	key: string;
	words: string;
	points: number;
	pointsText: string;
}

export interface WayShownData {
	chosen: PickData | null;
	column: ColumnData;
}

export interface WindData {
	fromDeg: number;
	words: string;
	driftM: number | null;
	driftWords: string;
}

export interface WorkData {
	headline: string;
	cadence: string;
	word: string;
	liftM: number;
	liftText: string;
	floorText: string;
	liftS: number;
	fallS: number;
	pauseS: number;
	ribbon: RibbonPointData[];
	counts: string;
	rate: string;
	before: string;
	says: string[];
	mistake: string;
	bites: BiteData[];
	strikes: StrikeData[];
	hour: ShareData[];
	hourSays: string;
	saves: string[];
	own: boolean;
}

export interface WorkPage {
	answer: AnswerData;
	trouble: string | null;
	work: WorkData | null;
	refused: string | null;
	plans: PlanData[];
	kinds: PlanKindData[];
	touched: TouchedData[];
	outing: string | null;
	rod: string | null;
}
