import { useForm, usePage } from "@inertiajs/react";
import { useState } from "react";
import { FileLink } from "../parts/Button";
import { FileButton } from "../parts/FileButton";
import { Notice, Trouble } from "../parts/Notice";
import { say } from "../parts/words";

/** Outings as files: out as JSON, as a table, as places; in from the first two. */
export function LogFiles({ years }: { years: number[] }) {
	return (
		<aside aria-label="Files" className="border-rule bg-paper px-5 py-5 lg:border-l">
			<h2 className="text-[20px]">Take them out</h2>
			<p className="mt-1 text-[15px] text-slate">
				JSON holds everything and can be read back in. The table is for spreadsheets. GPX has positions, and one
				outing’s track.
			</p>
			<ul className="mt-2">
				{[null, ...years].map((year) => (
					<li key={year ?? "all"} className="flex items-center justify-between border-b border-rule py-0.5">
						<b>{year ?? "Everything"}</b>
						<span>
							{(["json", "csv", "gpx"] as const).map((format) => (
								<FileLink
									key={format}
									look="strong"
									size="normal"
									className="ml-4"
									href={`/log.${format}${ofYear(year)}`}
									aria-label={say("{year} as {format}", { year: year ?? "Everything", format: format.toUpperCase() })}
								>
									{format.toUpperCase()}
								</FileLink>
							))}
						</span>
					</li>
				))}
			</ul>
			<ReadIn />
		</aside>
	);
}

function ReadIn() {
	const form = useForm<{ file: File | null }>({ file: null });
	return (
		<>
			<h2 className="mt-6 text-[20px]">Read some in</h2>
			<p className="mt-1 text-[15px] text-slate">What is there already stays as it is, and nothing is doubled.</p>
			<div className="mt-2">
				<FileButton
					words="Choose a file"
					busy={form.processing ? "Reading it in …" : null}
					accept=".json,.csv,application/json,text/csv"
					onFile={(file) => {
						form.transform(() => ({ file }));
						form.post("/log", { preserveScroll: true });
					}}
				/>
			</div>
			<Trouble words={form.errors.file} />
			<OfPhone />
		</>
	);
}

/** What a phone kept as a file when it could not be sent. */
function OfPhone() {
	const angler = Number(usePage().props.anglerId);
	const [said, setSaid] = useState<string | null>(null);
	const take = async (file: File) => {
		const [{ outboxOf }, { takeFile }] = await Promise.all([import("../outbox/wire"), import("../outbox/file")]);
		setSaid(await takeFile(outboxOf(angler), file));
	};
	return (
		<>
			<p className="mt-4 text-[15px] text-slate">Taps that a phone kept as a file are read in here.</p>
			<div className="mt-2">
				<FileButton
					words="Choose taps kept on a phone"
					busy={null}
					accept=".json,application/json"
					onFile={(file) => void take(file)}
				/>
			</div>
			{said && (
				<Notice tone="done" className="mt-2 py-2">
					{said}
				</Notice>
			)}
		</>
	);
}

const ofYear = (year: number | null) => (year ? `?year=${year}` : "");
