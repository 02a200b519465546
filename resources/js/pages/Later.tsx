import { Link } from "@inertiajs/react";
import { AnswerColumn } from "../drop/AnswerColumn";
import { ReadingsStrip } from "../readings/ReadingsStrip";
import { useAnswer } from "../readings/useAnswer";
import { AppLayout } from "../shell/AppLayout";
import type { LaterPage } from "../types";

/** A station that is not built yet says so, and leads on. */
export default function Later({ answer, title, will }: LaterPage) {
	const live = useAnswer(answer);
	return (
		<AppLayout
			title={title}
			column={<AnswerColumn answer={live.answer} live={live} />}
			strip={<ReadingsStrip live={live} />}
		>
			<div className="max-w-[60ch] px-4 py-6 lg:px-7">
				<h1 className="text-[25px]">{title} is not built yet</h1>
				<p className="mt-2">{will}</p>
				<p className="mt-2 text-slate">It comes with a later version. Choosing and logging work today.</p>
				<p className="mt-5 flex flex-wrap gap-3">
					<Link
						href="/lure"
						className="figure inline-flex min-h-12 items-center rounded-md bg-ember px-6 text-on-ember"
					>
						Choose a lure
					</Link>
					<Link href="/fish" className="figure inline-flex min-h-12 items-center rounded-md border-2 border-ink px-6">
						Go on fishing
					</Link>
				</p>
			</div>
		</AppLayout>
	);
}
