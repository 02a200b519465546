import { timeOf } from "../parts/words";
import { Picture } from "../pictures/Picture";
import type { CrewData } from "../types";

/** Those one fishes with, and what they felt and caught. */
export function Crew({ crew }: { crew: CrewData }) {
	return (
		<section aria-label="Your crew" className="mt-5">
			<h2 className="text-[18px]">Your crew</h2>
			<p className="text-slate">{crew.anglers.join(" · ")}</p>
			<ul>
				{crew.events.map((event) => (
					<li
						key={`${event.who} ${event.at} ${event.words}`}
						className="grid grid-cols-[66px_1fr_auto] gap-2 border-b border-rule py-1.5 text-[15px]"
					>
						<time dateTime={event.at} className="whitespace-nowrap text-slate">
							{timeOf(event.at)}
						</time>
						<span>
							<strong>{event.who}</strong> {event.words}
							{event.pictures.length > 0 && (
								<span className="flex flex-wrap gap-2 py-1">
									{event.pictures.map((picture) => (
										<Picture
											key={picture.uuid}
											picture={picture}
											alt={`${event.who}: ${event.words}`}
											className="h-[108px] w-[144px] rounded-md"
										/>
									))}
								</span>
							)}
						</span>
						<span>{event.depthText}</span>
					</li>
				))}
			</ul>
		</section>
	);
}
