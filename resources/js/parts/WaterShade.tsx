/** The colours of the water from light to deep, as a fill to be named by its id. */
export function WaterShade({ id }: { id: string }) {
	return (
		<defs>
			<linearGradient id={id} x1="0" x2="0" y1="0" y2="1">
				<stop offset="0" stopColor="var(--water-top)" />
				<stop offset="0.5" stopColor="var(--water-mid)" />
				<stop offset="1" stopColor="var(--water-deep)" />
			</linearGradient>
		</defs>
	);
}
