import { say } from "../parts/words";
import { AppLayout } from "../shell/AppLayout";
import { Done, Due, GearList } from "../tackle/GearLists";
import { LocalRules } from "../tackle/LocalRules";
import { NewGear } from "../tackle/NewGear";
import type { GearPage } from "../types";

/** What is due before the next outing, and the gear beside the lures. */
export default function Gear({ gear, due, history, waters, kinds }: GearPage) {
	return (
		<AppLayout title="Before you go">
			<div className="grid grid-cols-[minmax(0,1fr)] lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<h1 className="text-[25px]">
						{due.length === 0
							? "Nothing is due before you go"
							: say("{due|# thing|# things} before you go", { due: due.length })}
					</h1>
					<Due due={due} />
					<LocalRules waters={waters} />
					<GearList gear={gear} />
					<Done history={history} />
				</div>
				<NewGear kinds={kinds} />
			</div>
		</AppLayout>
	);
}
