import { Link } from "@inertiajs/react";
import { Trouble } from "../parts/Notice";
import { useAsk } from "../parts/useAsk";
import type { PlacesFishedData } from "../types";

/** What bit where: each wall and edge by what of it was fished, asked for once it is looked at. */
export default function PlaceView() {
	const { answer, trouble } = useAsk<PlacesFishedData>("/look-back/places");
	if (!answer) return trouble ? <Trouble words={trouble} /> : <p className="text-slate">One moment.</p>;
	return (
		<>
			<p className="figure text-[19px]">{answer.headline}</p>
			<p className="pt-1 text-slate">{answer.under}</p>
			{answer.waters.map((water) => (
				<section key={water.id} aria-label={water.name} className="mt-4">
					<h2 className="text-[18px]">
						<Link href={`/places/${water.id}`} className="underline underline-offset-4">
							{water.name}
						</Link>
					</h2>
					<ul>
						{water.lines.map((line) => (
							<li
								key={`${line.name} ${line.fished}`}
								className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 border-b border-rule py-1.5 text-[15px]"
							>
								<span>
									<b className="font-semibold">{line.name}</b>
									<span className="block text-[14px] text-slate">{line.fished}</span>
								</span>
								<span className="text-right">
									{line.bites}
									<span className="block text-[14px] text-slate">{line.doubt}</span>
								</span>
							</li>
						))}
					</ul>
				</section>
			))}
		</>
	);
}
