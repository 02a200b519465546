import { Dialog } from "../parts/Dialog";

const keys: [string, string][] = [
	["1 – 6", "Water, Lure, Rig, Work, Fish, Look back"],
	["/", "find a station or a page"],
	["?", "this list"],
	["↑ ↓ on a reading", "change it by one step"],
	["← →", "the reading beside it"],
	["Enter on a reading", "type it or choose it"],
	["D T F", "on Fish: drop, bite, fish on"],
	["O S U", "on Fish: foul, snag, undo"],
	["arrows, + − 0", "on the chart: move, zoom in and out, all"],
	["Enter", "on the chart: lay a point in its middle"],
];

export default function KeyList({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
	return (
		<Dialog open={open} onOpenChange={onOpenChange} title="Keys">
			<dl className="mt-2">
				{keys.map(([key, does]) => (
					<div key={key} className="grid grid-cols-[11rem_1fr] border-t border-rule py-2">
						<dt className="font-semibold">{key}</dt>
						<dd>{does}</dd>
					</div>
				))}
			</dl>
		</Dialog>
	);
}
