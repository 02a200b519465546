import { useState } from "react";
import { Button } from "../parts/Button";
import type { EventData, LoggedBiteData } from "../types";

/** A tagged fish as it is reported: to be copied out. */
export function TagCard({ event, bite }: { event: EventData; bite: LoggedBiteData }) {
	const [copied, setCopied] = useState<boolean | null>(null);
	const lines = [
		`Tag ${bite.tag}${bite.tagContact ? `, to tell: ${bite.tagContact}` : ""}`,
		`${bite.species.replace("_", " ")}${bite.length ? `, ${bite.length}` : ""}${bite.girth ? `, ${bite.girth} around` : ""}`,
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
