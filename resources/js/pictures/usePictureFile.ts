import { useState } from "react";
import type { PictureHere } from "./addPicture";

interface PictureFile {
	/** What is said while it is made small; null while nothing is. */
	busy: string | null;
	trouble: string | null;
	take: (file: File) => void;
}

/** A file that somebody chose or the camera took, made small and kept on this device. */
export function usePictureFile(onKept: (picture: PictureHere) => Promise<void> | void): PictureFile {
	const [busy, setBusy] = useState(false);
	const [trouble, setTrouble] = useState<string | null>(null);
	const take = async (file: File) => {
		setBusy(true);
		setTrouble(null);
		try {
			const [{ smallPicture }, { keepPicture }] = await Promise.all([
				import("../phone/picture"),
				import("./addPicture"),
			]);
			const kept = await keepPicture(await smallPicture(file));
			if (!kept) return;
			await onKept(kept);
			if (!kept.kept) setTrouble("No room on this phone. Keep this page open until it is sent.");
		} catch (error) {
			setTrouble(
				error instanceof Error && error.name === "NoPicture" ? error.message : "That did not work. Try again.",
			);
		} finally {
			setBusy(false);
		}
	};
	return { busy: busy ? "Making it small…" : null, trouble, take: (file) => void take(file) };
}
