import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { Notice, Trouble } from "../parts/Notice";
import { say } from "../parts/words";
import { useMeasure } from "../readings/useMeasure";
import type { PickData, ReadingData } from "../types";

/** The tip travel to the first vibration, measured: it replaces the estimate until it is taken away under Water. */
export function StartPart({ pick, readings }: { pick: PickData; readings: Record<string, ReadingData> }) {
	const { form, keep, here } = useMeasure("start", pick, readings);
	const errors: Record<string, string | undefined> = form.errors;
	return (
		<form noValidate onSubmit={keep} className="mt-5">
			<Field
				label="Tip travel to the first vibration"
				hint={say("Lure on the bottom, line just straight: lift the {spoken} slowly until you feel it.", {
					spoken: pick.spoken,
				})}
				placeholder="2 in"
				value={form.data.travel}
				trouble={errors.travel}
				onChange={(event) => form.setData("travel", event.target.value)}
			/>
			<Trouble words={errors.depth ?? errors.pick ?? errors.uuid} className="pb-2" />
			<Button type="submit" look="plain" disabled={form.processing}>
				Keep this measurement
			</Button>
			{here && <Notice tone="done">{here}</Notice>}
		</form>
	);
}
