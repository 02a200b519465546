import { Link, router } from "@inertiajs/react";
import { LogFiles } from "../outings/LogFiles";
import { Button } from "../parts/Button";
import { Notice } from "../parts/Notice";
import { dayOf, say } from "../parts/words";
import { AppLayout } from "../shell/AppLayout";
import type { OutingsPage } from "../types";

/** All outings, newest first, and the files they go out and come in as. */
export default function Outings({ outings, years, takenAway }: OutingsPage) {
	return (
		<AppLayout title="Outings">
			<div className="grid grid-cols-[minmax(0,1fr)] lg:h-full lg:grid-cols-[minmax(0,1fr)_324px]">
				<div className="px-4 py-4 lg:overflow-y-auto lg:px-7">
					<h1 className="text-[25px]">
						{outings.length === 0
							? "No outing is kept yet"
							: say("{outings|# outing|# outings} kept", { outings: outings.length })}
					</h1>
					{takenAway && (
						<Notice tone="done" className="mt-3 flex flex-wrap items-center justify-between gap-x-4 py-2">
							{say("The outing at {word} was taken away.", { word: takenAway.word })}
							<Button look="strong" size="normal" onClick={() => router.put(`/outings/${takenAway.value}/back`)}>
								Bring it back
							</Button>
						</Notice>
					)}
					<ul className="mt-3">
						{outings.map((outing) => (
							<li key={outing.uuid} className="border-b border-rule">
								<Link
									href={`/outings/${outing.uuid}`}
									className="grid min-h-14 grid-cols-[104px_minmax(0,1fr)] items-center gap-3 py-1.5"
								>
									<time dateTime={outing.startedAt} className="text-slate">
										{dayOf(outing.startedAt)}
									</time>
									<span>
										<b className="font-semibold underline underline-offset-4">{outing.place}</b>
										{outing.underWay && <span className="text-ember-deep"> · under way</span>}
										<span className="block text-[15px] text-slate">{outing.words}</span>
										{outing.note && <span className="block text-[15px]">{outing.note}</span>}
									</span>
								</Link>
							</li>
						))}
					</ul>
				</div>
				<LogFiles years={years} />
			</div>
		</AppLayout>
	);
}
