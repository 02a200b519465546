import { useState } from "react";
import { Check } from "../parts/Check";
import { Trouble } from "../parts/Notice";
import { buzz, isBuzzWanted, wantBuzz } from "./patience";
import { setUsed } from "./position";
import { isScreenWanted, lacksScreen, wantScreen } from "./screen";
import { usePosition } from "./usePosition";

/** What this phone tells Eskith, and what that costs; off until it is chosen here or pressed where it is needed. */
export function ThisPhone() {
	const { used, trouble, fix } = usePosition();
	return (
		<>
			<Check checked={used} onChange={setUsed}>
				Say where it is
			</Check>
			<p className="max-w-[60ch] pt-1 text-[15px] text-slate">
				Marks lie where you pressed, the chart shows the boat, Water tells its drift, and an outing keeps where it went.
				It&rsquo;s asked only while Fish, Water or Places is open, and costs battery. It goes into your own record,
				nowhere else.
			</p>
			<p className="max-w-[60ch] pt-1 text-[15px] text-slate">
				Browsers tell it only to https addresses; docs/running-it.md says how to have one at home.
			</p>
			{used && trouble && <Trouble words={trouble} />}
			{used && !trouble && (
				<p className="pt-1 text-[15px]">{fix ? "This phone says where it is." : "One moment, it finds itself."}</p>
			)}
			<Screen />
			<Buzz />
		</>
	);
}

function Buzz() {
	const [wanted, setWanted] = useState(isBuzzWanted);
	return (
		<div className="pt-2">
			<Check
				checked={wanted}
				onChange={(next) => {
					wantBuzz(next);
					setWanted(next);
					if (next) buzz();
				}}
			>
				Buzz when it&rsquo;s time to change or move
			</Check>
			<p className="max-w-[60ch] pt-1 text-[15px] text-slate">
				Once, with a quiet tone, on whatever page is open. It costs hardly anything.
			</p>
		</div>
	);
}

function Screen() {
	const [wanted, setWanted] = useState(isScreenWanted);
	const lacking = wanted ? lacksScreen() : null;
	return (
		<div className="pt-2">
			<Check
				checked={wanted}
				onChange={(next) => {
					wantScreen(next);
					setWanted(next);
				}}
			>
				Keep the screen on in an outing
			</Check>
			<p className="max-w-[60ch] pt-1 text-[15px] text-slate">
				On Fish, while an outing is under way. It costs battery.
			</p>
			{lacking && <Trouble words={lacking} />}
		</div>
	);
}
