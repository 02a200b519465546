import { FileButton } from "../parts/FileButton";
import { Trouble } from "../parts/Notice";
import type { PictureHere, Shown } from "./addPicture";
import { Picture } from "./Picture";
import { usePictureFile } from "./usePictureFile";

type Kept = Omit<PictureHere, "kept">;

interface Props {
	pictures: Kept[];
	onAdd: (picture: Kept) => void;
}

/** Pictures of a fish that is not logged yet: kept on this device, and in line once it is. */
export function FishPictures({ pictures, onAdd }: Props) {
	const file = usePictureFile(({ id, width, height }) => onAdd({ id, width, height }));
	return (
		<section aria-label="Pictures" className="mt-4 flex flex-wrap items-center gap-2">
			{pictures.map(({ id, ...size }, number) => (
				<Picture
					key={id}
					picture={{ uuid: id, ...size }}
					here
					alt={`Picture ${number + 1} of this fish`}
					className="h-[72px] w-[96px] rounded-md"
				/>
			))}
			<FileButton words="Add a picture" busy={file.busy} accept="image/*" onFile={file.take} />
			<Trouble words={file.trouble} />
		</section>
	);
}

/** The fish is logged: its pictures go in line behind it. */
export async function sendPictures(pictures: Kept[], shown: Shown): Promise<void> {
	const { sendPicture } = await import("./addPicture");
	for (const picture of pictures) await sendPicture(picture, shown);
}

/** Nothing is logged: what was kept for it goes. */
export async function forgetPictures(ids: string[]): Promise<void> {
	const { forgetFiles } = await import("../outbox/pictures");
	await forgetFiles(ids);
}
