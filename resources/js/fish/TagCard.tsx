import { useState } from "react";
import { Button } from "../parts/Button";
import { say } from "../parts/words";
import type { EventData, LoggedBiteData } from "../types";

/** A tagged fish as it is reported: to be copied out. */
export function TagCard({ event, bite }: { event: EventData; bite: LoggedBiteData }) {
	const [copied, setCopied] = useState<boolean | null>(null);
	const lines = [
		bite.tagContact
			? say("Tag {tag}, to tell: {contact}", { tag: bite.tag, contact: bite.tagContact })
			: say("Tag {tag}", { tag: bite.tag }),
		[bite.species.replace("_", " "), bite.length, bite.girth ? say("{girth} around", { girth: bite.girth }) : ""]
			.filter(Boolean)
			.join(", "),
		new Date(event.at).toLocaleString(),
		bite.kept === "kept" ? "Kept" : bite.kept === "released" ? "Released" : "",
	].filter(Boolean);
	const copy = () =>
		navigator.clipboard.writeText(lines.join("\n")).then(
			() => setCopied(true),
			() => setCopied(false),
		);
	return (
		<section aria-label="To report the tag" className="mt-2 rounded-md bg-brass-pale px-3 py-2">
			{lines.map((line) => (
				<p key={line}>{line}</p>
			))}
			<Button look="strong" onClick={() => void copy()}>
				{copied ? "Copied" : "Copy it"}
			</Button>
			{copied === false && <p className="text-slate">This browser can't copy it. Select the lines above.</p>}
		</section>
	);
}
