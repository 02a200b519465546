import { router, useForm } from "@inertiajs/react";
import { Suspense, useState } from "react";
import { Button } from "../parts/Button";
import { Dialog } from "../parts/Dialog";
import { FormField } from "../parts/FormField";
import { Trouble } from "../parts/Notice";
import { onDemand } from "../parts/onDemand";
import { Select } from "../parts/Select";
import { useConflictCheck } from "../parts/useConflictCheck";
import { say } from "../parts/words";
import { OwnCard } from "../tackle/OwnCard";
import type { OptionData, WaterOptionData, WaterSheetData } from "../types";
import { TideForm } from "./TideForm";

const WaterHere = onDemand(async () => ({ default: (await import("./WaterHere")).WaterHere }));

interface Props {
	/** Null makes a new one. */
	water: WaterSheetData | null;
	waters: WaterOptionData[];
	kinds: OptionData[];
	tides: OptionData[];
	onDone: () => void;
}

const tastes = [
	["fresh", "fresh"],
	["brackish", "brackish"],
	["sea", "sea"],
] as const;

/** A water made or changed: what it is, where it lies, how its tide runs; shared, joined, deleted. */
export function WaterDialog({ water, waters, kinds, tides, onDone }: Props) {
	const [opened] = useState(water);
	const form = useForm({
		name: water?.name ?? "",
		kind: water?.kind ?? "lake",
		salt: water?.salt ?? "fresh",
		latitude: water?.latitude ?? "",
		longitude: water?.longitude ?? "",
		flood: water?.flood ?? "",
		fastest: water?.fastest ?? "",
	});
	const changes = useConflictCheck(form.data, opened, water);
	const keep = () => {
		const options = { preserveScroll: true, onSuccess: onDone, onError: changes.onError };
		form.transform(changes.with);
		if (water) form.put(`/waters/${water.id}`, options);
		else form.post("/waters", options);
	};
	const troubles: Record<string, string | undefined> = form.errors;
	const tidal = water?.tidal || form.data.kind === "harbour";
	return (
		<Dialog
			open
			onOpenChange={(open) => !open && onDone()}
			title={water ? say("This water: {name}", { name: water.name }) : "A new water"}
			says="Without a position you can sketch it. With one, its sun, tracks and instruments follow."
		>
			<form
				className="mt-3"
				noValidate
				onSubmit={(event) => {
					event.preventDefault();
					keep();
				}}
			>
				<FormField form={form} name="name" label="Name" placeholder="Long tarn" />
				<div className="grid grid-cols-2 gap-x-4">
					<div className="mb-4">
						<p className="pb-1 font-semibold">It is a</p>
						<Select
							label="Kind of water"
							value={form.data.kind}
							options={kinds.map(({ value, word }) => [value, word] as const)}
							onChange={(kind) => form.setData("kind", kind)}
							className="w-full"
						/>
						<Trouble words={form.errors.kind} />
					</div>
					<div className="mb-4">
						<p className="pb-1 font-semibold">Its water is</p>
						<Select
							label="Its water is"
							value={form.data.salt}
							options={tastes}
							onChange={(salt) => form.setData("salt", salt)}
							className="w-full"
						/>
					</div>
					<FormField form={form} name="latitude" label="Degrees north" placeholder="45.233" />
					<FormField form={form} name="longitude" label="Degrees east" placeholder="-7.879" />
					{tidal && <FormField form={form} name="flood" label="The flood runs toward" placeholder="60°" />}
					{tidal && <FormField form={form} name="fastest" label="At its strongest, measured" placeholder="0.8 mph" />}
				</div>
				{/* One that lies somewhere is not moved by a press. */}
				{form.data.latitude === "" && (
					<Suspense>
						<WaterHere onPlace={(latitude, longitude) => form.setData({ ...form.data, latitude, longitude })} />
					</Suspense>
				)}
				<Trouble words={troubles.meanwhile} className="pb-3" />
				<Button type="submit" look="next" size="normal" wide disabled={form.processing}>
					Keep it
				</Button>
			</form>
			{water && tidal && <TideForm water={water} tides={tides} />}
			{water ? <Rest water={water} waters={waters} onDone={onDone} /> : <Copy onDone={onDone} />}
		</Dialog>
	);
}

/** What else can be done with a water. */
function Rest({ water, waters, onDone }: { water: WaterSheetData; waters: WaterOptionData[]; onDone: () => void }) {
	const [card, setCard] = useState(false);
	const [into, setInto] = useState("");
	const [sure, setSure] = useState<"join" | "delete" | null>(null);
	const others = waters.filter((one) => one.id !== water.id);
	return (
		<>
			<section aria-label="Rules and sharing" className="mt-5 border-t border-rule pt-3">
				<Button onClick={() => setCard(true)}>{say("Your card of fish for {name}", { name: water.name })}</Button>
				{card && <OwnCard notes={water.notes} onDone={() => setCard(false)} />}
				{water.code ? (
					<>
						<p className="mt-1">
							Others on this server can copy it by the code{" "}
							<strong className="figure text-[20px] tracking-wider">{water.code}</strong>. Where you caught fish stays
							yours.
						</p>
						<Button look="aside" onClick={() => router.delete(`/waters/${water.id}/share`, { preserveScroll: true })}>
							Stop sharing it
						</Button>
					</>
				) : (
					<p>
						<Button onClick={() => router.post(`/waters/${water.id}/share`, {}, { preserveScroll: true })}>
							Share it with others on this server
						</Button>
					</p>
				)}
			</section>
			{others.length > 0 && (
				<section aria-label="Join" className="mt-3 border-t border-rule pt-3">
					<h3 className="text-[17px]">The same as another water?</h3>
					<div className="mt-1 flex flex-wrap items-center gap-3">
						<Select
							label="Join it into"
							value={into}
							options={[["", "Choose the other"], ...others.map(({ id, name }) => [`${id}`, name] as const)]}
							onChange={(next) => {
								setInto(next);
								setSure(null);
							}}
							className="min-w-[200px]"
						/>
						<Button
							look={sure === "join" ? "danger" : "plain"}
							disabled={into === ""}
							onClick={() =>
								sure === "join"
									? router.post(`/waters/${water.id}/join`, { into: Number(into) }, { onSuccess: onDone })
									: setSure("join")
							}
						>
							{sure === "join" ? say("Join {name} into it", { name: water.name }) : "Join them"}
						</Button>
					</div>
				</section>
			)}
			<section aria-label="Delete" className="mt-3 border-t border-rule pt-3">
				<Button
					look={sure === "delete" ? "danger" : "aside"}
					onClick={() =>
						sure === "delete" ? router.delete(`/waters/${water.id}`, { onSuccess: onDone }) : setSure("delete")
					}
				>
					{sure === "delete" ? say("Delete it with {hangs}", { hangs: water.hangs }) : "Delete this water"}
				</Button>
				{sure === "delete" && (
					<p className="pt-1 text-[14px] text-slate">Its outings stay in the record. There is no way back.</p>
				)}
			</section>
		</>
	);
}

/** A water that somebody else shares. */
function Copy({ onDone }: { onDone: () => void }) {
	const form = useForm({ code: "" });
	return (
		<form
			className="mt-5 border-t border-rule pt-3"
			noValidate
			onSubmit={(event) => {
				event.preventDefault();
				form.post("/waters/copy", { onSuccess: onDone });
			}}
		>
			<FormField form={form} name="code" label="Or copy a shared one: its code" placeholder="ABCD EFGH" />
			<Button type="submit" look="plain" disabled={form.processing}>
				Take a copy
			</Button>
		</form>
	);
}
