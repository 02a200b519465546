import "fake-indexeddb/auto";
import { fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { FishOn } from "../../resources/js/fish/FishOn";
import { withWaiting } from "../../resources/js/fish/withWaiting";
import { device } from "../../resources/js/outbox/device";
import { giveFile, takeFile } from "../../resources/js/outbox/file";
import { DAY, type OfflineAction } from "../../resources/js/outbox/offlineActions";
import { fileOf, forgetLeft, keepFile } from "../../resources/js/outbox/pictures";
import { leave, outboxOf } from "../../resources/js/outbox/wire";
import { NoPicture, smallPicture } from "../../resources/js/phone/picture";
import { sendPicture } from "../../resources/js/pictures/addPicture";
import { Pictures } from "../../resources/js/pictures/Pictures";
import { settle } from "./make";
import { event, outing } from "./outing";

const ANGLER = 7;
const bytes = Uint8Array.from({ length: 70_000 }, (_, i) => i % 251);

vi.mock("@inertiajs/react", async (inertia) => ({
	...(await inertia<object>()),
	usePage: () => ({ props: { anglerId: ANGLER } }),
}));
vi.mock("../../resources/js/parts/angler", () => ({ anglerHere: () => ANGLER }));
vi.mock("../../resources/js/phone/picture", async (real) => ({
	...(await real<object>()),
	smallPicture: vi.fn(),
}));

interface Sent {
	url: string;
	method: string;
	taps: Record<string, unknown>[];
}

let sent: Sent[] = [];
let line: "none" | "good" | "refuses" = "good";

/** A server that takes everything, or refuses pictures; or none. */
async function server(url: string, init: RequestInit): Promise<Response> {
	if (line === "none") throw new TypeError("offline");
	if (init.method === "HEAD") return new Response(null, { headers: { Date: new Date().toUTCString() } });
	const taps = typeof init.body === "string" ? JSON.parse(init.body).taps : [];
	sent.push({ url, method: init.method ?? "GET", taps });
	const ids = taps.map((tap: { uuid: string }) => tap.uuid);
	const refused = line === "refuses" ? ids.map((id: string) => ({ id, why: "No more.", because: "picture" })) : [];
	const answer = {
		form: "eskith-taps",
		angler: ANGLER,
		goes: "here",
		place: "",
		into: null,
		asOf: "2026-11-25T06:00:00Z",
	};
	return new Response(JSON.stringify({ ...answer, taken: refused.length > 0 ? [] : ids, refused }));
}

beforeEach(async () => {
	localStorage.clear();
	leave();
	[sent, line] = [[], "good"];
	vi.stubGlobal("fetch", server);
	vi.mocked(smallPicture).mockResolvedValue({ bytes, width: 1600, height: 1200 });
	const { deeds, turned, said, pictures } = device();
	for (const table of [deeds, turned, said, pictures]) await table.clear();
});

afterEach(() => {
	vi.unstubAllGlobals();
	vi.restoreAllMocks();
});

const drop = (id: string): OfflineAction => ({
	do: "log",
	id,
	outing: "o1",
	at: "2026-11-25T06:00:00.000Z",
	rod: "r",
	setup: "s",
	entry: { kind: "drop" },
});

const ofFish = { of: "event", thing: "e1", outing: "o1" } as const;
const small = (id: string) => ({ id, width: 1600, height: 1200 });

async function inLine(id: string) {
	await keepFile(id, ANGLER, bytes);
	await sendPicture(small(id), ofFish);
}

const waiting = async () => (await outboxOf(ANGLER).waiting()).map(({ id }) => id);

describe("a picture in line", () => {
	it("goes last and alone, with what it holds, and what it held is let go of once it is taken", async () => {
		line = "none";
		const outbox = outboxOf(ANGLER);
		await outbox.add(drop("a"));
		await inLine("p");
		await inLine("q");
		await outbox.add(drop("b"));
		line = "good";
		expect(await outbox.flush()).toBe(true);
		expect(sent.map(({ url, taps }) => [url, taps.map(({ uuid }) => uuid)])).toEqual([
			["/outings/o1/taps", ["a", "b"]],
			["/outings/o1/taps", ["p"]],
			["/outings/o1/taps", ["q"]],
		]);
		const [
			,
			{
				taps: [told = {}],
			} = { taps: [] },
		] = sent;
		expect(Object.keys(told).sort()).toEqual(["at", "do", "file", "of", "tapped", "thing", "uuid"]);
		expect(atob(String(told.file)).length).toBe(bytes.length);
		expect([...String(told.file)].length % 4).toBe(0);
		expect([await waiting(), await fileOf("p"), await fileOf("q")]).toEqual([[], null, null]);
	});

	it("that is refused keeps what it holds until it is let go", async () => {
		line = "refuses";
		await inLine("p");
		await outboxOf(ANGLER).flush();
		expect(await outboxOf(ANGLER).turned()).toMatchObject([{ id: "p", why: "No more." }]);
		expect((await fileOf("p"))?.length).toBe(bytes.length);
		await outboxOf(ANGLER).letGo(["p"]);
		expect(await fileOf("p")).toBeNull();
	});

	it("goes into the file of this phone and back with what it holds", async () => {
		line = "none";
		await inLine("p");
		let blob = new Blob();
		const createObjectURL = (made: Blob) => {
			blob = made;
			return "blob:x";
		};
		vi.stubGlobal("URL", { createObjectURL, revokeObjectURL: () => {} });
		vi.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation(() => {});
		await giveFile(outboxOf(ANGLER));
		await outboxOf(ANGLER).letGo(["p"]);
		expect(await takeFile(outboxOf(ANGLER), new File([await blob.text()], "phone.json"))).toContain("1 of 1");
		expect([await waiting(), [...((await fileOf("p")) ?? [])]]).toEqual([["p"], [...bytes]]);
		await outboxOf(ANGLER).letGo(["p"]);
		const torn = { ...JSON.parse(await blob.text()), pictures: { p: "half a pict\u00fcre" } };
		expect(await takeFile(outboxOf(ANGLER), new File([JSON.stringify(torn)], "phone.json"))).toContain("1 of 1");
		expect([await waiting(), await fileOf("p")]).toEqual([["p"], null]);
	});

	it("is seen with its fish until the server has it, and once", () => {
		const fish = event({ kind: "fish" });
		const one: OfflineAction = { do: "picture", at: "2026-11-25T06:20:00.000Z", ...small("p"), ...ofFish };
		const shown = withWaiting(outing({ events: [fish] }), [one, one]);
		expect(shown.events[0]?.pictures).toEqual([{ uuid: "p", width: 1600, height: 1200 }]);
		const ofLure: OfflineAction = { ...one, id: "q", outing: DAY, of: "lure", thing: "3" };
		expect(withWaiting(outing({ events: [fish] }), [ofLure]).events[0]?.pictures).toEqual([]);
	});
});

describe("pictures of a thing", () => {
	const choose = () =>
		fireEvent.change(screen.getByLabelText("Add a picture"), { target: { files: [new File(["x"], "a.jpg")] } });

	it("are added with no signal, seen at once, and taken away again here", async () => {
		line = "none";
		render(<Pictures shown={ofFish} pictures={[]} />);
		choose();
		const thumb = await screen.findByRole("img", { name: "Picture 1 of this fish" });
		await waitFor(() => expect(thumb.getAttribute("src")).toMatch(/^data:image\/jpeg;base64,/));
		const [id] = await waiting();
		fireEvent.click(screen.getByRole("button", { name: "Picture 1 of this fish" }));
		fireEvent.click(screen.getByRole("button", { name: "Take this picture away" }));
		expect(await waiting()).toEqual([id]);
		fireEvent.click(screen.getByRole("button", { name: "Yes, take the picture away" }));
		await waitFor(async () => expect(await waiting()).toEqual([]));
		expect(await fileOf(String(id))).toBeNull();
		await waitFor(() => expect(screen.queryByRole("img")).toBeNull());
	});

	it("that the server has are had from there, and taken away there", async () => {
		const changed = vi.fn();
		render(<Pictures shown={ofFish} pictures={[{ uuid: "p", width: 4, height: 3 }]} onChange={changed} />);
		expect(screen.getByRole("img").getAttribute("src")).toBe("/pictures/p");
		fireEvent.click(screen.getByRole("button", { name: "Picture 1 of this fish" }));
		fireEvent.click(screen.getByRole("button", { name: "Take this picture away" }));
		line = "none";
		fireEvent.click(screen.getByRole("button", { name: "Yes, take the picture away" }));
		await screen.findByText("No signal. Take it away when you have one.");
		line = "good";
		fireEvent.click(screen.getByRole("button", { name: "Yes, take the picture away" }));
		await waitFor(() => expect(changed).toHaveBeenCalled());
		expect(sent).toMatchObject([{ url: "/pictures/p", method: "DELETE" }]);
		expect(screen.queryByRole("img")).toBeNull();
	});

	it("say in a sentence what is no picture, and where there is no room", async () => {
		line = "none";
		vi.mocked(smallPicture).mockRejectedValueOnce(new NoPicture());
		render(<Pictures shown={ofFish} pictures={[]} />);
		choose();
		await screen.findByText("This browser can't read that picture. Choose a JPEG or PNG.");
		expect(await waiting()).toEqual([]);
		vi.spyOn(device().pictures, "put").mockRejectedValueOnce(new DOMException("full", "QuotaExceededError"));
		choose();
		await screen.findByText("No room on this phone. Keep this page open until it is sent.");
		const [id] = await waiting();
		expect((await fileOf(String(id)))?.length).toBe(bytes.length);
	});
});

describe("a fish that is not logged yet", () => {
	const choose = async () => {
		fireEvent.change(await screen.findByLabelText("Add a picture"), { target: { files: [new File(["x"], "a.jpg")] } });
		await screen.findByRole("img", { name: "Picture 1 of this fish" });
	};

	it("has its picture in line behind it once it is", async () => {
		line = "none";
		render(<FishOn outing={outing()} onClose={vi.fn()} onLog={() => "e9"} />);
		await choose();
		expect(await waiting()).toEqual([]);
		fireEvent.click(screen.getByRole("button", { name: "Landed" }));
		await waitFor(async () => expect(await waiting()).toHaveLength(1));
		expect((await outboxOf(ANGLER).waiting())[0]).toMatchObject({
			do: "picture",
			outing: "o1",
			of: "event",
			thing: "e9",
		});
	});

	it("leaves no picture where it is not", async () => {
		line = "none";
		render(<FishOn outing={outing()} onClose={vi.fn()} onLog={() => "e9"} />);
		await choose();
		fireEvent.click(screen.getByRole("button", { name: "Close" }));
		await waitFor(async () => expect(await device().pictures.count()).toBe(0));
		await settle();
		expect(await waiting()).toEqual([]);
	});

	it("that was never logged leaves its picture for days only, and nothing that waits goes", async () => {
		line = "none";
		await inLine("waits");
		await keepFile("left", ANGLER, bytes);
		await device()
			.pictures.toCollection()
			.modify({ at: Date.now() - 4 * 86_400_000 });
		await keepFile("today", ANGLER, bytes);
		await forgetLeft(ANGLER);
		expect((await device().pictures.toCollection().primaryKeys()).sort()).toEqual(["today", "waits"]);
	});
});
