import { router } from "@inertiajs/react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { Dialog } from "../parts/Dialog";
import { Field } from "../parts/Field";

/** Keeps where one is now as a spot, under the names given. */
export default function KeepSpot({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
	const [names, setNames] = useState({ water: "", spot: "" });
	const [troubles, setTroubles] = useState<Record<string, string>>({});
	return (
		<Dialog
			open={open}
			onOpenChange={onOpenChange}
			title="Keep this as a spot"
			says="With today's depth, bottom and water."
		>
			<form
				onSubmit={(event) => {
					event.preventDefault();
					router.post("/spots", names, {
						preserveScroll: true,
						onError: setTroubles,
						onSuccess: () => {
							setTroubles({});
							onOpenChange(false);
						},
					});
				}}
			>
				<Field
					label="Water"
					data-first
					value={names.water}
					trouble={troubles.water}
					onChange={(event) => setNames({ ...names, water: event.target.value })}
				/>
				<Field
					label="Spot"
					value={names.spot}
					trouble={troubles.spot}
					onChange={(event) => setNames({ ...names, spot: event.target.value })}
				/>
				<Button look="next" size="normal" wide type="submit">
					Keep it
				</Button>
			</form>
		</Dialog>
	);
}
