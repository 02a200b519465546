import { Link, router, useForm } from "@inertiajs/react";
import { PictureColumn } from "../drop/PictureColumn";
import { Choice } from "../parts/Choice";
import { Field } from "../parts/Field";
import { newId } from "../parts/send";
import { useAge } from "../parts/useAge";
import { AppLayout } from "../shell/AppLayout";
import { LocalRules } from "../tackle/LocalRules";
import type { DueData, GearData, HistoryData, NotesData, PictureData } from "../types";

interface Props {
	picture: PictureData;
	gear: GearData[];
	due: DueData[];
	history: HistoryData[];
	waters: NotesData[];
	kinds: string[];
}

/** What is due before the next outing, and the gear beside the lures. */
export default function Gear({ picture, gear, due, history, waters, kinds }: Props) {
	const age = useAge();
	return (
		<AppLayout title="Before you go" column={<PictureColumn picture={picture} />}>
			<div className="grid grid-cols-[minmax(0,1fr)] lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<h1 className="text-[25px]">
						{due.length === 0
							? "Nothing is due before you go"
							: `${due.length} ${due.length === 1 ? "thing" : "things"} before you go`}
					</h1>
					<p className="mt-1 text-slate">
						From your record: fish and snags on each lure, and the days since lines and leaders went on.
					</p>
					<ul className="mt-3" aria-label="Due">
						{due.map((one) => (
							<li
								key={`${one.item}${one.name}${one.why}`}
								className="flex min-h-12 flex-wrap items-center justify-between gap-x-4 border-t border-rule py-1 sm:flex-nowrap"
							>
								<span>
									<b>{one.name}</b>
									<span className="text-slate">: {one.why}</span>
								</span>
								{one.item && (
									<button
										type="button"
										aria-label={`${one.done}: ${one.name}`}
										onClick={() =>
											router.post("/gear/done", { uuid: newId(), item: one.item }, { preserveScroll: true })
										}
										className="figure min-h-11 shrink-0 rounded-md border-2 border-ink px-3 text-[15px]"
									>
										{one.done}
									</button>
								)}
							</li>
						))}
					</ul>
					<LocalRules waters={waters} />
					<section aria-label="Gear" className="mt-6">
						<h2 className="text-[19px]">Lines and gear</h2>
						<p className="text-[15px] text-slate">
							Lures are in the{" "}
							<Link href="/tackle" className="underline underline-offset-4">
								tackle box
							</Link>
							; which line is on the reel is chosen on the Water station.
						</p>
						<ul className="mt-2">
							{gear.map((one) => (
								<li
									key={`${one.kind}${one.id}${one.name}`}
									className="grid min-h-12 grid-cols-[84px_minmax(0,1fr)_auto] items-center gap-3 border-t border-rule py-1"
								>
									<span className="text-[14px] text-slate">{one.kind}</span>
									<span>
										<b>{one.name}</b>
										{one.quantity > 1 && ` × ${one.quantity}`}
										<span className="block text-[14px] text-slate">
											{[one.details, one.putOn ? `on since ${one.putOn}` : ""].filter(Boolean).join(" · ")}
										</span>
									</span>
									{one.id !== null && (
										<button
											type="button"
											aria-label={`Put away ${one.name}`}
											onClick={() => router.delete(`/gear/${one.id}`, { preserveScroll: true })}
											className="min-h-11 text-slate underline underline-offset-4"
										>
											Put away
										</button>
									)}
								</li>
							))}
						</ul>
					</section>
					{history.length > 0 && (
						<section aria-label="Done" className="mt-6">
							<h2 className="text-[19px]">Done lately</h2>
							<ul className="mt-1 text-[15px]">
								{history.map((one) => (
									<li key={one.at + one.what} className="border-t border-rule py-1">
										{one.what}, {age(one.at)}
									</li>
								))}
							</ul>
						</section>
					)}
				</div>
				<NewGear kinds={kinds} />
			</div>
		</AppLayout>
	);
}

function NewGear({ kinds }: { kinds: string[] }) {
	const form = useForm({
		uuid: newId(),
		kind: "leader",
		name: "",
		details: "",
		quantity: "1",
		put_on: "",
		diameter: "",
		strength: "",
		material: "braid",
	});
	const line = form.data.kind === "main line";
	const field = (
		name: "name" | "details" | "quantity" | "put_on" | "diameter" | "strength",
		label: string,
		placeholder: string,
	) => (
		<Field
			label={label}
			placeholder={placeholder}
			value={form.data[name]}
			trouble={form.errors[name]}
			onChange={(event) => form.setData(name, event.target.value)}
		/>
	);
	return (
		<section aria-label="New gear" className="border-l border-rule bg-paper px-5 py-4 lg:overflow-y-auto">
			<h2 className="text-[20px]">Add a line or gear</h2>
			<form
				noValidate
				onSubmit={(event) => {
					event.preventDefault();
					form.post("/gear", {
						preserveScroll: true,
						onSuccess: () => {
							form.reset("name", "details", "quantity", "put_on", "diameter", "strength");
							form.setData("uuid", newId());
						},
					});
				}}
			>
				<Choice
					label="Kind"
					value={form.data.kind}
					onChange={(kind) => form.setData("kind", kind)}
					options={kinds.map((kind) => [kind, kind] as const)}
				/>
				<div className="h-3" />
				{field("name", "Name", line ? "Braid, 20 lb" : "Fluorocarbon leader, 8 lb")}
				{line ? (
					<>
						<Choice
							label="Material"
							value={form.data.material}
							onChange={(material) => form.setData("material", material)}
							options={["braid", "fluorocarbon", "monofilament"].map((one) => [one, one] as const)}
						/>
						<div className="mt-3 grid grid-cols-2 gap-x-3">
							{field("diameter", "Diameter", "0.20 mm")}
							{field("strength", "Strength", "20 lb")}
						</div>
					</>
				) : (
					<>
						{field("details", "Details", "5 ft, tied direct")}
						{field("quantity", "How many", "1")}
					</>
				)}
				{field("put_on", "Put on, date", new Date().toISOString().slice(0, 10))}
				<button
					type="submit"
					disabled={form.processing}
					className="figure min-h-12 w-full rounded-md bg-ember text-on-ember"
				>
					Keep it
				</button>
			</form>
		</section>
	);
}
