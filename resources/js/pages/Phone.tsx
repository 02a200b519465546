import { Link } from "@inertiajs/react";
import { type ReactNode, useState } from "react";
import { Check } from "../parts/Check";
import { Trouble } from "../parts/Notice";
import { ALLOWED, useAllowed } from "../phone/allowed";
import { buzz, isBuzzWanted, wantBuzz } from "../phone/patience";
import { setUsed } from "../phone/position";
import { isScreenWanted, lacksScreen, wantScreen } from "../phone/screen";
import { usePosition } from "../phone/usePosition";
import { AppLayout } from "../shell/AppLayout";

/** What this phone is used for, what it is allowed, and what that costs. */
export default function Phone() {
	const position = usePosition();
	const [buzzes, setBuzzes] = useState(isBuzzWanted);
	return (
		<AppLayout title="This phone">
			<div className="max-w-[720px] px-4 py-5 lg:px-7">
				<h1 className="text-[25px]">{headline(position, buzzes)}</h1>
				<p className="mt-1 text-slate">Kept on this device alone.</p>
				<ul className="mt-4">
					<Where {...position} />
					<Screen />
					<Buzz wanted={buzzes} onWant={setBuzzes} />
					<Use
						name="Lean and direction"
						allowed={useAllowed(null, "DeviceMotionEvent" in window)}
						why="Hold it along the line, or point it into the wind, on Water."
						cost="Only when you press."
					/>
					<Use
						name="Pictures"
						allowed="granted"
						why="Through the phone's own camera or files. Place and time are taken out."
						cost="Up to 350 kB each, kept here until sent."
					/>
				</ul>
				<p className="max-w-[60ch] border-t border-rule pt-3 text-[15px]">Nothing runs while its page is closed.</p>
				<Secure />
				<p className="mt-6 border-t border-rule pt-3">
					<Link href="/settings" className="inline-flex min-h-11 items-center underline underline-offset-4">
						Settings
					</Link>
				</p>
			</div>
		</AppLayout>
	);
}

function headline(
	{ used, trouble }: Pick<ReturnType<typeof usePosition>, "used" | "trouble">,
	buzzes: boolean,
): string {
	if (used) return trouble ? "This phone cannot say where it is" : "This phone says where it is";
	return buzzes ? "This phone only tells you when time is up" : "This phone tells Eskith nothing";
}

interface UseProps {
	name: string;
	allowed: keyof typeof ALLOWED;
	why: string;
	cost: string;
	/** How it is turned on and off; without one it is asked for where it is used. */
	children?: ReactNode;
}

function Use({ name, allowed, why, cost, children }: UseProps) {
	return (
		<li className="border-t border-rule py-3">
			{children ?? <h2 className="text-[17px]">{name}</h2>}
			<p className="max-w-[60ch] pt-1 text-[15px]">{why}</p>
			<p className="max-w-[60ch] text-[15px] text-slate">{cost}</p>
			{/* The browser says it a moment later: its place is kept. */}
			<p className="min-h-[23px] max-w-[60ch] text-[15px] text-slate">{ALLOWED[allowed]}</p>
		</li>
	);
}

function Where({ used, trouble, fix }: ReturnType<typeof usePosition>) {
	return (
		<Use
			name="Where it is"
			allowed={useAllowed("geolocation", "geolocation" in navigator)}
			why="Marks land where you press. The chart shows the boat and its drift."
			cost="Asked only on Fish, Water and Places. Costs battery. Stays in your record."
		>
			<Check checked={used} onChange={setUsed}>
				Say where it is
			</Check>
			{used && trouble && <Trouble words={trouble} />}
			{used && !trouble && !fix && <p className="pt-1 text-[15px]">One moment, finding where it is.</p>}
		</Use>
	);
}

function Screen() {
	const [wanted, setWanted] = useState(isScreenWanted);
	const lacking = wanted ? lacksScreen() : null;
	return (
		<Use
			name="Screen"
			allowed={useAllowed(null, "wakeLock" in navigator)}
			why="Fish stays in sight."
			cost="Costs battery."
		>
			<Check
				checked={wanted}
				onChange={(next) => {
					wantScreen(next);
					setWanted(next);
				}}
			>
				Keep the screen on in an outing
			</Check>
			{lacking && <Trouble words={lacking} />}
		</Use>
	);
}

function Buzz({ wanted, onWant }: { wanted: boolean; onWant: (wanted: boolean) => void }) {
	return (
		<Use name="Buzz" allowed="granted" why="With a quiet tone, on any page." cost="Costs hardly anything.">
			<Check
				checked={wanted}
				onChange={(next) => {
					wantBuzz(next);
					onWant(next);
					if (next) buzz();
				}}
			>
				Buzz when it&rsquo;s time to change or move
			</Check>
		</Use>
	);
}

/** How an address is had at which a browser gives all of this. */
function Secure() {
	const secure = window.isSecureContext;
	return (
		<section className="mt-5 border-t border-rule pt-3">
			<h2 className="text-[19px]">{secure ? "This address is secure" : "This address is not secure"}</h2>
			<p className="max-w-[60ch] pt-1 text-[15px]">
				{secure
					? "The browser gives this page all that you allow it."
					: "Browsers give position, screen and sensors only to https addresses."}
			</p>
			{!secure && (
				<ol className="max-w-[60ch] list-decimal pl-5 text-[15px]">
					<li>On the machine that runs Eskith, make a certificate of your own.</li>
					<li>Let its web server use it, then open Eskith by https.</li>
					<li>Bring the certificate to this phone and trust it there.</li>
				</ol>
			)}
			<p className="max-w-[60ch] pt-1 text-[15px] text-slate">docs/running-it.md has each step, tried with nginx.</p>
		</section>
	);
}
