import type {
	AnswerData,
	ColumnData,
	DropData,
	ListedPickData,
	LureDrawing,
	PickData,
	ReadingData,
	StepData,
} from "../../resources/js/types";

/** Plain data of the shapes that cross HTTP, to be varied by each test. */
export function reading(over: Partial<ReadingData> = {}): ReadingData {
	return {
		name: "depth",
		group: "Depth",
		label: "depth",
		kind: "measure",
		text: "26 ft",
		shown: "26 ft",
		unit: "ft",
		value: 26,
		step: 1,
		min: 1,
		max: 492,
		options: [],
		source: "measured",
		sourceWords: "read by you",
		readAt: null,
		pinned: false,
		stale: false,
		pointed: false,
		...over,
	};
}

export function drawing(over: Partial<LureDrawing> = {}): LureDrawing {
	return {
		family: "blade",
		lengthMm: 51,
		heightMm: 19.5,
		holes: [
			{ name: "front", x: 18, y: 10 },
			{ name: "middle", x: 25, y: 10.5 },
			{ name: "back", x: 32, y: 10 },
		],
		balanceX: 19,
		balanceY: 3,
		finish: "white",
		red: false,
		accents: [],
		words: "white blade, 51 mm long, 3 line holes",
		...over,
	};
}

export function drop(over: Partial<DropData> = {}): DropData {
	return {
		line: [
			{ x: -1, h: 0 },
			{ x: -0.4, h: 4 },
			{ x: 0, h: 8 },
		],
		offsetM: -1,
		angleDeg: -15,
		angleText: "15°",
		lineOutText: "26 ft",
		secondsText: "9 s",
		seconds: 9,
		holds: true,
		liftM: 0.1,
		fall: [
			{ t: 0, h: 8, x: 0 },
			{ t: 9, h: 0, x: -1 },
		],
		hangDeg: 39,
		hangText: "39° nose down",
		spoken: "The white half-ounce blade leans 15° and is down in 9 s",
		words: "White half-ounce blade in 26 ft.",
		basis: "Seconds and angles are estimates.",
		gustLine: [],
		gustText: "",
		heldM: 0,
		downTo: "to bottom",
		cast: null,
		...over,
	};
}

export function step(over: Partial<StepData> = {}): StepData {
	return {
		key: "2.middle.low_hop",
		words: "change the finish to gold",
		minutes: 16,
		hardly: false,
		title: "½ oz blade, gold",
		subtitle: "middle hole · low hop, 4 in",
		tying: { lure: 2, hole: "middle", cadence: "low_hop" },
		...over,
	};
}

export function pick(over: Partial<PickData> = {}): PickData {
	return {
		key: "1.middle.low_hop",
		lureId: 1,
		massKg: 0.0142,
		hole: "middle",
		cadence: "low_hop",
		title: "½ oz blade, white",
		subtitle: "middle hole · low hop, 4 in",
		spoken: "white half-ounce blade",
		drawing: drawing(),
		holeIndex: 1,
		points: 13,
		pointsText: "13",
		reasons: [{ rule: "F1", points: 3, pointsText: "+3", text: "37 °F: a blade's own water." }],
		ways: [],
		drop: drop(),
		cadenceWord: "Low hop",
		cadenceSteps: ["lift 4 in over 0.3 s"],
		ladder: [step()],
		otherSchools: [],
		...over,
	};
}

export function listed(over: Partial<ListedPickData> = {}): ListedPickData {
	return {
		key: "1.middle.low_hop",
		lureId: 1,
		place: 1,
		title: "½ oz blade, white",
		subtitle: "middle hole · low hop, 4 in",
		drawing: drawing(),
		holeIndex: 1,
		secondsText: "9 s",
		asideText: "15°",
		asideWord: "line",
		points: 13,
		pointsText: "13",
		forPoints: 14,
		againstPoints: 1,
		usual: false,
		...over,
	};
}

export function column(over: Partial<ColumnData> = {}): ColumnData {
	return {
		place: "North bar",
		depthM: 8,
		depthText: "26 ft",
		bottom: "rock_to_sand",
		wall: false,
		windText: "wind 8 mph",
		windMs: 3.5,
		currentText: "",
		vertical: true,
		sonar: { radiusM: 1.4, words: "A 20° cone shows a circle 9 ft wide.", shows: true },
		ticks: [{ m: 1.5, label: "5 ft" }],
		touches: [],
		fishM: null,
		fishText: "",
		onFoot: false,
		...over,
	};
}

export function answer(over: Partial<AnswerData> = {}): AnswerData {
	return {
		aside: [],
		move: null,
		angleHelps: false,
		readings: {
			depth: reading(),
			drift: reading({
				name: "drift",
				label: "drift",
				text: "0.3 mph",
				unit: "mph",
				value: 0.3,
				step: 0.05,
				min: -13,
				max: 13,
			}),
		},
		query: "depth=26+ft",
		fromLink: false,
		headline: "Tie on the white half-ounce blade",
		lead: "All of them stay within 20°.",
		cautions: [],
		signs: [],
		wanted: null,
		boxCount: 1,
		picks: [listed()],
		chosen: pick(),
		column: column(),
		rack: [],
		feed: null,
		families: [],
		family: null,
		pinned: null,
		...over,
	};
}

/** A fetch that answers in the order in which its answers are let go, so that races can be played. */
export function heldFetch({ arrived = false } = {}) {
	const calls: {
		url: string;
		method: string;
		body: unknown;
		signal: AbortSignal | null | undefined;
		answer: (status: number, body: unknown) => Promise<void>;
		fail: () => Promise<void>;
	}[] = [];
	const fetch = (url: string, init: RequestInit) => {
		// What time it is is told at once.
		if (init.method === "HEAD")
			return Promise.resolve(new Response(null, { headers: { Date: new Date().toUTCString() } }));
		return new Promise<Response>((resolve, reject) => {
			// An answer that has arrived is there, whether it was called off meanwhile or not.
			if (!arrived) init.signal?.addEventListener("abort", () => reject(new DOMException("aborted", "AbortError")));
			calls.push({
				url,
				method: init.method ?? "GET",
				signal: init.signal,
				body: typeof init.body === "string" ? JSON.parse(init.body) : init.body,
				answer: async (status, body) => {
					resolve(new Response(JSON.stringify(body), { status }));
					await settle();
				},
				fail: async () => {
					reject(new TypeError("offline"));
					await settle();
				},
			});
		});
	};
	return { calls, fetch };
}

export async function settle(): Promise<void> {
	for (let i = 0; i < 6; i++) await Promise.resolve();
	await new Promise((resolve) => setTimeout(resolve, 0));
}
