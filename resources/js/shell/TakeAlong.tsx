import { useEffect, useState } from "react";
import { Button } from "../parts/Button";
import { isOnBoard } from "../parts/kit";
import { say } from "../parts/words";

/** How far what answers on this device has come: not here, on its way with so many bytes, here, or not to be had. */
type Stage = { at: "none" } | { at: "coming"; bytes: number } | { at: "here" } | { at: "failed"; why: string };

/** Takes along on this device what works out the answers, so that they are worked out with no signal too. */
export function TakeAlong() {
	const [stage, setStage] = useState<Stage>({ at: isOnBoard() ? "here" : "none" });
	const [line, setLine] = useState<number | null>(null);
	const possible = "caches" in window && "Worker" in window && "serviceWorker" in navigator;
	useEffect(() => {
		if (!possible || isOnBoard() || !import.meta.env.PROD) return;
		void import("../parts/onBoard").then(({ sizeOnTheLine }) => sizeOnTheLine()).then(setLine, () => {});
	}, [possible]);
	const take = async () => {
		setStage({ at: "coming", bytes: 0 });
		try {
			const { takeAlong } = await import("../parts/onBoard");
			void navigator.storage?.persist?.();
			await takeAlong((bytes) => setStage({ at: "coming", bytes }));
			setStage({ at: "here" });
		} catch (error) {
			setStage({ at: "failed", why: whyOf(error) });
		}
	};
	const leave = async () => {
		await import("../parts/onBoard").then(({ leaveBehind }) => leaveBehind());
		setStage({ at: "none" });
	};
	if (!possible) {
		return <p className="text-slate">This browser cannot work out answers by itself here. Open Eskith over HTTPS.</p>;
	}
	return (
		<div className="flex flex-wrap items-center gap-x-4 gap-y-2">
			<p role="status" className="max-w-[52ch] text-[15px] text-slate">
				{stage.at === "here" && "Taken along: with no signal this device works out the answers itself."}
				{stage.at === "coming" && say("Taking it along: {bytes} unpacked so far.", { bytes: megabytes(stage.bytes) })}
				{stage.at === "failed" && stage.why}
				{stage.at === "none" &&
					(line === null
						? "With no signal this device can work out the answers itself."
						: say("With no signal this device can work out the answers itself. One download of {size}.", {
								size: megabytes(line),
							}))}
			</p>
			{stage.at === "here" ? (
				<Button look="soft" onClick={() => void leave()}>
					Leave it behind
				</Button>
			) : (
				<Button look="plain" onClick={() => void take()} disabled={stage.at === "coming"}>
					Take it along
				</Button>
			)}
		</div>
	);
}

function megabytes(bytes: number): string {
	return say("{megabytes} MB", { megabytes: (bytes / 1_000_000).toFixed(1) });
}

function whyOf(error: unknown): string {
	return error instanceof DOMException && error.name === "QuotaExceededError"
		? "Not enough room on this device. Nothing was kept. Make room and try again."
		: "The download broke off. What is here stays. Try again with a signal.";
}
