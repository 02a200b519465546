import { FileButton } from "../parts/FileButton";
import { Trouble } from "../parts/Notice";
import { say } from "../parts/words";
import type { PictureOfDraft } from "./ofDraft";
import { Picture } from "./Picture";
import { usePictureFile } from "./usePictureFile";

interface Props {
	pictures: PictureOfDraft[];
	onAdd: (picture: PictureOfDraft) => void;
}

/** Pictures of a fish that is not logged yet: kept on this device, and in line once it is. */
export default function FishPictures({ pictures, onAdd }: Props) {
	const file = usePictureFile(({ id, width, height }) => onAdd({ id, width, height }));
	return (
		<section aria-label="Pictures" className="mt-4 flex flex-wrap items-center gap-2">
			{pictures.map(({ id, ...size }, number) => (
				<Picture
					key={id}
					picture={{ uuid: id, ...size }}
					here
					alt={say("Picture {number} of this fish", { number: number + 1 })}
					className="h-[72px] w-[96px] rounded-md"
				/>
			))}
			<FileButton words="Add a picture" busy={file.busy} accept="image/*" onFile={file.take} />
			<Trouble words={file.trouble} />
		</section>
	);
}
