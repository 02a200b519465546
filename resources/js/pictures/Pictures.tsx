import { useRef, useState } from "react";
import { PICTURE_OF } from "../kinds";
import { useWaitingHere } from "../outbox/useWaitingHere";
import { Button } from "../parts/Button";
import { FileButton } from "../parts/FileButton";
import { Trouble } from "../parts/Notice";
import { troubleOf } from "../parts/queries";
import { send } from "../parts/send";
import { say } from "../parts/words";
import type { PictureData } from "../types";
import type { Shown } from "./addPicture";
import { Picture } from "./Picture";
import { usePictureFile } from "./usePictureFile";

interface Props {
	shown: Shown;
	/** As the server knows them, the oldest first. */
	pictures: PictureData[];
	/** Some came to the server, or went from it. */
	onChange?: () => void;
}

/** Pictures of a fish, a lure or a spot: added from the camera or a file, looked at large, taken away. */
export function Pictures({ shown, pictures, onChange = () => {} }: Props) {
	const [sent, setSent] = useState<PictureData[]>([]);
	const [gone, setGone] = useState<string[]>([]);
	const [large, setLarge] = useState<string | null>(null);
	const waiting = useWaitingHere("picture", onChange).filter(({ thing }) => thing === shown.thing);
	const here = new Set(waiting.map(({ id }) => id));
	const all = inOnce([...pictures, ...waiting.map(({ id, ...size }) => ({ uuid: id, ...size })), ...sent]).filter(
		({ uuid }) => !gone.includes(uuid),
	);
	const file = usePictureFile(async (picture) => {
		const { sendPicture } = await import("./addPicture");
		await sendPicture(picture, shown);
		setSent((before) => [...before, { ...picture, uuid: picture.id }]);
	});
	const word = PICTURE_OF[shown.of].word;
	const opened = all.find(({ uuid }) => uuid === large);
	return (
		<section aria-label="Pictures" className="mt-4">
			{all.length > 0 && (
				<ul className="mb-2 flex flex-wrap gap-2">
					{all.map((picture, number) => (
						<li key={picture.uuid}>
							<button
								type="button"
								aria-expanded={picture.uuid === large}
								onClick={() => setLarge(picture.uuid === large ? null : picture.uuid)}
								className="block overflow-hidden rounded-md"
							>
								<Picture
									picture={picture}
									here={here.has(picture.uuid)}
									alt={say("Picture {number} of this {word}", { number: number + 1, word })}
									className="h-[72px] w-[96px]"
								/>
							</button>
						</li>
					))}
				</ul>
			)}
			{opened && (
				<Large
					key={opened.uuid}
					picture={opened}
					here={here.has(opened.uuid)}
					word={word}
					onGone={() => {
						setGone((before) => [...before, opened.uuid]);
						setLarge(null);
						onChange();
					}}
				/>
			)}
			<FileButton words="Add a picture" busy={file.busy} accept="image/*" onFile={file.take} />
			<Trouble words={file.trouble} />
		</section>
	);
}

function inOnce(pictures: PictureData[]): PictureData[] {
	return [...new Map(pictures.map((one) => [one.uuid, one])).values()];
}

interface LargeProps {
	picture: PictureData;
	here: boolean;
	word: string;
	onGone: () => void;
}

function Large({ picture, here, word, onGone }: LargeProps) {
	const [sure, setSure] = useState(false);
	const [trouble, setTrouble] = useState<string | null>(null);
	const asked = useRef(false);
	const takeAway = async () => {
		if (asked.current) return;
		asked.current = true;
		try {
			if (here) await letGo(picture.uuid);
			else await send("DELETE", `/pictures/${picture.uuid}`);
			onGone();
		} catch (error) {
			asked.current = false;
			setTrouble(troubleOf(error, "No signal. Take it away when you have one."));
		}
	};
	return (
		<div className="mb-2">
			<Picture
				picture={picture}
				here={here}
				alt={say("This {word}, large", { word })}
				className="h-auto w-full rounded-md"
			/>
			<Button look={sure ? "danger" : "aside"} onClick={() => (sure ? void takeAway() : setSure(true))}>
				{sure ? "Yes, take the picture away" : "Take this picture away"}
			</Button>
			<Trouble words={trouble} />
		</div>
	);
}

/** What waits here is its only copy. */
async function letGo(id: string): Promise<void> {
	const { letGoTyped } = await import("../outbox/day");
	await letGoTyped([id]);
}
