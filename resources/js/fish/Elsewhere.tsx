import { router } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { send } from "../parts/send";
import { timeOf } from "../parts/words";
import type { ElsewhereData } from "../types";

/** What was read before the move and is not known here: one tap takes it over. */
export function Elsewhere({ readings }: { readings: ElsewhereData[] }) {
	const [trouble, setTrouble] = useState("");
	if (readings.length === 0) return null;
	const take = async ({ name, text }: ElsewhereData) => {
		try {
			await send("PUT", "/readings", { readings: { [name]: text } });
			setTrouble("");
			router.reload();
		} catch (error) {
			setTrouble(error instanceof Error ? error.message : "That could not be kept; try again.");
		}
	};
	return (
		<section aria-label="Not read here yet" className="border-b border-rule py-2 text-[15px]">
			<p className="text-slate">Not read here yet. Before that:</p>
			<ul className="flex flex-wrap gap-x-5">
				{readings.map((one) => (
					<li key={one.name}>
						<Button size="big" onClick={() => void take(one)}>
							{one.label} {one.words}
							<span className="font-normal text-slate">
								{" "}
								({one.place || "here"}, {timeOf(one.at)})
							</span>
						</Button>
					</li>
				))}
			</ul>
			{trouble && (
				<p role="alert" className="text-rowan">
					{trouble}
				</p>
			)}
		</section>
	);
}
