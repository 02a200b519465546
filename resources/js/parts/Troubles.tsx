/** What was not understood, a sentence for each reading. */
export function Troubles({ troubles }: { troubles: Record<string, string> }) {
	return Object.entries(troubles).map(([name, words]) => (
		<p key={name} role="alert" className="mt-2 border-l-4 border-rowan bg-paper px-3 py-2">
			{words}
		</p>
	));
}
