import { router, useForm } from "@inertiajs/react";
import { Button } from "../parts/Button";
import { FileButton } from "../parts/FileButton";
import { Trouble } from "../parts/Notice";
import { say, timeOf } from "../parts/words";
import type { WaterSheetData } from "../types";

/** The forecast for a water: a file one brings, or an address this server may ask. Without one there is none. */
export function ForecastFrom({ water }: { water: WaterSheetData }) {
	const form = useForm<{ file: File | null; address: string }>({ file: null, address: water.forecastAddress });
	const to = `/waters/${water.id}/forecast`;
	const send = (data: { file?: File; address?: string }) => {
		form.transform(() => data as { file: File | null; address: string });
		form.post(to, { preserveScroll: true, preserveState: true });
	};
	return (
		<details className="no-print mt-3">
			<summary className="min-h-11 cursor-pointer py-2 text-[15px] font-semibold">
				{water.forecastAt
					? say("Forecast of {forecastAt}", { forecastAt: timeOf(water.forecastAt) })
					: "Set a forecast"}
			</summary>
			<div className="flex flex-wrap items-center gap-x-4 gap-y-2">
				<FileButton
					words="Choose a file"
					busy={form.processing ? "Reading it …" : null}
					accept=".json,application/json"
					onFile={(file) => send({ file })}
				/>
				{water.forecastAt && (
					<Button onClick={() => router.delete(to, { preserveScroll: true })}>Take the forecast out</Button>
				)}
			</div>
			{water.asksAddresses && (
				<form
					noValidate
					className="mt-2"
					onSubmit={(event) => {
						event.preventDefault();
						send({ address: form.data.address });
					}}
				>
					<label className="block text-[15px]">
						Or fetch it from an address
						<input
							type="url"
							value={form.data.address}
							maxLength={300}
							onChange={(event) => form.setData("address", event.target.value)}
							className="mt-1 min-h-11 w-full rounded-md border-2 border-slate bg-paper px-2"
						/>
					</label>
					<Button type="submit" look="soft" className="mt-2" disabled={form.data.address.trim() === ""}>
						{water.forecastAddress ? "Ask again" : "Ask"}
					</Button>
				</form>
			)}
			<Trouble words={form.errors.file ?? form.errors.address} />
		</details>
	);
}
