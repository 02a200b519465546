interface Props {
	words: string;
	/** What is said while it is read in; null while nothing is. */
	busy: string | null;
	accept: string;
	onFile: (file: File) => void;
}

/** A button that asks for a file. */
export function FileButton({ words, busy, accept, onFile }: Props) {
	return (
		<label
			className="inline-flex min-h-11 cursor-pointer items-center rounded-md border-2 border-slate px-4 font-semibold
				focus-within:outline-3"
		>
			{busy ?? words}
			<input
				type="file"
				accept={accept}
				className="sr-only"
				onChange={(event) => {
					const file = event.target.files?.[0];
					event.target.value = "";
					if (file) onFile(file);
				}}
			/>
		</label>
	);
}
