import type { ReactNode } from "react";
import { Dialog } from "../parts/Dialog";
import { through } from "../parts/path";

/** Of each picture, in its own units. */
const [WIDTH, HEIGHT] = [150, 92];

/** Depth of the bottom, and of the fish, in these. */
const [BOTTOM, FISH] = [76, 46];

/** How to read the sonar: what each sign is, why it looks so, and what to do. */
export default function SonarGuide({ onClose }: { onClose: () => void }) {
	return (
		<Dialog open onOpenChange={(open) => !open && onClose()} title="Reading the sonar">
			<ul>
				{signs.map(({ title, picture, why, todo }) => (
					<li
						key={title}
						className="grid grid-cols-[112px_minmax(0,1fr)] gap-x-4 border-b border-rule py-3 sm:grid-cols-[150px_minmax(0,1fr)]"
					>
						<svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full rounded-md" aria-hidden="true">
							<rect width={WIDTH} height={HEIGHT} fill="var(--water-deep)" />
							{picture}
						</svg>
						<div>
							<h3 className="text-[17px]">{title}</h3>
							<p className="text-[15px] text-slate">{why}</p>
							<p className="text-[15px]">{todo}</p>
						</div>
					</li>
				))}
			</ul>
		</Dialog>
	);
}

interface Sign {
	title: string;
	picture: ReactNode;
	why: string;
	todo: string;
}

const signs: Sign[] = [
	{
		title: "An arch",
		picture: (
			<>
				<Ground thick={9} />
				<path d={arch(75, FISH, 40)} fill="none" stroke="var(--brass)" strokeWidth="4" strokeLinecap="round" />
			</>
		),
		why: "A fish at the cone's edge is farther away. Under the boat it is nearest.",
		todo: "The top of the arch is its depth. Stop the lure just above it.",
	},
	{
		title: "Half an arch, or a flat streak",
		picture: (
			<>
				<Ground thick={9} />
				<path d={arch(52, FISH, 26, 0)} fill="none" stroke="var(--brass)" strokeWidth="4" strokeLinecap="round" />
				<line x1="96" x2="142" y1="30" y2="31" stroke="var(--brass)" strokeWidth="4" strokeLinecap="round" />
			</>
		),
		why: "Half an arch left the cone, or came into it. A streak stays with you.",
		todo: "Turn toward a half arch. Hold over a streak and drop on it.",
	},
	{
		title: "Hard bottom and soft",
		picture: (
			<>
				<path d={`M0 ${BOTTOM}H75V${BOTTOM + 14}H0Z`} fill="var(--brass)" />
				<path d={`M75 ${BOTTOM}H150V${BOTTOM + 4}H75Z`} fill="var(--brass)" opacity="0.55" />
				<path d="M0 32H75" stroke="var(--brass)" strokeWidth="2" opacity="0.5" />
				<path d={`M0 ${BOTTOM}H150`} stroke="#fff" strokeWidth="1" />
			</>
		),
		why: "Rock throws back a thick, bright band, often with an echo above or below.",
		todo: "Work where the band turns thin: that edge is rock to mud.",
	},
	{
		title: "Fish beside the cone",
		picture: (
			<>
				<Ground thick={9} />
				<path d="M75 0L52 76H98Z" fill="#fff" opacity="0.16" />
				<circle cx="118" cy={FISH + 14} r="3.5" fill="none" stroke="var(--brass)" strokeWidth="2" />
				<path d={arch(75, 66, 13)} fill="none" stroke="var(--brass)" strokeWidth="3" strokeLinecap="round" />
			</>
		),
		why: "A 20° cone is a third as wide as the water is deep. Most fish swim outside it.",
		todo: "An empty screen proves nothing. Drift across, or cast around the boat.",
	},
	{
		title: "A grain with its shadow",
		picture: (
			<>
				<rect width="34" height={HEIGHT} fill="#000" opacity="0.5" />
				<path d={`M34 0H${WIDTH}V${HEIGHT}H34Z`} fill="var(--brass)" opacity="0.22" />
				<ellipse cx="70" cy="40" rx="5" ry="2.2" fill="var(--brass)" />
				<ellipse cx="98" cy="42" rx="9" ry="2.4" fill="#000" opacity="0.75" />
				<ellipse cx="82" cy="66" rx="4" ry="1.8" fill="var(--brass)" />
				<ellipse cx="87" cy="67" rx="5" ry="1.8" fill="#000" opacity="0.75" />
			</>
		),
		why: "From the side a fish is a bright grain. Its shadow falls away from you.",
		todo: "A shadow well apart is a fish off bottom. If they touch, the fish is on bottom.",
	},
	{
		title: "A stripe from the motor",
		picture: (
			<>
				<Ground thick={9} />
				{[0, 1, 2, 3, 4, 5].map((one) => (
					<line
						key={one}
						x1={12 + 24 * one}
						x2={20 + 24 * one}
						y1="0"
						y2={BOTTOM}
						stroke="var(--brass)"
						strokeWidth="1.5"
						opacity="0.6"
					/>
				))}
			</>
		),
		why: "Bubbles and the propeller draw stripes from top to bottom.",
		todo: "Trim the motor up, or slow down, until the picture is clean.",
	},
];

/** The bottom as it is drawn. */
function Ground({ thick }: { thick: number }) {
	return <path d={`M0 ${BOTTOM}H${WIDTH}V${BOTTOM + thick}H0Z`} fill="var(--brass)" opacity="0.8" />;
}

/**
 * What a fish at one depth draws as the boat passes over it: its distance, which is least right under the boat.
 *
 * @param half how far to either side the cone reaches
 * @param until how far on it was followed
 */
function arch(middle: number, depth: number, half: number, until = half): string {
	const points: [number, number][] = [];
	for (let x = -half; x <= until; x += 2) points.push([middle + x, Math.hypot(depth, 1.1 * x)]);
	return through(points);
}
